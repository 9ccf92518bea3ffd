import { demoBase } from "@/testing/demo-base";
import { staysAfter, type StayMark } from "../db/charters";
import { chartersView, todayView } from "./today";

const base = demoBase("today");
const at = async <T>(instant: string, work: () => Promise<T>): Promise<T> => {
  const before = process.env.BRINECOVE_NOW;
  process.env.BRINECOVE_NOW = instant;
  return work().finally(() => (process.env.BRINECOVE_NOW = before));
};
const today = () => base.inBase(todayView);
const short = (rows: Awaited<ReturnType<typeof today>>["rows"]) =>
  rows.map((row) => `${row.stay.reference} ${row.next}`);

describe("Today", () => {
  it("lists what leaves, comes back or is unfinished, by its next moment", async () => {
    const { rows, underWay } = await today();
    expect(short(rows)).toEqual([
      "BR-1050 settle",
      "BR-1052 start-check-out",
      "BR-1053 go-on-check-out",
      "BR-1059 go-on-check-in",
      "BR-1058 hold-deposit",
      "BR-1060 start-check-in",
    ]);
    expect(short(underWay)).toEqual(["BR-1055 under-way", "BR-1061 under-way"]);
    const moments = rows.map((row) => row.at);
    expect(moments).toEqual([...moments].sort());
  });

  it("asks the database as often for one row as for many", async () => {
    let asked = 0;
    const counted = (db: Parameters<typeof todayView>[0]) => ({
      query: (...given: Parameters<typeof db.query>) => {
        asked += 1;
        return db.query(...given);
      },
    });
    await base.inBase((db) => todayView(counted(db) as typeof db));
    const rows = (await today()).rows.length;
    expect(rows).toBeGreaterThan(5);
    expect(asked).toBeLessThanOrEqual(14);
    const forSix = asked;
    asked = 0;
    // two months on, most of these have gone
    const fewer = await at("2027-08-20T09:00:00.000Z", () => base.inBase((db) => todayView(counted(db) as typeof db)));
    expect(fewer.rows.length).not.toBe(rows);
    expect(asked).toBe(forSix);
  });

  it("counts what is recorded in the handover that is open, and calls the calm ones fine", async () => {
    const { rows } = await today();
    const row = (reference: string) => rows.find((each) => each.stay.reference === reference);
    const [{ n } = { n: 0 }] = await base.asOwner<{ n: number }>(
      "select count(*)::int as n from entry where handover_id = $1",
      [await base.handoverOf("BR-1059", "check-in")],
    );
    expect(row("BR-1059")).toMatchObject({ recorded: n, verdict: "watch" });
    expect(row("BR-1060")).toMatchObject({ recorded: 0, verdict: "fine" });
    expect(row("BR-1058")?.verdict).toBe("watch");
  });

  it("looks at the day at the base, not in London: late in the evening it is still Saturday", async () => {
    // 23:30 on Saturday at the base in summer is 23:30 UTC; a quarter past midnight UTC on Sunday is Sunday there too
    const saturday = await at("2027-06-12T23:30:00Z", today);
    expect(short(saturday.rows)).toContain("BR-1060 start-check-in");
    const sunday = await at("2027-06-13T00:15:00Z", today);
    expect(short(sunday.rows)).not.toContain("BR-1060 start-check-in");
    expect(short(sunday.rows)).toContain("BR-1050 settle");
  });

  it("has a plan for every yacht of the fleet", async () => {
    const { rows, yachts } = await today();
    for (const row of rows) expect(yachts[row.stay.yachtId]?.particulars.name).toBe(row.stay.yachtName);
  });
});

it("keeps every charter on its own page, newest first", async () => {
  const { rows } = await base.inBase((db) => chartersView(db, {}));
  expect(rows).toHaveLength(13);
  const starts = rows.map((row) => row.startsAt);
  expect(starts).toEqual([...starts].sort().reverse());
  expect(
    rows
      .filter((row) => row.next === "settled")
      .map((row) => row.reference)
      .sort(),
  ).toEqual(["BR-1041", "BR-1046"]);
});

it("gives charters page by page, each once, also where two begin at one moment", async () => {
  const all = await base.inBase((db) => staysAfter(db, "", null, 100));
  const seen: string[] = [];
  const pageAfter = (mark: StayMark | null) => base.inBase((db) => staysAfter(db, "", mark, 3));
  let page = await pageAfter(null);
  while (page.length > 0) {
    seen.push(...page.map(({ reference }) => reference));
    page = await pageAfter(page.at(-1) ?? null);
  }
  expect(seen).toEqual(all.map(({ reference }) => reference));
  expect(new Set(seen).size).toBe(13);
});

it.each([
  ["br-1058", ["BR-1058"]],
  ["FENN", ["BR-1058"]],
  ["100%", []],
  ["'; drop table charter; --", []],
])("finds charters by %j in reference, yacht or skipper", async (find, references) => {
  const { rows } = await base.inBase((db) => chartersView(db, { find }));
  expect(rows.map(({ reference }) => reference)).toEqual(references);
});

it.each(["", "x_y", "2027-02-31T00:00:00Z_1", "\u0000"])(
  "begins at the newest where the mark %j is none",
  async (after) => {
    expect((await base.inBase((db) => chartersView(db, { after }))).rows).toHaveLength(13);
  },
);
