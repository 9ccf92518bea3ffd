import { createServer, type IncomingHttpHeaders } from "node:http";
import type { AddressInfo } from "node:net";
import { runOnce } from "graphile-worker";
import { Webhook } from "standardwebhooks";
import { hookKinds, mostCalls, stateOfCall } from "@/core/programs/hook-kinds";
import { callOff } from "@/server/charters/call-off";
import { enterNewCharter } from "@/server/charters/enter";
import { findStay } from "@/server/db/charters";
import { endHook, keepHook, programsView, tellAgain, tryHook } from "@/server/programs/programs";
import { demoBase } from "@/testing/demo-base";
import { sendingOf } from "./keep";

const base = demoBase("hooks");
const ownerUrl = () =>
  Object.assign(new URL(process.env.BRINECOVE_TEST_SERVER ?? ""), { pathname: "/brinecove_unit_hooks" }).href;

/** A program that listens on loopback, and can be told to answer otherwise. */
let got: { headers: IncomingHttpHeaders; body: string }[] = [];
let status = 204;
let headers: Record<string, string> = {};
const listener = createServer((request, answer) => {
  let body = "";
  request.on("data", (part: Buffer) => (body += part.toString()));
  request.on("end", () => {
    got.push({ headers: request.headers, body });
    answer.writeHead(status, headers).end();
  });
});
let address = "";
let by = "";
let hook: { id: string; secret: string };

beforeAll(async () => {
  await new Promise<void>((done) => listener.listen(0, "127.0.0.1", done));
  address = `http://127.0.0.1:${(listener.address() as AddressInfo).port}/told`;
  process.env.BRINECOVE_FEEDS_FROM_NEAR = "yes";
  await base.asOwner("update base set is_demo = false");
  by = await base.person("Senna Ruhl");
  hook = await base.inBase((db) => keepHook(db, { name: "Ledger", address, kinds: [...hookKinds] }, by));
});
afterAll(async () => {
  delete process.env.BRINECOVE_FEEDS_FROM_NEAR;
  await new Promise((done) => listener.close(done));
});
beforeEach(() => {
  [got, status, headers] = [[], 204, {}];
});

// as in the test of messages
const work = () => runOnce({ ...sendingOf(ownerUrl(), null), concurrency: 1 });
const letTimePass = () => base.asOwner("update graphile_worker._private_jobs set run_at = now() where attempts > 0");
const calls = async () => (await base.inBase(programsView)).calls;
const enter = (reference: string, fromDay: string, toDay: string) =>
  base.inBase((db) =>
    enterNewCharter(
      db,
      {
        ...{
          reference,
          yacht: "quillback",
          fromDay,
          outAt: "17:00",
          toDay,
          backAt: "09:00",
          aboard: 2,
          language: "en",
        },
        ...{
          charterer: { id: null, name: "Tam Orrin", email: "", phone: "" },
          skipper: null,
          terms: "usual",
          extras: [],
        },
      },
      by,
    ),
  );

