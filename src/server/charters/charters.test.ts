import { usualCharters } from "@/core/charters/agreed";
import { demoBase } from "@/testing/demo-base";
import { findStay } from "../db/charters";
import { changesOf, findGuest, guestsLike } from "../db/charter-entries";
import { hiredOf } from "../db/hired-extras";
import { openHandover } from "../handover/open";
import { changeAgreement } from "./change";
import { changeStart } from "./change-start";
import { enterNewCharter } from "./enter";
import { charterForm } from "./form";
import { keepUsual } from "./usual";

const base = demoBase("charters");
const office = () => base.person("Odile Varn");
const guest = (name: string, change = {}) => ({ id: null as string | null, name, email: "", phone: "", ...change });
const week = (change = {}) => ({
  yacht: "pale-heron",
  fromDay: "2027-09-04",
  outAt: "17:00",
  toDay: "2027-09-11",
  backAt: "09:00",
  aboard: 4,
  language: "de" as const,
  charterer: guest("Rill Ander", { email: "rill@ander.example", phone: "+000 555 0144" }),
  skipper: null as ReturnType<typeof guest> | null,
  reference: "",
  terms: "usual",
  extras: [] as { key: string; count: number }[],
  ...change,
});
const enter = async (change = {}) => {
  const by = await office();
  return base.inBase((db) => enterNewCharter(db, week(change), by));
};
const stayOf = (reference: string) => base.inBase((db) => findStay(db, { reference }));
const counts = async () =>
  (
    await base.asOwner(
      "select (select count(*)::int from charter) as charters, (select count(*)::int from stay) as stays, (select count(*)::int from person) as people",
    )
  )[0];

describe("entering a charter", () => {
  it("makes it with its stay, its people, the next number and a copy of the terms", async () => {
    const form = await base.inBase(charterForm);
    const { reference } = await enter();
    expect(reference).toBe(form.reference);
    const stay = await stayOf(reference);
    expect(stay).toMatchObject({
      yachtSlug: "pale-heron",
      skipper: "Rill Ander",
      charterer: "Rill Ander",
      aboard: 4,
      // Brinecove's quay keeps the time of the Azores, at UTC in summer
      startsAt: "2027-09-04T17:00:00.000Z",
      endsAt: "2027-09-11T09:00:00.000Z",
      terms: form.templates.usual?.terms,
      handovers: [],
    });
    expect(stay?.skipperId).toBe(stay?.chartererId);
    // and it can be handed over
    const opened = await base.inBase(async (db) => openHandover(db, stay?.stayId ?? "", "prep", await office()));
    expect(opened.fresh).toBe(true);
  });

  it("hires what was agreed with it, or enters nothing", async () => {
    const { extras } = await base.inBase(charterForm);
    const [first] = extras;
    if (!first) throw new Error("the demo lends nothing");
    const hira = { yacht: "cold-harbour", charterer: guest("Hira Lund") };
    const later = { ...hira, fromDay: "2029-03-03", toDay: "2029-03-10" };
    const { id } = await enter({ ...later, extras: [{ key: first.key, count: 1 }] });
    const { hired, number } = await base.inBase((db) => hiredOf(db, id));
    expect([number, hired.map(({ key, count }) => [key, count])]).toEqual([1, [[first.key, 1]]]);
    const before = await counts();
    const next = { ...hira, fromDay: "2029-04-07", toDay: "2029-04-14" };
    await expect(enter({ ...next, extras: [{ key: first.key, count: 99 }] })).rejects.toMatchObject({
      code: "extra-too-many",
    });
    await expect(enter({ ...next, extras: [{ key: "gold", count: 1 }] })).rejects.toMatchObject({
      code: "extra-unknown",
    });
    expect(await counts()).toEqual(before);
  });

  it("finds a guest that it knows, by any word of the name or the address, and never anybody of the base", async () => {
    expect((await base.inBase((db) => guestsLike(db, "and", 8))).map(({ name }) => name)).toContain("Rill Ander");
    expect((await base.inBase((db) => guestsLike(db, "RILL@", 8))).map(({ name }) => name)).toEqual(["Rill Ander"]);
    expect(await base.inBase((db) => guestsLike(db, "maro", 8))).toEqual([]);
    expect(await base.inBase((db) => guestsLike(db, "%", 8))).toEqual([]);
  });

  it("keeps to a known guest and writes over contacts; another name is another person", async () => {
    const [rill] = await base.inBase((db) => guestsLike(db, "rill", 8));
    if (!rill) throw new Error("no Rill");
    const known = { id: rill.id, name: rill.name, email: "new@ander.example", phone: "" };
    const { reference } = await enter({ fromDay: "2027-09-18", toDay: "2027-09-25", charterer: known });
    expect((await stayOf(reference))?.chartererId).toBe(rill.id);
    expect(await base.inBase((db) => findGuest(db, rill.id))).toMatchObject({ email: "new@ander.example", phone: "" });
    const renamed = await enter({
      fromDay: "2027-10-02",
      toDay: "2027-10-09",
      charterer: known,
      skipper: { ...known, name: "Rill Ander the Younger" },
    });
    const stay = await stayOf(renamed.reference);
    expect([stay?.charterer, stay?.skipper]).toEqual(["Rill Ander", "Rill Ander the Younger"]);
    expect(stay?.skipperId).not.toBe(rill.id);
    expect((await base.inBase((db) => findGuest(db, rill.id)))?.name).toBe("Rill Ander");
  });

  it.each([
    ["days that are none", { toDay: "2027-09-01" }, "days-wrong", "toDay"],
    ["a yacht of nobody", { yacht: "flying-kelp" }, "no-such-yacht", "yacht"],
    ["more than she takes", { aboard: 40, fromDay: "2027-11-06", toDay: "2027-11-13" }, "too-many-for-her", "aboard"],
    ["terms that are gone", { terms: "of-last-year" }, "no-such-terms", "terms"],
    [
      "a number that is there",
      { reference: "BR-1052", fromDay: "2027-11-06", toDay: "2027-11-13" },
      "reference-taken",
      "reference",
    ],
    [
      "the number of the page itself",
      { reference: "New", fromDay: "2027-11-06", toDay: "2027-11-13" },
      "reference-taken",
      "reference",
    ],
    [
      "a guest of nobody",
      {
        fromDay: "2027-11-06",
        toDay: "2027-11-13",
        charterer: guest("X", { id: "00000000-0000-7000-8000-000000000000" }),
      },
      "no-such-guest",
      "charterer",
    ],
  ])("refuses %s, at its field, and changes nothing", async (_name, change, code, where) => {
    const before = await counts();
    await expect(enter(change)).rejects.toMatchObject({ code, where });
    expect(await counts()).toEqual(before);
  });

  it("takes nobody of the base for a guest", async () => {
    const maro = await base.person("Maro Tessen");
    await expect(
      enter({ fromDay: "2027-11-06", toDay: "2027-11-13", charterer: guest("Maro Tessen", { id: maro }) }),
    ).rejects.toMatchObject({ code: "no-such-guest" });
  });
});

