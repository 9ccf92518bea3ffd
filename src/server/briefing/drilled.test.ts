import { usualRules } from "@/core/base/rules";
import { machineOf } from "@/core/briefing/drilled/machine";
import type { StudyAnswer } from "@/core/briefing/study/answer";
import { drillsOf } from "@/core/drills/hers";
import { briefingWords } from "@/messages/briefing-words";
import { fold } from "@/core/handover/fold";
import { walkState } from "@/core/handover/walk/walk-state";
import { englishTranslator } from "@/messages/translator";
import { demoBase } from "@/testing/demo-base";
import { demoYacht } from "@/testing/demo-yacht";
import { v7 as uuid } from "uuid";
import { boatBook } from "../book/boat-book";
import { addRules } from "../db/base-rules";
import { findHandover } from "../db/handovers";
import { findStay } from "../db/charters";
import { openHandover } from "../handover/open";
import { drillHistoryOf } from "../history/drills";
import { takeStudyAnswers } from "../items/study-answers";
import { briefingSheet } from "./briefing-sheet";

const base = demoBase("drilled");
const year = "2026-06-12T00:00:00Z";
const pilot = drillsOf(demoYacht("pale-heron")).find(({ key }) => key === "pilot")!;
const run = (day: string, change: object = {}) =>
  ({
    ...{ v: 1, id: uuid(), revision: 1, at: `${day}T20:00:00Z`, about: "drill", drill: "pilot", task: "test", day },
    ...{ machine: machineOf(pilot, pilot.tasks[0]!), value: "done", helped: false, mistakes: [], seconds: 40 },
    ...change,
  }) as StudyAnswer;
const stay = async () => (await base.inBase((db) => findStay(db, { reference: "BR-1058" })))!;
const take = async (...answers: unknown[]) => {
  const { charterId } = await stay();
  return base.inBase((db) => takeStudyAnswers(db, charterId, answers));
};
const person = () => base.person("Senna Ruhl");
const pilotMinutes = async () =>
  (await base.inBase(async (db) => briefingSheet(db, await stay(), await person()))).plan.minutes.pilot;

describe("runs of drills, before a charter", () => {
  it("are kept once; what no device knows is refused, and says what", async () => {
    const one = run("2027-06-10", { mistakes: ["steered-against-it"] });
    expect((await take(one, run("2027-06-10"))).map(({ status }) => status)).toEqual(["kept", "kept"]);
    expect((await take(one)).map(({ status }) => status)).toEqual(["same"]);
    const [refused] = await take(run("2027-06-10", { mistakes: ["burner-left"] }));
    expect(refused).toMatchObject({ status: "refused", code: "wrong-form" });
    expect(refused?.message).toContain("burner-left");
  });

  it("shorten the talk by the base's share once it is done alone", async () => {
    expect(await pilotMinutes()).toBe(2);
    await take(run("2027-06-11"));
    expect(await pilotMinutes()).toBe(1.5);
    const senna = await base.person("Senna Ruhl");
    const rules = { ...usualRules, walkAlone: true, drillSharePercent: 0, drillsBeforeAlone: ["pilot", "gas"] };
    await base.inBase((db) => addRules(db, 0, rules, "we talk it through", senna, "2027-06-12T10:12:00.000Z"));
    expect(await pilotMinutes()).toBe(2);
  });

  it("are asked for by the base before the walk alone, and the boat book says which", async () => {
    const { charterId } = await stay();
    const book = await base.inBase((db) => boatBook(db, charterId));
    expect(book.drills).toEqual({ sharePercent: 0, beforeAlone: ["pilot", "gas"] });
    expect(book.notAlone).toContain("drills-open");
    expect(book.study.filter(({ about }) => about === "drill")).toHaveLength(3);
  });

  it("stand in the history, and in what both sign", async () => {
    const history = await base.inBase((db) => drillHistoryOf(db, "pale-heron", year));
    expect(history).toMatchObject({ runs: 3, crews: 1, byDevice: [{ device: "pilot", cleanShare: 2 / 3 }] });
    expect(await base.inBase((db) => drillHistoryOf(db, "quillback", year))).toMatchObject({ runs: 0 });
    const { stayId } = await stay();
    const { id } = await base.inBase(async (db) => openHandover(db, stayId, "check-in", await person()));
    const list = (await base.inBase((db) => findHandover(db, id)))!.list;
    expect(list.briefing?.drills).toMatchObject([{ device: "pilot", runs: 3, alone: true, clean: true }]);
    const { briefing } = list;
    const words = briefingWords(englishTranslator(), briefing!, walkState(briefing!, fold([])));
    expect(words).toContain("Drilled beforehand, Autopilot: done alone, 3 runs");
  });
});
