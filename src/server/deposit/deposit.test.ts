import { demoBase } from "@/testing/demo-base";
import { simulatedTerminal, type SimulatedCard } from "@/stand-ins/deposit-terminal";
import { findStay } from "../db/charters";
import { captureAndRelease, depositEvents, holdDeposit } from "./deposit";
import { terminalBook } from "./terminal-book";

const base = demoBase("deposit");
let stayId: string;
let odile: string;
beforeAll(async () => {
  stayId = await base.stayOf("BR-1058");
  odile = await base.person("Odile Varn");
});

const hold = (card: SimulatedCard, key: string) =>
  base.inBase((db) => holdDeposit(db, simulatedTerminal(terminalBook(db), card), { stayId, amountMinor: 250000, currency: "EUR" }, key, odile));
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

  it("holds once", async () => {
    await expect(hold("approves", "third-card-3")).rejects.toMatchObject({ status: 409, code: "held-already" });
  });
});

describe("taking and giving back", () => {
  const take = (captureMinor: number, releaseMinor: number, card: SimulatedCard = "approves") =>
    base.inBase((db) => captureAndRelease(db, simulatedTerminal(terminalBook(db), card), stayId, { captureMinor, releaseMinor }, odile));

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

  it("asks the terminal nothing where nothing is held", async () => {
    const other = await base.stayOf("BR-1060");
    await base.asOwner("insert into charter (id, base_id, reference, charterer_id, skipper_id, terms) select gen_random_uuid(), base_id, 'BR-NO', charterer_id, skipper_id, terms from charter where reference = 'BR-1060'");
    const [bare] = await base.asOwner<{ id: string }>("insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard) select gen_random_uuid(), s.base_id, c.id, s.yacht_id, s.starts_at, s.ends_at, 2 from stay s, charter c where s.id = $1 and c.reference = 'BR-NO' returning id", [other]);
    const terminal = { capture: jest.fn(), release: jest.fn(), hold: jest.fn() };
    await base.inBase((db) => captureAndRelease(db, terminal, bare?.id ?? "", { captureMinor: 100, releaseMinor: 100 }, odile));
    expect(terminal.capture).not.toHaveBeenCalled();
  });
});