describe("an address that is told what happens", () => {
  it("is called once for each thing, signed so that the receiver knows it, and is told nobody's name", async () => {
    await enter("H-1", "2027-09-04", "2027-09-11");
    await work();
    await work();
    expect(got).toHaveLength(1);
    const [call] = got as [(typeof got)[0]];
    const told = new Webhook(hook.secret).verify(call.body, call.headers as Record<string, string>);
    expect(told).toEqual({
      type: "charter-entered",
      timestamp: expect.stringMatching(/^2027-06-12T/) as string,
      data: { charter: "H-1", yacht: "quillback" },
    });
    expect(() =>
      new Webhook(hook.secret).verify(call.body.replace("H-1", "H-2"), call.headers as Record<string, string>),
    ).toThrow();
    expect(call.body).not.toContain("Orrin");
    expect((await calls())[0]).toMatchObject({
      hook: "Ledger",
      charter: "H-1",
      state: "told",
      detail: "204",
      calls: 1,
    });
  });

  it("is told what was called off, and nothing of what was taken back with its transaction", async () => {
    const stay = await base.inBase((db) => findStay(db, { reference: "H-1" }));
    await base
      .inBase(async (db) => {
        await callOff(db, stay?.stayId ?? "", { onNumber: 0, to: "cancelled", why: "ill", told: "" }, by);
        throw new Error("taken back");
      })
      .catch(() => undefined);
    await work();
    expect(got).toHaveLength(0);
    await base.inBase((db) =>
      callOff(db, stay?.stayId ?? "", { onNumber: 0, to: "cancelled", why: "ill", told: "" }, by),
    );
    await work();
    expect(got.map(({ body }) => (JSON.parse(body) as { type: string }).type)).toEqual(["charter-called-off"]);
  });

  it("is called again where it was away, under the same id, and is told when it is back", async () => {
    status = 503;
    await enter("H-2", "2027-09-18", "2027-09-25");
    await work();
    expect((await calls())[0]).toMatchObject({ charter: "H-2", state: "failed", detail: "503", calls: 1 });
    status = 200;
    await letTimePass();
    await work();
    expect((await calls())[0]).toMatchObject({ charter: "H-2", state: "told", calls: 2 });
    expect(new Set(got.map(({ headers: sent }) => sent["webhook-id"])).size).toBe(1);
  });

  it("is given up where it says that it is gone, and called again on a person's word", async () => {
    status = 410;
    await enter("H-3", "2027-10-02", "2027-10-09");
    await work();
    await letTimePass();
    await work();
    expect(got).toHaveLength(1);
    const [given] = await calls();
    expect(given).toMatchObject({ charter: "H-3", state: "given-up", detail: "410" });
    status = 200;
    await base.inBase((db) => tellAgain(db, given?.id ?? ""));
    await work();
    expect((await calls())[0]).toMatchObject({ charter: "H-3", state: "told", calls: 2 });
  });

  it("is not followed elsewhere, and not waited for without end", async () => {
    status = 302;
    headers = { location: address };
    await base.inBase((db) => tryHook(db, hook.id));
    await work();
    expect(got).toHaveLength(1);
    expect((await calls()).find(({ kind }) => kind === "test")).toMatchObject({ state: "failed", detail: "302" });
  });

  it("is not called where it lies in the house's own network, whatever its name says", async () => {
    delete process.env.BRINECOVE_FEEDS_FROM_NEAR;
    try {
      for (const near of [
        address,
        "http://[::1]/x",
        "http://10.0.0.7/x",
        "ftp://ledger.example/x",
        "told",
        "file:///etc",
      ])
        await expect(
          base.inBase((db) => keepHook(db, { name: "Near", address: near, kinds: ["charter-entered"] }, by)),
        ).rejects.toMatchObject({ code: "hook-address", where: "address" });
      const local = { name: "Local", address: "http://localhost:1/x", kinds: ["charter-entered" as const] };
      const { id } = await base.inBase((db) => keepHook(db, local, by));
      await base.inBase((db) => tryHook(db, id));
      await work();
      expect((await calls()).find((call) => call.hook === "Local")).toMatchObject({ state: "failed", detail: "near" });
      await base.inBase((db) => endHook(db, id));
    } finally {
      process.env.BRINECOVE_FEEDS_FROM_NEAR = "yes";
    }
  });

  it("is called by no demo, and not once it was ended", async () => {
    await base.asOwner("update base set is_demo = true");
    await base.inBase((db) => tryHook(db, hook.id));
    await work();
    expect((await calls())[0]).toMatchObject({ kind: "test", state: "simulated" });
    await base.asOwner("update base set is_demo = false");
    await base.inBase((db) => tryHook(db, hook.id));
    await base.inBase((db) => endHook(db, hook.id));
    await letTimePass();
    await work();
    expect(got).toHaveLength(0);
    for (const ask of [
      () => base.inBase((db) => tryHook(db, hook.id)),
      () => base.inBase((db) => endHook(db, hook.id)),
      () => base.inBase((db) => tellAgain(db, hook.id)),
    ])
      await expect(ask()).rejects.toMatchObject({ status: 404 });
  });

  it("has its secret read by nobody but who calls", async () => {
    await expect(base.inBase((db) => db.query("select secret from hook"))).rejects.toThrow("permission denied");
    await expect(base.inBase((db) => db.query("select queue_hook_event($1, $1)", [hook.id]))).rejects.toThrow(
      "permission denied",
    );
  });
});

describe("how a call stands", () => {
  it.each([
    [200, 1, "told"],
    [299, mostCalls, "told"],
    [302, 1, "failed"],
    [null, 1, "failed"],
    [500, mostCalls - 1, "failed"],
    [500, mostCalls, "given-up"],
    [null, mostCalls, "given-up"],
    [410, 1, "given-up"],
  ] as const)("after %s at call %s: %s", (came, attempt, state) => {
    expect(stateOfCall(came, attempt)).toBe(state);
  });
});