describe("no yacht is promised twice", () => {
  it("says to whom and until when, with her turn-round", async () => {
    // she is back on 11 September at nine, and free four hours later
    await expect(enter({ fromDay: "2027-09-11", outAt: "12:00", toDay: "2027-09-17" })).rejects.toMatchObject({
      code: "yacht-promised",
      where: "yacht",
      params: { yacht: "Pale Heron", from: "4 September 2027 at 17:00", until: "11 September 2027 at 13:00" },
    });
    expect(await enter({ fromDay: "2027-09-11", outAt: "13:00", toDay: "2027-09-17" })).toHaveProperty("reference");
  });

  it("goes to one of many who enter at once; the others change nothing", async () => {
    const before = await counts();
    const asked = await Promise.allSettled(
      Array.from({ length: 6 }, (_, index) =>
        enter({
          yacht: "quillback",
          fromDay: `2027-12-0${1 + (index % 3)}`,
          toDay: "2027-12-10",
          charterer: guest(`Guest ${index}`),
        }),
      ),
    );
    expect(asked.filter(({ status }) => status === "fulfilled")).toHaveLength(1);
    for (const each of asked)
      if (each.status === "rejected") expect(each.reason).toMatchObject({ code: "yacht-promised" });
    expect(await counts()).toEqual({
      charters: Number(before?.charters) + 1,
      stays: Number(before?.stays) + 1,
      people: Number(before?.people) + 1,
    });
  });

  it("is refused by the database itself, whoever writes", async () => {
    await expect(
      base.asOwner(
        `insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard, part)
         select gen_random_uuid(), base_id, charter_id, yacht_id, starts_at + interval '1 day', ends_at, aboard, 2 from stay limit 1`,
      ),
    ).rejects.toThrow("yacht_promised_once");
    // two numbers at once from the same count
    const both = await Promise.all([
      enter({ yacht: "cold-harbour", fromDay: "2027-10-02", toDay: "2027-10-09", aboard: 2 }),
      enter({ yacht: "gannet-rock", fromDay: "2027-10-02", toDay: "2027-10-09", aboard: 2 }),
    ]);
    expect(new Set(both.map(({ reference }) => reference)).size).toBe(2);
  });
});

