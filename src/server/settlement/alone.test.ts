import { execFileSync } from "node:child_process";
import { wordsToSign } from "@/testing/statement";
import { demoBase } from "@/testing/demo-base";
import { witnessedSignatures } from "@/testing/signing";
import { simulatedTerminal, type SimulatedCard } from "@/stand-ins/deposit-terminal";
import { boatBook } from "../book/boat-book";
import { findStay } from "../db/charters";
import { messagesOf } from "../db/messages";
import { depositEvents, terminalBook } from "../db/deposits";
import { todayRow } from "../desk/today";
import { statementPdf } from "../pdf/statement";
import { agree, closeDeposit, object } from "./conclude";
import { decide } from "./decide";
import { putExtra } from "./put-extra";
import { signSettlement, type SettlementSigning } from "./sign";
import { settlementView } from "./view";

const base = demoBase("alone");
let stay: string;
let ilko: string;
const handle = "missing:count:winch-handle";
const fuel = "reading-changed:reading:fuel";
let water: string;

/** What poppler reads on the statement. */
const paper = async () =>
  execFileSync("pdftotext", ["-layout", "-", "-"], { input: (await base.inBase((db) => statementPdf(db, stay))).bytes })
    .toString()
    .replaceAll(/\s+/g, " ");
const view = () => base.inBase((db) => settlementView(db, stay));
const terminal = (card: SimulatedCard, db: Parameters<typeof terminalBook>[0]) =>
  simulatedTerminal(terminalBook(db), card);
const events = async () =>
  (await base.inBase((db) => depositEvents(db, stay))).map((event) => [event.kind, event.amountMinor]);
const at = async <T>(instant: string, work: () => Promise<T>): Promise<T> => {
  const before = process.env.BRINECOVE_NOW;
  process.env.BRINECOVE_NOW = instant;
  try {
    return await work();
  } finally {
    process.env.BRINECOVE_NOW = before;
  }
};
const absent = { reason: "absent", words: "Flight at six, keys in the box." } as const;
const signing = async (
  change: Partial<SettlementSigning> = {},
  witness = "Tarn Holloway",
): Promise<SettlementSigning> => ({
  digest: (await view()).digest,
  words: await base.inBase((db) => wordsToSign(db, stay, { without: absent, witness, who: "charterer" })),
  reservations: [],
  without: absent,
  ...witnessedSignatures({ person: ilko, name: "Ilko Brand" }, witness),
  ...change,
});
const sign = async (request: SettlementSigning) =>
  base.inBase((db) => signSettlement(db, stay, request, terminal("approves", db), ilko));

beforeAll(async () => {
  stay = await base.stayOf("BR-1050");
  ilko = await base.person("Ilko Brand");
  // the headsail was not tried, and nobody could look below the water: the rest costs nothing
  for (const { difference, needs } of (await view()).proposals)
    if (needs) await base.inBase((db) => decide(db, stay, difference.id, { charge: false }, "old", ilko));
  water = await base.inBase((db) =>
    putExtra(db, stay, null, { kind: "below-water", amountMinor: 40000, until: "2027-06-19T18:00:00.000Z" }, "", ilko),
  );
});

