import { demoBase } from "@/testing/demo-base";
import { addLook, lastLook } from "../db/night";
import { lookNow, lookOver } from "./look";
import { isDue, lookWhereDue } from "./watch";

const base = demoBase("night");
const findings = () => base.inBase((db) => lookOver(db, base.baseId));
const asIs = async (table: string, work: () => Promise<unknown>) => {
  await base.asOwner(`alter table ${table} disable trigger kept_row`);
  await work();
  await base.asOwner(`alter table ${table} enable trigger kept_row`);
};

describe("the look over a base", () => {
  it("finds nothing in the demo", async () => {
    expect(await findings()).toEqual([]);
  });

  it("names money that stands at the terminal alone, or in the base's book alone", async () => {
    await base.asOwner(
      "insert into terminal_book (request_key, base_id, reference, action, amount_minor, currency, answer, at) values ('hold:lost:abc', $1, 'SIM-LOST', 'hold', 4200, 'EUR', 'done', now())",
      [base.baseId],
    );
    const [{ key = "" } = {}] = await base.asOwner<{ key: string }>(
      "select request_key as key from terminal_book where action = 'hold' and reference <> 'SIM-LOST' order by at limit 1",
    );
    await asIs("terminal_book", () => base.asOwner("delete from terminal_book where request_key = $1", [key]));
    expect(await findings()).toEqual([
      { what: "money", difference: expect.objectContaining({ code: "not-at-terminal", key }) },
      {
        what: "money",
        difference: expect.objectContaining({ code: "not-here", reference: "SIM-LOST", terminalMinor: 4200 }),
      },
    ]);
    await asIs("terminal_book", () => base.asOwner("delete from terminal_book where request_key = 'hold:lost:abc'"));
  });

  it("names a link that was changed, and the one after it", async () => {
    const [{ yacht = "", number = 0 } = {}] = await base.asOwner<{ yacht: string; number: number }>(
      "select yacht_id as yacht, number from chain_link order by yacht_id, number limit 1",
    );
    await asIs("chain_link", () =>
      base.asOwner(
        "update chain_link set received_at = received_at + interval '1 hour' where yacht_id = $1 and number = $2",
        [yacht, number],
      ),
    );
    const codes = (await findings()).flatMap((finding) => (finding.what === "chain" ? [finding.code] : []));
    expect(codes).toEqual(["other-hash"]);
    await asIs("chain_link", () =>
      base.asOwner(
        "update chain_link set received_at = received_at - interval '1 hour' where yacht_id = $1 and number = $2",
        [yacht, number],
      ),
    );
  });

  it("names a record whose entry was changed in the database", async () => {
    const handover = await base.handoverOf("BR-1050", "check-in");
    await asIs("entry", () =>
      base.asOwner(
        "update entry set content = jsonb_set(content, '{value}', '{\"count\": 99}') where id = (select id from entry where handover_id = $1 and aspect = 'count' order by number limit 1)",
        [handover],
      ),
    );
    expect(await findings()).toContainEqual({
      what: "record",
      yacht: "Quillback",
      handover,
      kind: "check-in",
      problem: expect.stringMatching(/^entry .* was changed$/),
    });
  });

  it("is kept, the newest counts, and nobody changes it", async () => {
    await base.inBase((db) => addLook(db, "2027-06-01T03:00:00.000Z", []));
    const { findings: found } = await base.inBase((db) => lookNow(db, base.baseId));
    expect(found).toBeGreaterThan(0);
    expect((await base.inBase(lastLook))?.findings).toHaveLength(found);
    await expect(base.asOwner("update night_look set findings = '[]'")).rejects.toThrow("is refused");
  });
});

describe("a base that nobody backs up", () => {
  afterAll(() => base.asOwner("update base set is_demo = true; delete from backup"));
  const backups = async () => (await findings()).filter(({ what }) => what === "backup");

  it("is told two days after its first night, until there is one of late; the demo never is", async () => {
    expect(await backups()).toEqual([]);
    await base.asOwner("update base set is_demo = false");
    // the clock of the tests stands at 12 June 2027, 10:12; the first look was on the first
    expect(await backups()).toEqual([{ what: "backup", lastAt: null }]);
    const made = (at: string) =>
      base.asOwner(
        "insert into backup (id, asked_at, begun_at, done_at, file, bytes, encrypted) values (gen_random_uuid(), $1, $1, $1, 'a', 1, true)",
        [at],
      );
    await made("2027-06-10T10:00:00Z");
    expect(await backups()).toEqual([{ what: "backup", lastAt: "2027-06-10T10:00:00.000Z" }]);
    await made("2027-06-10T10:30:00Z");
    expect(await backups()).toEqual([]);
  });
});

describe("when it is due", () => {
  const azores = "Atlantic/Azores";
  it.each([
    // the Azores are at UTC in summer and an hour behind it in winter
    ["2027-06-12T02:59:00.000Z", null, false],
    ["2027-06-12T03:00:00.000Z", null, true],
    ["2027-01-12T03:30:00.000Z", null, false],
    ["2027-06-12T10:00:00.000Z", "2027-06-12T03:10:00.000Z", false],
    ["2027-06-13T03:10:00.000Z", "2027-06-12T23:10:00.000Z", true],
    ["2027-06-13T02:10:00.000Z", "2027-06-11T03:10:00.000Z", false],
  ])("at %s, last looked over at %s: %s", (at, last, due) => {
    expect(isDue(at, azores, last)).toBe(due);
  });

  it("is done for every base once, also when two processes come to it at once", async () => {
    await asIs("night_look", () => base.asOwner("delete from night_look"));
    await Promise.all([lookWhereDue(), lookWhereDue()]);
    await lookWhereDue();
    expect(await base.asOwner("select 1 from night_look")).toHaveLength(1);
  });
});
