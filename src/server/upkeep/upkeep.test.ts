import { randomUUID } from "node:crypto";
import { v7 as uuid } from "uuid";
import type { Entry } from "@/core/handover/entry";
import { demoBase } from "@/testing/demo-base";
import { addCrewList, crewOf } from "../db/crew";
import { assignWork } from "./assign-work";
import { noteWorkStep } from "./note-work";
import { addWorkStep, allDefects, openDefects, openSafetyWork, openWork, workStepsOf } from "../db/defects";
import { findHandover } from "../db/handovers";
import { gateContext } from "../sealing/gate-context";
import { openHandover } from "../handover/open";
import { postEntries } from "@/testing/post-entries";
import { simulatedTide, simulatedTideFrom } from "@/stand-ins/tide-feed";
import { simulatedDay, simulatedForecasts, simulatedHours } from "@/stand-ins/weather-feed";
import { plugFeeds } from "../weather/feed";
import { forecastFor } from "../weather/forecast";
import { tellWeather } from "../weather/simulate";
import { recordDefects } from "./record-defects";

const base = demoBase("upkeep");
const yacht = async (slug: string) =>
  (await base.asOwner<{ id: string }>("select id from yacht where slug = $1", [slug]))[0]?.id ?? "";
const entry = (handover: string, person: string, subject: string, aspect: string, value: unknown): Entry => ({
  v: 1,
  id: uuid(),
  handover,
  subject,
  aspect,
  value,
  basis: [],
  by: { side: "base", person },
  device: randomUUID(),
  at: "2027-06-12T09:00:00.000Z",
  offsetMs: 0,
});

describe("a prep", () => {
  let prep = "";
  it("has the yacht's last readings beside each field, and the trend judged", async () => {
    const ilko = await base.person("Ilko Brand");
    const stay = await base.stayOf("BR-1058");
    prep = (await base.inBase((db) => openHandover(db, stay, "prep", ilko))).id;
    const list = (await base.inBase((db) => findHandover(db, prep)))?.list;
    // two preps of the demo poured coolant in, 14 days and 7 days ago
    const coolant = list?.lines.find((line) => line.id === "reading:coolant");
    expect(coolant?.kind === "reading" && coolant.given.topUps).toMatchObject([
      { addedMl: 250, atHours: expect.any(Number) },
      { addedMl: 200, atHours: expect.any(Number) },
    ]);
  });

  it("becomes work orders once it is done, each of them once, and the next list knows them", async () => {
    const ilko = await base.person("Ilko Brand");
    const heron = await yacht("pale-heron");
    const before = await base.inBase((db) => openDefects(db, heron));
    const said = (subject: string, aspect: string, value: unknown) => entry(prep, ilko, subject, aspect, value);
    const lines = [
      said("line:reading:coolant", "reading", { levelPercent: 52, addedMl: 200 }),
      said("line:test:prep-seacock-galley-seacock", "result", { result: "fails", remark: "seized, half open" }),
    ];
    expect((await postEntries(base.baseId, prep, lines)).map((each) => each.status)).toEqual(["kept", "kept"]);
    expect(await base.inBase((db) => openDefects(db, heron))).toHaveLength(before.length);
    const done = said("handover", "prep-done", { done: true });
    await postEntries(base.baseId, prep, [done]);
    await postEntries(base.baseId, prep, [done]);
    await base.inBase((db) => recordDefects(db, prep));
    const fresh = (await base.inBase((db) => openDefects(db, heron))).filter((each) => each.handoverId === prep);
    expect(fresh.map(({ title, safety, state, foundBy, words }) => [title, safety, state, foundBy, words])).toEqual([
      ["Galley sink seacock", true, "ordered", "Ilko Brand", expect.stringContaining("seized, half open")],
      ["Coolant", false, "ordered", "Ilko Brand", expect.stringContaining("The third top-up of coolant in a month")],
    ]);
    const checkIn = await base.inBase(async (db) => openHandover(db, await base.stayOf("BR-1058"), "check-in", ilko));
    const list = (await base.inBase((db) => findHandover(db, checkIn.id)))?.list;
    expect(list?.known?.map((known) => known.title)).toEqual(
      expect.arrayContaining(["Galley sink seacock", "Coolant"]),
    );
    expect(list?.crewKg).toEqual([38, 66, 72, 79]);
  });

  it("gives work to who works on yachts, all of it or none, and the last word counts", async () => {
    const [ilko, odile] = [await base.person("Ilko Brand"), await base.person("Odile Varn")];
    const work = await base.inBase((db) => openWork(db));
    const [one, two] = work;
    const give = (defects: string[], person: string | null) =>
      base.inBase((db) => assignWork(db, { defects, person }, ilko));
    await give([one?.id ?? "", two?.id ?? ""], ilko);
    const names = async () =>
      (await base.inBase((db) => openWork(db))).slice(0, 2).map(({ assigneeName }) => assigneeName);
    expect(await names()).toEqual(["Ilko Brand", "Ilko Brand"]);
    await give([two?.id ?? ""], null);
    expect(await names()).toEqual(["Ilko Brand", null]);
    await expect(give([one?.id ?? "", "00000000-0000-7000-8000-000000000009"], null)).rejects.toMatchObject({
      code: "no-such-defect",
    });
    expect(await names()).toEqual(["Ilko Brand", null]);
    // the office repairs nothing, and a skipper even less
    for (const stranger of [odile, await base.person("Aldo Merrin")])
      await expect(give([one?.id ?? ""], stranger)).rejects.toMatchObject({ code: "no-worker" });
    await expect(base.asOwner("delete from work_assignment")).rejects.toThrow("is refused");
  });

  it("holds her at the gate until the safety work is done, and who did it stays", async () => {
    const ilko = await base.person("Ilko Brand");
    const heron = await yacht("pale-heron");
    const checkIn = await base.inBase(async (db) => findHandover(db, await base.handoverOf("BR-1058", "check-in")));
    if (!checkIn) throw new Error("no check-in");
    const context = () => base.inBase((db) => gateContext(db, checkIn));
    const [work] = (await context()).safetyWork;
    expect(work?.words).toBe("Galley sink seacock");
    const step = (number: number, state: "done" | "stays") =>
      base.inBase((db) =>
        addWorkStep(
          db,
          work?.id ?? "",
          number,
          { state, words: "freed and greased", parts: "1 × packing", minutes: 40 },
          ilko,
          "2027-06-12T09:30:00.000Z",
        ),
      );
    expect(await base.inBase((db) => workStepsOf(db, work?.id ?? ""))).toBe(1);
    expect(await step(2, "done")).toBe(true);
    // somebody else said something meanwhile: nothing is overwritten
    expect(await step(2, "stays")).toBe(false);
    expect((await context()).safetyWork).toEqual([]);
    expect((await base.inBase((db) => allDefects(db, heron))).find((each) => each.id === work?.id)).toMatchObject({
      state: "done",
      workWords: "freed and greased",
      parts: "1 × packing",
      minutes: 40,
      workBy: "Ilko Brand",
    });
    const say = (onNumber: number, minutes: number) =>
      base.inBase((db) =>
        noteWorkStep(db, work?.id ?? "", { onNumber, step: { state: "done", words: "tried again", minutes } }, ilko),
      );
    // who looked before Ilko's word cannot say anything over it
    await expect(say(1, 5)).rejects.toMatchObject({ code: "work-changed" });
    // an answer lost on the way: the same step again adds no minutes
    await say(2, 5);
    await say(2, 5);
    expect(await base.inBase((db) => workStepsOf(db, work?.id ?? ""))).toBe(3);
    await expect(say(2, 6)).rejects.toMatchObject({ code: "work-changed" });
    await expect(base.asOwner("delete from work_step")).rejects.toThrow("is refused");
    await expect(base.asOwner("update defect set words = ''")).rejects.toThrow("is refused");
  });

  it("cannot be recorded on what is no line of it, and is not the skipper's", async () => {
    const ilko = await base.person("Ilko Brand");
    const [answer] = await postEntries(base.baseId, prep, [
      entry(prep, ilko, "line:count:teapot", "count", { count: 1 }),
    ]);
    expect(answer?.code).toBe("no-such-line");
  });
});

