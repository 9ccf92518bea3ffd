import { v7 as uuid } from "uuid";
import { demoBase } from "@/testing/demo-base";
import { addDefect, addWorkStep, openDefects } from "../db/defects";
import { addPrices, currentPrices, lastPriceChange } from "../db/prices";
import { statementPdf } from "../pdf/statement";
import { decide } from "./decide";
import { putExtra } from "./put-extra";
import { settlementView } from "./view";

const base = demoBase("extras");
let stay: string;
let ilko: string;
beforeAll(async () => {
  stay = await base.stayOf("BR-1050");
  ilko = await base.person("Ilko Brand");
});
const view = () => base.inBase((db) => settlementView(db, stay));
const put = (extra: Parameters<typeof putExtra>[3], id: string | null = null) =>
  base.inBase((db) => putExtra(db, stay, id, extra, "", ilko));
const fuel = async () => (await view()).input.lines.find((line) => line.kind === "fuel");
const receipt = (change: object = {}) => ({
  kind: "fuel" as const,
  litres: 50,
  day: "2027-06-11",
  reference: "R 9",
  full: null,
  ...change,
});

describe("beside the differences", () => {
  it("a service stands on the statement, can be changed and taken off, and every step is kept", async () => {
    const id = await put({ kind: "service", words: "Cleaning", amountMinor: 11600 });
    expect((await view()).output.lines.find((line) => line.id === id)).toMatchObject({ chargedMinor: 11600 });
    await put({ kind: "service", words: "Cleaning", amountMinor: 5800, reckoned: "1 h × €58.00" }, id);
    expect((await view()).output.lines.find((line) => line.id === id)).toMatchObject({
      chargedMinor: 5800,
      how: "1 h × €58.00 = €58.00",
    });
    await put(null, id);
    expect((await view()).extras.map((each) => each.id)).not.toContain(id);
    await expect(put(null, id)).rejects.toMatchObject({ status: 404, code: "no-such-extra" });
    expect(await base.asOwner("select number from settlement_extra where id = $1", [id])).toHaveLength(3);
    await expect(base.asOwner("update settlement_extra set why = 'x'")).rejects.toThrow("is refused");
  });

  it("what was bought goes into the fuel report: with 26 l more on a receipt than the hours explain, the gauge is doubted", async () => {
    // 19.5 h × 3.9 l = 76.05; 50 l by the gauge and 26 l on the demo's receipt went
    expect(await fuel()).toMatchObject({ disputed: false, engineHours: 19.5 });
    const id = await put(receipt({ litres: 26 }));
    expect(await fuel()).toMatchObject({
      disputed: true,
      doubt: expect.stringContaining("102 l went with 52 l bought"),
    });
    await put(null, id);
    // the gauge steps by 25 l: that much is tolerated, whatever the terms say
    expect((await view()).input.terms.fuel.toleranceL).toBe(25);
  });

  it("a tank full to the cap with a dated receipt beats the gauge", async () => {
    const id = await put(receipt({ full: "reading:fuel" }));
    expect(await fuel()).toBeUndefined();
    await put(null, id);
    expect(await fuel()).toBeDefined();
  });

  it("is refused where it does not fit: other days, other tanks, filled too early, a time that has passed, twice", async () => {
    await expect(put(receipt({ day: "2027-07-01" }))).rejects.toMatchObject({
      status: 422,
      code: "not-in-charter",
      where: "day",
      params: { first: "2027-06-04", last: "2027-06-11" },
    });
    await expect(put(receipt({ full: "reading:water-fore" }))).rejects.toMatchObject({ code: "no-such-tank" });
    await expect(put(receipt({ day: "2027-06-08", full: "reading:fuel" }))).rejects.toMatchObject({
      code: "filled-too-early",
    });
    const below = (until: string, amountMinor = 30000) => put({ kind: "below-water", amountMinor, until });
    await expect(below("2027-06-12T09:00:00.000Z")).rejects.toMatchObject({ code: "in-the-past", where: "until" });
    await expect(below("2027-06-15T18:00:00.000Z", 0)).rejects.toMatchObject({ code: "no-sum" });
    const id = await below("2027-06-15T18:00:00.000Z");
    await expect(below("2027-06-16T18:00:00.000Z")).rejects.toMatchObject({ status: 409, code: "one-sum" });
    expect((await view()).output.lines.find((line) => line.id === id)).toMatchObject({
      chargedMinor: 0,
      heldMinor: 30000,
    });
    expect((await base.inBase((db) => statementPdf(db, stay))).bytes.subarray(0, 5).toString()).toBe("%PDF-");
    await put(null, id);
  });
});

