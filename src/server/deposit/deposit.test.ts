import { demoBase } from "@/testing/demo-base";
import { depositMet, type CharterTerms } from "@/core/settlement/terms";
import type { StayView } from "@/api/schemas/desk";
import { simulatedTerminal, type SimulatedCard } from "@/stand-ins/deposit-terminal";
import { findStay } from "../db/charters";
import { RequestKey } from "@/api/fields";
import { captureAndRelease, holdDeposit, noteDeposit } from "./deposit";
import { depositEvents, terminalBook } from "../db/deposits";

const base = demoBase("deposit");
let stayId: string;
let odile: string;
let terms: CharterTerms;
beforeAll(async () => {
  stayId = await base.stayOf("BR-1058");
  terms = await termsOf(stayId);
  odile = await base.person("Odile Varn");
});

const termsOf = async (of: string) => ((await base.inBase((db) => findStay(db, { stayId: of }))) as StayView).terms;
const hold = (card: SimulatedCard, key: string) =>
  base.inBase((db) =>
    holdDeposit(
      db,
      simulatedTerminal(terminalBook(db), card),
      { stayId, amountMinor: 250000, currency: "EUR" },
      key,
      odile,
    ),
  );
const kinds = async () => (await base.inBase((db) => depositEvents(db, stayId))).map((event) => event.kind);
const held = async () => (await base.inBase((db) => findStay(db, { stayId })))?.heldMinor;

describe("holding a deposit", () => {
  it("keeps a refusal of the card and a silence on record, and holds nothing by them", async () => {
    expect(await hold("declines", "first-card-1")).toBe("declined");
    expect(await hold("no-answer", "second-card")).toBe("timed-out");
    expect(await kinds()).toEqual(["declined", "timed-out"]);
    expect(await held()).toBe(0);
  });

  it("gets the same answer for the same request, whatever the card would say now", async () => {
    expect(await hold("approves", "first-card-1")).toBe("declined");
    expect(await kinds()).toEqual(["declined", "timed-out"]);
  });

  it("goes through when a request without answer is asked again", async () => {
    expect(await hold("approves", "second-card")).toBe("held");
    expect(await kinds()).toEqual(["declined", "timed-out", "held"]);
    expect(await held()).toBe(250000);
    const [event] = (await base.inBase((db) => depositEvents(db, stayId))).slice(-1);
    expect(event?.reference).toMatch(/^SIM-[0-9A-F]{10}$/);
  });

  it("holds once, and says what stands", async () => {
    await expect(hold("approves", "third-card-3")).rejects.toMatchObject({
      status: 409,
      code: "held-already",
      params: { held: { minor: 250_000, currency: "EUR" } },
    });
  });

  it("answers the request that held it again, and refuses its key for another stay or for something else", async () => {
    expect(await hold("declines", "second-card")).toBe("held");
    const other = await base.stayOf("BR-1060");
    await expect(
      base.inBase((db) =>
        holdDeposit(
          db,
          simulatedTerminal(terminalBook(db), "approves"),
          { stayId: other, amountMinor: 250000, currency: "EUR" },
          "second-card",
          odile,
        ),
      ),
    ).rejects.toMatchObject({ status: 409, code: "key-used", where: "requestKey" });
    expect(await held()).toBe(250000);
  });

  it("holds once of eight who ask at the same time; seven are told what stands", async () => {
    const stay = await base.stayOf("BR-1062");
    await base.asOwner("alter table deposit_event disable trigger kept_row");
    await base.asOwner("delete from deposit_event where stay_id = $1", [stay]);
    await base.asOwner("alter table deposit_event enable trigger kept_row");
    const asked = await Promise.allSettled(
      Array.from({ length: 8 }, (_, index) =>
        base.inBase((db) =>
          holdDeposit(
            db,
            simulatedTerminal(terminalBook(db), "approves"),
            { stayId: stay, amountMinor: 250000, currency: "EUR" },
            `at-once-${index}`,
            odile,
          ),
        ),
      ),
    );
    expect(asked.filter((each) => each.status === "fulfilled")).toEqual([{ status: "fulfilled", value: "held" }]);
    for (const each of asked)
      if (each.status === "rejected")
        expect(each.reason).toMatchObject({ status: 409, code: "held-already", params: { held: { minor: 250_000 } } });
    expect((await base.inBase((db) => findStay(db, { stayId: stay })))?.heldMinor).toBe(250000);
    expect(
      await base.asOwner("select 1 from terminal_book where request_key like 'hold:' || $1 || ':%'", [stay]),
    ).toHaveLength(1);
  });
});

