import { createServer, type AddressInfo, type Socket } from "node:net";
import { runOnce } from "graphile-worker";
import pg from "pg";
import { SMTPServer, type SMTPServerOptions } from "smtp-server";
import { demoBase } from "@/testing/demo-base";
import { messagesOf } from "@/server/db/messages";
import { sendLinkByHand, sendOnceMore } from "@/server/messages/by-hand";
import { writeTo } from "@/server/messages/write";
import { freeJobs } from "@/server/db/message-queue";
import { mailServerSet, sendMail, type MailServer } from "./mail";
import { keepMessages, sendingOf } from "./keep";

const base = demoBase("messages");
const ownerUrl = () =>
  Object.assign(new URL(process.env.BRINECOVE_TEST_SERVER ?? ""), { pathname: "/brinecove_unit_messages" }).href;

/** A mail server on loopback that keeps what it gets, and can be told to behave badly. */
class Mailbox {
  mails: string[] = [];
  behave: SMTPServerOptions = {};
  private readonly server: SMTPServer;
  constructor() {
    this.server = new SMTPServer({
      authOptional: true,
      disabledCommands: ["STARTTLS"],
      onRcptTo: (address, session, done) =>
        this.behave.onRcptTo ? this.behave.onRcptTo.call(this.server, address, session, done) : done(),
      onData: (stream, session, done) => {
        const chunks: Buffer[] = [];
        stream.on("data", (chunk: Buffer) => chunks.push(chunk));
        stream.on("end", () => {
          this.mails.push(Buffer.concat(chunks).toString("utf8"));
          if (this.behave.onData) this.behave.onData.call(this.server, stream, session, done);
          else done();
        });
      },
      logger: false,
    });
    this.server.on("error", () => undefined);
  }
  open = () => new Promise<void>((done) => this.server.listen(0, "127.0.0.1", () => done()));
  cutLines = () => {
    for (const { _socket } of this.server.connections as unknown as Set<{ _socket: Socket }>) _socket.destroy();
  };
  close = () => new Promise<void>((done) => this.server.close(() => done()));
  set = (): MailServer => ({
    url: `smtp://127.0.0.1:${(this.server.server.address() as AddressInfo).port}`,
    from: "quay@sallow.example",
  });
}

const mailbox = new Mailbox();
let stayId: string;
beforeAll(async () => {
  await mailbox.open();
  process.env.SMTP_URL = "smtp://set";
  process.env.ORIGIN = "https://brinecove.example";
  await base.asOwner("update base set is_demo = false");
  stayId = await base.stayOf("BR-1058");
  await base.asOwner("update person set phone = '+000 555 0199' where name = 'Jory Fenn'");
});
afterAll(async () => {
  delete process.env.SMTP_URL;
  delete process.env.ORIGIN;
  await mailbox.close();
});
beforeEach(() => {
  mailbox.mails = [];
  mailbox.behave = {};
});

// several workers that come to one queue at once may each leave it to the other, and look again later: here nobody does
const work = (server: MailServer | null = mailbox.set()) =>
  runOnce({ ...sendingOf(ownerUrl(), server), concurrency: 1 });
const states = (id: string) =>
  base
    .asOwner<{ state: string }>("select state from message_state where message_id = $1 order by number", [id])
    .then((rows) => rows.map(({ state }) => state));
const write = async () => {
  const [written] = await base.inBase((db) => writeTo(db, stayId, "what-to-bring"));
  if (!written) throw new Error("nothing was written");
  return written.id;
};
/** what an attempt that failed waits for is over */
const letTimePass = () => base.asOwner("update graphile_worker._private_jobs set run_at = now()");
const stateNow = async (id: string) =>
  (await base.inBase((db) => messagesOf(db, stayId))).find((each) => each.id === id);