describe("what a person has to answer for", () => {
  const saloon = "look-worse:look:saloon-upholstery";
  const say = (id: string, decision: Parameters<typeof decide>[3], why: string, isManager = false) =>
    base.inBase((db) => decide(db, stay, id, decision, why, ilko, isManager));

  it("gross negligence is a manager's, with a reason; the range of a price the right way round", async () => {
    const negligent = {
      charge: true,
      cause: "charterer" as const,
      estimateMinor: 40000,
      grossNegligence: true as const,
    };
    await expect(say(saloon, negligent, "diesel can on the seat")).rejects.toMatchObject({
      status: 403,
      code: "not-yours",
    });
    await expect(say(saloon, negligent, " ", true)).rejects.toMatchObject({
      status: 422,
      code: "negligence-needs-reason",
      where: "why",
    });
    await expect(
      say(saloon, { charge: true, cause: "charterer", estimateMinor: 100, estimateLowMinor: 200 }, ""),
    ).rejects.toMatchObject({ code: "range-turned" });
    await say(saloon, negligent, "diesel can on the seat", true);
    expect((await view()).output.lines.find((line) => line.id === saloon)).toMatchObject({
      chargedMinor: 40000,
      how: expect.stringContaining("no cap"),
    });
    await say(saloon, { charge: true, cause: "charterer", estimateMinor: 20000, estimateLowMinor: 12000 }, "");
    // the rest that is due stays: between 80.00 less and the upper end
    const { range, output } = await view();
    expect(range).toEqual({ lowMinor: output.dueMinor + 12000, highMinor: output.dueMinor + 20000 });
  });

  it("cannot charge what was reported before she was handed over, and says where; once it was mended before, it can", async () => {
    const sail = "test-failing:test:headsail";
    const [yacht] = await base.asOwner<{ id: string }>("select yacht_id as id from stay where id = $1", [stay]);
    const earlier = {
      yachtId: yacht?.id ?? "",
      handoverId: null,
      subject: "line:test:headsail",
      place: null,
      title: "Headsail",
      words: "furls hard",
      safety: false,
      at: "2027-05-20T09:00:00.000Z",
      by: ilko,
    };
    await base.inBase((db) => addDefect(db, { ...earlier, id: uuid() }));
    expect((await view()).proposals.find((each) => each.difference.id === sail)).toMatchObject({
      difference: { startsAs: { as: "base", because: "known-before" } },
      line: { cause: "base" },
      needs: null,
    });
    await expect(say(sail, { charge: true, cause: "charterer", estimateMinor: 10000 }, "")).rejects.toMatchObject({
      status: 409,
      code: "reported-before",
      params: expect.objectContaining({ day: "2027-05-20", words: "Headsail: furls hard" }),
    });
    await say(sail, { charge: true, cause: "base" }, "ours");
    const [known] = (await base.inBase((db) => openDefects(db, yacht?.id ?? ""))).filter(
      (each) => each.words === "furls hard",
    );
    await base.inBase((db) =>
      addWorkStep(db, known?.id ?? "", 2, { state: "done", words: "new bearing" }, ilko, "2027-05-25T09:00:00.000Z"),
    );
    expect((await view()).priors[sail]).toBeUndefined();
    await say(sail, { charge: true, cause: "charterer", estimateMinor: 10000 }, "after all");
  });

  it("makes sums stale when something comes to a record after they were read", async () => {
    const { digest } = await view();
    const checkOut = await base.handoverOf("BR-1050", "check-out");
    await base.asOwner(
      "insert into addendum (id, base_id, handover_id, kind, content, content_hash, made_at, received_at, made_by) values ($1, $2, $3, 'late-entry', '{}', repeat('0', 64), now(), now(), $4)",
      [uuid(), base.baseId, checkOut, ilko],
    );
    expect((await view()).digest).not.toBe(digest);
  });
});

it("adds no sums of two currencies", async () => {
  await base.asOwner("update base set currency = 'GBP'");
  await expect(view()).rejects.toMatchObject({
    status: 409,
    code: "other-currency",
    params: expect.objectContaining({ theirs: "EUR", ours: "GBP" }),
  });
  await base.asOwner("update base set currency = 'EUR'");
  expect((await view()).input.currency).toBe("EUR");
});

it("keeps every price list, and settles none over another's unseen", async () => {
  const { prices, number } = await base.inBase(currentPrices);
  expect([number, prices.labourPerHourMinor]).toEqual([1, 5800]);
  const settle = (on: number) =>
    base.inBase((db) =>
      addPrices(db, on, { ...prices, labourPerHourMinor: 6200 }, "new season", ilko, "2027-06-12T10:00:00.000Z"),
    );
  expect([await settle(1), await settle(1)]).toEqual([true, false]);
  expect((await base.inBase(currentPrices)).prices.labourPerHourMinor).toBe(6200);
  expect(await base.inBase(lastPriceChange)).toMatchObject({ why: "new season", by: expect.stringMatching(/^Ilko /) });
  await expect(base.asOwner("update price_list set why = 'x'")).rejects.toThrow("is refused");
});