describe("letting go", () => {
  it("is the manager's alone, with a reason, and not of what is never let go", async () => {
    const handover = await base.handoverOf("BR-1059", "check-in");
    const [maro, senna] = [await base.person("Maro Tessen"), await base.person("Senna Ruhl")];
    const own = await postEntries(base.baseId, handover, [
      entry(handover, maro, "line:test:horn-helm", "let-go", { why: "hand horn" }),
    ]);
    const answers = await postEntries(base.baseId, handover, [
      entry(handover, senna, "line:test:horn-helm", "let-go", { why: "hand horn" }),
      entry(handover, senna, "line:count:life-raft", "let-go", { why: "calm" }),
      entry(handover, senna, "handover", "let-go:without-jacket", { why: "calm" }),
      entry(handover, senna, "handover", "let-go:deposit-not-met", { why: "transfer seen" }),
      entry(handover, senna, "handover", "let-go:briefing-open", { why: "  " }),
    ]);
    expect([...own, ...answers].map((each) => each.code)).toEqual([
      "manager-only",
      null,
      "never-let-go",
      "never-let-go",
      null,
      "bad-value",
    ]);
  });
});

describe("crew list and forecast", () => {
  it("keep what was told before, and show what was told last", async () => {
    const stay = await base.stayOf("BR-1065");
    await base.inBase((db) =>
      addCrewList(db, stay, [{ name: "Hale Vantrice", weightKg: 80 }], null, "2027-06-12T10:00:00.000Z"),
    );
    await base.inBase((db) =>
      addCrewList(db, stay, [{ name: "Hale Vantrice", weightKg: 82 }], null, "2027-06-12T10:05:00.000Z"),
    );
    expect(await base.inBase((db) => crewOf(db, stay))).toEqual([{ name: "Hale Vantrice", weightKg: 82 }]);
    expect(await base.asOwner("select number from crew_list where stay_id = $1", [stay])).toHaveLength(2);
  });

  it("say that the weather is simulated, the same for the same day, until the feed is told otherwise", async () => {
    const of = (day: string) => base.inBase((db) => forecastFor(db, day));
    expect(await of("2027-06-12")).toBeNull();
    plugFeeds({
      day: simulatedDay,
      hours: simulatedHours,
      tide: { from: simulatedTideFrom, turns: simulatedTide },
    });
    expect(await of("2027-06-12")).toEqual(await of("2027-06-12"));
    expect((await of("2027-06-12"))?.from).toMatch(/simulated/);
    await base.inBase((db) => tellWeather(db, simulatedForecasts.gale("2027-06-12")));
    expect(await of("2027-06-12")).toMatchObject({ windKn: 34, from: expect.stringMatching(/simulated/) });
    await base.inBase((db) => tellWeather(db, simulatedForecasts["as-it-comes"]("2027-06-12")));
    expect((await of("2027-06-12"))?.windKn).toBeLessThanOrEqual(18);
  });

  it("of one base are not another's", async () => {
    expect(await base.inBase((db) => openSafetyWork(db, randomUUID()))).toEqual([]);
  });
});