describe("taking and giving back", () => {
  const take = (captureMinor: number, releaseMinor: number, card: SimulatedCard = "approves") =>
    base.inBase((db) =>
      captureAndRelease(
        db,
        simulatedTerminal(terminalBook(db), card),
        { stayId, terms },
        { captureMinor, releaseMinor },
        odile,
      ),
    );

  it("is undone as a whole when the card refuses", async () => {
    await expect(take(1000, 2000, "declines")).rejects.toMatchObject({ status: 409, code: "terminal-declined" });
    expect(await held()).toBe(250000);
  });

  it("leaves what is neither due nor given back on hold, and does nothing twice", async () => {
    await take(30000, 200000);
    await take(30000, 200000);
    expect(await kinds()).toEqual(["declined", "timed-out", "held", "captured", "released"]);
    expect(await held()).toBe(20000);
  });

  it("works over all that is held, also where two holds were made before they took turns", async () => {
    const two = await base.stayOf("BR-1060");
    await base.asOwner("alter table deposit_event disable trigger kept_row");
    await base.asOwner("delete from deposit_event where stay_id = $1", [two]);
    await base.asOwner("alter table deposit_event enable trigger kept_row");
    for (const [number, key] of [
      [1, "old-one-1"],
      [2, "old-two-2"],
    ] as const)
      await base.asOwner(
        `insert into deposit_event (id, base_id, stay_id, number, kind, amount_minor, currency, request_key, terminal_reference, by_person, at)
         values (gen_random_uuid(), $1, $2, $3, 'held', 100000, 'EUR', $4, 'T-' || $4, $5, now())`,
        [base.baseId, two, number, key, odile],
      );
    const asked: [string, string, number][] = [];
    const answer = (action: string) => (_key: string, holdReference: string, amountMinor: number) => {
      asked.push([action, holdReference, amountMinor]);
      return Promise.resolve({ answer: "done" as const, reference: `X-${asked.length}` });
    };
    const terminal = { hold: jest.fn(), capture: answer("capture"), release: answer("release") };
    const takeBoth = () =>
      base.inBase((db) =>
        captureAndRelease(db, terminal, { stayId: two, terms }, { captureMinor: 120_000, releaseMinor: 80_000 }, odile),
      );
    await takeBoth();
    await takeBoth();
    expect(asked).toEqual([
      ["capture", "T-old-one-1", 100_000],
      ["capture", "T-old-two-2", 20_000],
      ["release", "T-old-two-2", 80_000],
    ]);
    expect((await base.inBase((db) => findStay(db, { stayId: two })))?.heldMinor).toBe(0);
  });

  it("asks the terminal nothing where nothing is held", async () => {
    const other = await base.stayOf("BR-1060");
    await base.asOwner(
      "insert into charter (id, base_id, reference, charterer_id, skipper_id, terms) select gen_random_uuid(), base_id, 'BR-NO', charterer_id, skipper_id, terms from charter where reference = 'BR-1060'",
    );
    const [bare] = await base.asOwner<{ id: string }>(
      "insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard) select gen_random_uuid(), s.base_id, c.id, s.yacht_id, s.starts_at + interval '1 year', s.ends_at + interval '1 year', 2 from stay s, charter c where s.id = $1 and c.reference = 'BR-NO' returning id",
      [other],
    );
    const terminal = { capture: jest.fn(), release: jest.fn(), hold: jest.fn() };
    await base.inBase((db) =>
      captureAndRelease(
        db,
        terminal,
        { stayId: bare?.id ?? "", terms },
        { captureMinor: 100, releaseMinor: 100 },
        odile,
      ),
    );
    expect(terminal.capture).not.toHaveBeenCalled();
  });
});