describe("a message that leaves the house", () => {
  it("is sent once, in the charter's words, under the house's address", async () => {
    const id = await write();
    expect(await states(id)).toEqual(["queued"]);
    await work();
    await work();
    expect(await states(id)).toEqual(["queued", "sending", "sent"]);
    expect(mailbox.mails).toHaveLength(1);
    expect(mailbox.mails[0]).toContain(`Message-ID: <${id}@sallow.example>`);
    expect(mailbox.mails[0]).toMatch(/^From: .*quay@sallow\.example/m);
    expect((await stateNow(id))?.detail).toMatch(/^250 /);
  });

  it("is given up where the mailbox is none, with what the server said", async () => {
    mailbox.behave.onRcptTo = (_address, _session, done) =>
      done(Object.assign(new Error("no such mailbox"), { responseCode: 550 }));
    const id = await write();
    await work();
    await letTimePass();
    await work();
    expect(await states(id)).toEqual(["queued", "sending", "given-up"]);
    expect((await stateNow(id))?.detail).toContain("no such mailbox");
  });

  it("waits where the server is busy or away, and goes out when it is back", async () => {
    mailbox.behave.onRcptTo = (_address, _session, done) =>
      done(Object.assign(new Error("come later"), { responseCode: 451 }));
    const id = await write();
    await work();
    await letTimePass();
    await work({ ...mailbox.set(), url: "smtp://127.0.0.1:9" });
    expect(await states(id)).toEqual(["queued", "sending", "failed", "sending", "failed"]);
    mailbox.behave = {};
    await letTimePass();
    await work();
    expect((await states(id)).at(-1)).toBe("sent");
    expect(mailbox.mails).toHaveLength(1);
  });

  it("is unclear where the line breaks after the server had it, and goes out again on a person's word alone", async () => {
    // the server has the words and dies before it says so
    mailbox.behave.onData = () => mailbox.cutLines();
    const id = await write();
    await work();
    await letTimePass();
    await work();
    expect(await states(id)).toEqual(["queued", "sending", "unclear"]);
    expect(mailbox.mails).toHaveLength(1);
    mailbox.behave = {};
    await base.inBase((db) => sendOnceMore(db, id));
    await work();
    expect((await states(id)).slice(-3)).toEqual(["queued", "sending", "sent"]);
    expect(mailbox.mails).toHaveLength(2);
    await expect(base.inBase((db) => sendOnceMore(db, id))).rejects.toMatchObject({ code: "message-not-over" });
  });

  it("is not sent a second time by itself where the process was killed while it was on its way", async () => {
    const id = await write();
    await base.asOwner(
      "insert into message_state (base_id, message_id, number, state, at) select base_id, id, 2, 'sending', now() from outbox_message where id = $1",
      [id],
    );
    await base.asOwner(
      "update graphile_worker._private_jobs set locked_at = now(), locked_by = 'killed-worker' where key = $1",
      [id],
    );
    await work();
    expect(await states(id)).toEqual(["queued", "sending"]);
    const owner = new pg.Client({ connectionString: ownerUrl() });
    await owner.connect();
    await freeJobs(owner);
    await owner.end();
    await work();
    expect(await states(id)).toEqual(["queued", "sending", "unclear"]);
    expect(mailbox.mails).toHaveLength(0);
  });

  it("never leaves the house of the demo, even where it stood in the queue before", async () => {
    const id = await write();
    await base.asOwner("update base set is_demo = true");
    await work();
    expect(await states(id)).toEqual(["queued", "simulated"]);
    const later = await write();
    expect(await states(later)).toEqual(["simulated"]);
    await base.asOwner("update base set is_demo = false");
    expect(mailbox.mails).toHaveLength(0);
  });

  it("does not wait for ever for a server that says nothing", async () => {
    const sockets: Socket[] = [];
    const silent = createServer((socket) => sockets.push(socket));
    await new Promise<void>((done) => silent.listen(0, "127.0.0.1", done));
    const { port } = silent.address() as AddressInfo;
    const came = await sendMail(
      { url: `smtp://127.0.0.1:${port}`, from: "a@b.example" },
      { id: "x", fromName: "B", to: { name: "A", address: "c@d.example" }, subject: "s", words: "w", files: [] },
      { connect: 500, greeting: 500, silence: 500 },
    );
    expect(came).toMatchObject({ outcome: "broken", handedOver: false });
    sockets.forEach((socket) => socket.destroy());
    await new Promise((done) => silent.close(done));
  });
});

describe("link and PIN of a boat book", () => {
  it("go by two ways, stand in no list, and the link is forgotten once it is sent", async () => {
    const sent = await base.inBase((db) => sendLinkByHand(db, stayId));
    expect(sent.written.map(({ kind, state }) => [kind, state])).toEqual([
      ["book-link", "queued"],
      ["book-pin", "simulated"],
    ]);
    // the mail takes the link out; the text stays, so the PIN is told by telephone
    expect([sent.link, sent.pin]).toEqual([null, expect.stringMatching(/^\d{6}$/)]);
    const kept = JSON.stringify([
      await base.asOwner("select * from outbox_message"),
      await base.asOwner("select * from deed"),
    ]);
    const [{ value: link = "" } = {}] = await base.asOwner<{ value: string }>("select value from message_secret");
    expect(link).toMatch(/^https:\/\/brinecove\.example\/book.*#[\w-]{20,}$/);
    expect(kept).not.toContain(link.split("#")[1]);
    expect(kept).not.toContain(sent.pin);
    await work();
    // quoted-printable breaks long lines
    expect(mailbox.mails[0]?.replaceAll("=\r\n", "").replaceAll("=3D", "=")).toContain(link);
    expect(await base.asOwner("select 1 from message_secret")).toEqual([]);
    const message = (await base.inBase((db) => messagesOf(db, stayId))).find(({ kind }) => kind === "book-link");
    await base.asOwner(
      "insert into message_state (base_id, message_id, number, state, at) select base_id, id, 9, 'given-up', now() from outbox_message where id = $1",
      [message?.id],
    );
    await expect(base.inBase((db) => sendOnceMore(db, message?.id ?? ""))).rejects.toMatchObject({
      code: "message-was-secret",
    });
  });

  it("cannot be read by the app's own role before it is sent", async () => {
    await expect(base.inBase((db) => db.query("select * from message_secret"))).rejects.toThrow("permission denied");
    await expect(base.inBase((db) => db.query("select * from graphile_worker._private_jobs"))).rejects.toThrow(
      "permission denied",
    );
  });
});

describe("the process that sends", () => {
  it("is one of two on one database; when it ends the other takes over", async () => {
    const first = keepMessages(ownerUrl(), mailbox.set());
    const id = await write();
    const until = async (what: () => Promise<boolean>) => {
      for (let tries = 0; tries < 100 && !(await what()); tries++) await new Promise((done) => setTimeout(done, 100));
    };
    await until(async () => (await states(id)).includes("sent"));
    expect(await states(id)).toEqual(["queued", "sending", "sent"]);
    const second = keepMessages(ownerUrl(), mailbox.set());
    await first.stop();
    await second.stop();
    expect(mailbox.mails).toHaveLength(1);
  });
});

it.each([
  [{ SMTP_URL: "mail.example" }, "SMTP_URL is no address"],
  [{ SMTP_URL: "smtp://mail.example" }, "SMTP_FROM"],
  [{ SMTP_URL: "smtp://mail.example", SMTP_FROM: "quay@sallow.example" }, "ORIGIN"],
])("a mail server set with %j is refused with what is missing", (env, words) => {
  expect(() => mailServerSet(env as unknown as NodeJS.ProcessEnv)).toThrow(words);
  expect(mailServerSet({} as NodeJS.ProcessEnv)).toBeNull();
});