describe("a statement that the charterer does not sign", () => {
  it("needs a witness who is not the signer, and takes no reservation for who is not there", async () => {
    await expect(signing({}, "ilko brand ").then(sign)).rejects.toMatchObject({
      status: 422,
      code: "own-witness",
      where: "/contents/witness",
    });
    await expect(signing({}, " ").then(sign)).rejects.toMatchObject({ code: "signature-blank" });
    await expect(signing({ reservations: [{ line: handle, words: "no" }] }).then(sign)).rejects.toMatchObject({
      code: "not-there",
    });
    const both = await signing();
    await expect(sign({ ...both, without: null })).rejects.toMatchObject({ code: "signature-missing" });
    expect((await view()).signed).toBeNull();
  });

  it("gives back what is neither due nor held, takes nothing while lines may be objected to, and sends a copy at once with the time to object", async () => {
    await sign(await signing());
    // handle 42.29 and fuel 129.50 may be objected to, 400.00 kept for below the water: 2500.00 − 571.79 goes back
    expect(await events()).toEqual([
      ["held", 250000],
      ["released", 192821],
    ]);
    const { signed, after } = await view();
    expect([signed?.without, signed?.objectUntil]).toEqual([
      { reason: "absent", words: "Flight at six, keys in the box." },
      "2027-06-26T10:12:00.000Z",
    ]);
    expect(
      after?.concluded.lines.filter((line) => line.state !== "closed").map(({ id, state }) => [id, state]),
    ).toEqual(
      expect.arrayContaining([
        [handle, "may-be-objected"],
        [fuel, "may-be-objected"],
        [water, "held"],
      ]),
    );
    const sent = await base.inBase((db) => messagesOf(db, stay));
    expect(sent.map(({ toName, toAddress }) => [toName, toAddress]).sort()).toEqual([
      ["Nils Arrowby", "nils.arrowby@crew.example"],
      ["Petra Arrowby", "petra.arrowby@crew.example"],
    ]);
    expect(sent[0]?.words).toMatch(
      /You were not there.*“Flight at six, keys in the box.”.*Until 26 June 2027 at 10:12 you can object/,
    );
    await expect(base.asOwner("delete from outbox_message")).rejects.toThrow("is refused");
  });

  it("stays on Today as a sum still held, and in the boat book with what may be objected to", async () => {
    const row = await base.inBase(async (db) =>
      todayRow((await findStay(db, { stayId: stay }))!, "2027-06-12T10:12:00.000Z"),
    );
    expect([row.next, row.verdict]).toEqual(["clear-up", "watch"]);
    const [charter] = await base.asOwner<{ id: string }>("select charter_id as id from stay where id = $1", [stay]);
    const { settlement } = await base.inBase((db) => boatBook(db, charter?.id ?? ""));
    expect(settlement?.lines.map(({ id, mayObject }) => [id, mayObject])).toEqual(
      expect.arrayContaining([
        [handle, true],
        [water, false],
      ]),
    );
  });

  it("takes an objection in time, once each in any number, and none on a line that is not there", async () => {
    await base.inBase((db) => object(db, stay, fuel, "We filled up, the receipt is in the chart table.", null));
    await base.inBase((db) => object(db, stay, fuel, "Photo of it sent by mail.", ilko));
    await expect(base.inBase((db) => object(db, stay, "moon", "no", null))).rejects.toMatchObject({
      code: "no-such-statement-line",
    });
    const { after } = await view();
    expect(after?.objections.map(({ words, by }) => [words, by])).toEqual([
      ["We filled up, the receipt is in the chart table.", null],
      ["Photo of it sent by mail.", "Ilko Brand"],
    ]);
    await at("2027-06-27T10:00:00.000Z", () =>
      expect(base.inBase((db) => object(db, stay, handle, "late", null))).rejects.toMatchObject({ code: "too-late" }),
    );
  });

  it("takes the same objection once, and no flood of them from a boat book", async () => {
    const objections = async () => (await view()).after?.objections.filter(({ line }) => line === fuel).length;
    const say = (words: string, by: string | null = null) => base.inBase((db) => object(db, stay, fuel, words, by));
    await say("We filled up, the receipt is in the chart table.");
    expect(await objections()).toBe(2);
    for (let sent = 3; sent <= 20; sent++) await say(`Again, for the ${sent}th time.`);
    await expect(say("And again.")).rejects.toMatchObject({ code: "too-many-kept" });
    await say("Petra called about it.", ilko);
    expect(await objections()).toBe(21);
  });

  it("agrees on at most what stood there, once", async () => {
    await expect(base.inBase((db) => agree(db, stay, fuel, 12951, "all of it", ilko))).rejects.toMatchObject({
      status: 422,
      code: "more-than-stood",
      params: { most: { minor: 12950, currency: "EUR" } },
    });
    await base.inBase((db) => agree(db, stay, fuel, 4000, "by phone, Petra and Ilko", ilko));
    await expect(base.inBase((db) => agree(db, stay, fuel, 0, "again", ilko))).rejects.toMatchObject({
      code: "closed",
    });
  });

  it("captures the hold once, when nothing is open, also when the terminal was silent and the app started again in between", async () => {
    await expect(base.inBase((db) => closeDeposit(db, stay, terminal("approves", db), ilko))).rejects.toMatchObject({
      status: 409,
      code: "still-open",
    });
    // after 19 June nothing can be claimed below the water, after 26 June nobody has objected to the handle
    expect(await paper()).toContain("the hold stays open");
    await at("2027-06-27T10:00:00.000Z", async () => {
      expect(await paper()).not.toContain("the hold stays open");
      await expect(base.inBase((db) => agree(db, stay, water, 40000, "keel", ilko))).rejects.toMatchObject({
        code: "closed",
      });
      await expect(base.inBase((db) => closeDeposit(db, stay, terminal("no-answer", db), ilko))).rejects.toMatchObject({
        status: 503,
        code: "terminal-silent",
      });
      expect(await events()).toHaveLength(2);
      // another terminal object, as after a restart: the same request, answered once
      await base.inBase((db) => closeDeposit(db, stay, terminal("approves", db), ilko));
      await base.inBase((db) => closeDeposit(db, stay, terminal("approves", db), ilko));
    });
    // 42.29 + 40.00 taken; 2500.00 − 1928.21 − 82.29 = 489.50 back
    expect((await events()).slice(2)).toEqual([
      ["captured", 8229],
      ["released", 48950],
    ]);
    expect((await base.inBase((db) => findStay(db, { stayId: stay })))?.heldMinor).toBe(0);
  });
});