describe("a deposit without a card", () => {
  let cash: string;
  const note = async (amountMinor: number, key: string) => {
    const stay = await base.inBase((db) => findStay(db, { stayId: cash }));
    await base.inBase((db) => noteDeposit(db, stay as StayView, "EUR", { amountMinor, reference: "R-77" }, key, odile));
  };
  const events = async () =>
    (await base.inBase((db) => depositEvents(db, cash))).map((event) => [
      event.kind,
      event.amountMinor,
      event.reference,
    ]);
  beforeAll(async () => {
    cash = await base.stayOf("BR-1065");
    await base.asOwner(
      "update charter set terms = jsonb_set(terms, '{deposit}', '{\"amountMinor\": 80000, \"how\": \"cash\"}') where reference = 'BR-1065'",
    );
    await base.asOwner("alter table deposit_event disable trigger kept_row");
    await base.asOwner("delete from deposit_event where stay_id = $1", [cash]);
    await base.asOwner("alter table deposit_event enable trigger kept_row");
  });

  it("is met once the last part has come in, and the same request counts once", async () => {
    const met = async () => {
      const stay = await base.inBase((db) => findStay(db, { stayId: cash }));
      return depositMet((stay as StayView).terms, (stay as StayView).heldMinor);
    };
    await note(30000, "part-one-1");
    await note(30000, "part-one-1");
    expect([await events(), await met()]).toEqual([[["held", 30000, "R-77"]], false]);
    await expect(note(60000, "part-two-2")).rejects.toMatchObject({
      status: 422,
      code: "more-than-open",
      params: { open: { minor: 50_000, currency: "EUR" } },
    });
    await note(50000, "part-two-2");
    expect(await met()).toBe(true);
  });

  it("is noted once of eight who note all of it at the same time", async () => {
    await base.asOwner("alter table deposit_event disable trigger kept_row");
    await base.asOwner("delete from deposit_event where stay_id = $1", [cash]);
    await base.asOwner("alter table deposit_event enable trigger kept_row");
    const noted = await Promise.allSettled(Array.from({ length: 8 }, (_, index) => note(80_000, `all-of-it-${index}`)));
    expect(noted.filter((each) => each.status === "fulfilled")).toHaveLength(1);
    for (const each of noted)
      if (each.status === "rejected")
        expect(each.reason).toMatchObject({ status: 409, code: "held-already", params: { held: { minor: 80_000 } } });
    expect(await events()).toEqual([["held", 80_000, "R-77"]]);
  });

  it("cannot be stopped by a key that looks like the base's own", async () => {
    // what a client sends has no colon in it: the address refuses it before
    expect(new RegExp(RequestKey.pattern ?? "").test(`capture:${cash}:signed-1`)).toBe(false);
    await expect(note(10, `capture-${cash}`)).rejects.toMatchObject({ code: "held-already" });
  });

  it("is refused where the terms have a card held", async () => {
    const stay = await base.inBase((db) => findStay(db, { stayId }));
    await expect(
      base.inBase((db) =>
        noteDeposit(db, stay as StayView, "EUR", { amountMinor: 1, reference: "R-1" }, "by-hand-1", odile),
      ),
    ).rejects.toMatchObject({ code: "not-by-hand" });
  });

  it("is given back without asking a terminal, never more than came in", async () => {
    const terminal = { capture: jest.fn(), release: jest.fn(), hold: jest.fn() };
    await base.inBase(async (db) =>
      captureAndRelease(
        db,
        terminal,
        { stayId: cash, terms: await termsOf(cash) },
        { captureMinor: 12000, releaseMinor: 90000 },
        odile,
      ),
    );
    expect((await events()).slice(1)).toEqual([
      ["captured", 12000, null],
      ["released", 68000, null],
    ]);
    expect(terminal.capture).not.toHaveBeenCalled();
  });
});