describe("changing a charter", () => {
  const change = async (reference: string, given: object, onNumber = 0) => {
    const stay = await stayOf(reference);
    const by = await office();
    return base.inBase((db) =>
      changeAgreement(
        db,
        stay?.stayId ?? "",
        { ...week(), onNumber, why: "asked by telephone", told: "", ...given } as never,
        by,
      ),
    );
  };
  const agreedIn = async (reference: string) => {
    const stay = await stayOf(reference);
    if (!stay) throw new Error(`no ${reference}`);
    const start = await base.inBase((db) => changeStart(db, stay));
    const asGuest = (who: "charterer" | "skipper") => {
      const known = start[who];
      return guest(known?.name ?? "", { id: known?.id, email: known?.email, phone: known?.phone });
    };
    return {
      yacht: stay.yachtSlug,
      ...start.days,
      aboard: stay.aboard,
      language: start.language,
      charterer: asGuest("charterer"),
      skipper: stay.skipperId === stay.chartererId ? null : asGuest("skipper"),
    };
  };

  it("moves it, with what stood before, why and who was told", async () => {
    const { reference } = await enter({ yacht: "quillback", fromDay: "2028-03-04", toDay: "2028-03-11" });
    const agreed = await agreedIn(reference);
    await change(reference, {
      ...agreed,
      yacht: "pale-heron",
      toDay: "2028-03-12",
      aboard: 5,
      told: "crew, by telephone",
    });
    expect(await stayOf(reference)).toMatchObject({
      yachtSlug: "pale-heron",
      endsAt: "2028-03-12T10:00:00.000Z",
      aboard: 5,
    });
    const [done] = await base.inBase(async (db) => changesOf(db, (await stayOf(reference))?.charterId ?? ""));
    expect(done).toMatchObject({
      number: 1,
      by: "Odile Varn",
      why: "asked by telephone",
      told: "crew, by telephone",
      was: { yacht: "Quillback", aboard: 4 },
      became: { yacht: "Pale Heron", aboard: 5 },
    });
    // the first yacht is free again
    expect(await enter({ yacht: "quillback", fromDay: "2028-03-04", toDay: "2028-03-11" })).toHaveProperty("reference");
  });

  it("is refused over another's change unseen, where nothing differs, and on to a yacht that is promised", async () => {
    const { reference } = await enter({ fromDay: "2028-04-01", toDay: "2028-04-08" });
    const other = await enter({ yacht: "quillback", fromDay: "2028-04-01", toDay: "2028-04-08" });
    const agreed = await agreedIn(reference);
    await expect(change(reference, agreed)).rejects.toMatchObject({ code: "charter-same" });
    await expect(change(reference, { ...agreed, yacht: "quillback" })).rejects.toMatchObject({
      code: "yacht-promised",
      params: { reference: other.reference },
    });
    const both = await Promise.allSettled([
      change(reference, { ...agreed, aboard: 2 }),
      change(reference, { ...agreed, aboard: 3 }),
    ]);
    expect(both.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);
    await expect(change(reference, { ...agreed, aboard: 6 }, 0)).rejects.toMatchObject({ code: "charter-changed" });
    await change(reference, { ...agreed, aboard: 6 }, 1);
  });

  it("leaves yacht, start and people where they are once something was opened aboard; the end can move until the check-out", async () => {
    // under way since Saturday a week ago
    const agreed = await agreedIn("BR-1052");
    await expect(change("BR-1052", { ...agreed, outAt: "16:00" })).rejects.toMatchObject({
      code: "charter-begun",
      params: { what: "start" },
    });
    await expect(change("BR-1052", { ...agreed, charterer: guest("Somebody Else") })).rejects.toMatchObject({
      code: "charter-begun",
    });
  });

  it("says of a charter of nobody that there is none", async () => {
    await expect(
      base.inBase(async (db) =>
        changeAgreement(
          db,
          "00000000-0000-7000-8000-000000000000",
          { ...week(), onNumber: 0, why: "x", told: "" } as never,
          await office(),
        ),
      ),
    ).rejects.toMatchObject({ code: "no-such-charter" });
  });
});

describe("what is usual", () => {
  it("is kept under names that differ, with one set of terms at least, and never over another's change", async () => {
    const by = await base.person("Senna Ruhl");
    const keep = (onNumber: number, change: object) =>
      base.inBase((db) => keepUsual(db, { onNumber, charters: { ...usualCharters, ...change } }, by));
    const usual = usualCharters.templates["usual"]!;
    await expect(keep(1, { templates: {} })).rejects.toMatchObject({ code: "terms-wrong" });
    await expect(keep(1, { templates: { a: usual, b: { ...usual, name: " usual " } } })).rejects.toMatchObject({
      code: "terms-wrong",
    });
    await expect(keep(0, {})).rejects.toMatchObject({ code: "list-changed" });
    await keep(1, { turnRoundHours: 6 });
    expect((await base.inBase(charterForm)).turnRoundHours).toBe(6);
  });
});
