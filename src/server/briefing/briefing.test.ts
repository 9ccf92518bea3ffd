import { stopSubject } from "@/core/handover/walk/walk-state";
import type { StudyAnswer } from "@/core/briefing/study/answer";
import type { Entry } from "@/core/handover/entry";
import { demoBase } from "@/testing/demo-base";
import { v7 as uuid } from "uuid";
import { addCall, callsOf } from "../db/calls";
import { findStay } from "../db/charters";
import { studyAnswersOf } from "../db/study";
import { findYacht } from "../db/yachts";
import { todayView } from "../desk/today";
import { bundleFor } from "@/testing/bundle-for";
import { openHandover } from "../handover/open";
import { postEntries } from "@/testing/post-entries";
import { publishFile } from "../yacht/publish";
import { briefingSheet } from "./briefing-sheet";
import { takeStudyAnswers } from "../items/study-answers";

const base = demoBase("briefing");
const charterOf = async (reference: string) =>
  (await base.inBase((db) => findStay(db, { reference })))?.charterId ?? "";
const said = async (reference: string) => {
  const stayId = await base.stayOf(reference);
  return base.inBase((db) => studyAnswersOf(db, stayId));
};
const answer = (more: object): StudyAnswer =>
  ({ v: 1, id: uuid(), revision: 1, at: "2027-06-11T20:00:00Z", ...more }) as StudyAnswer;
const take = (charterId: string, ...answers: unknown[]) =>
  base.inBase((db) => takeStudyAnswers(db, charterId, answers));

describe("answers of a study", () => {
  it("are kept once, however often they are sent, and a refused one blocks no other", async () => {
    const charter = await charterOf("BR-1058");
    const [one, two] = [
      answer({ about: "topic", topic: "raft", value: "understood" }),
      answer({ about: "question", topic: null, value: "Where do we park the car?" }),
    ];
    expect(
      (await take(charter, one, { ...answer({}), about: "topic", topic: "raft", value: "maybe" }, two)).map(
        (each) => each.status,
      ),
    ).toEqual(["kept", "refused", "kept"]);
    expect((await take(charter, one, two)).map((each) => each.status)).toEqual(["same", "same"]);
    expect(await said("BR-1058")).toEqual([one, two]);
  });

  it("are refused with a known id and other content, with wrong or more fields, and change nothing", async () => {
    const charter = await charterOf("BR-1058");
    const before = await said("BR-1058");
    const [known] = before;
    const outcomes = await take(
      charter,
      { ...known, value: "ask" },
      { ...answer({ about: "topic", topic: "raft", value: "ask" }), more: 1 },
      null,
      answer({ about: "experience", value: { longestM: -3, weeks: 1, handled: [], language: "en" } }),
      answer({ about: "question", topic: null, value: "   " }),
    );
    expect(outcomes.map((each) => each.status)).toEqual(["refused", "refused", "refused", "refused", "refused"]);
    expect(outcomes[0]?.message).toContain("other content");
    expect(await said("BR-1058")).toEqual(before);
    await expect(base.asOwner("delete from study_answer")).rejects.toThrow("is refused");
  });

  it("are refused for a revision that is still to come, which would hide every change until then", async () => {
    const charter = await charterOf("BR-1058");
    const [answered] = await take(charter, {
      ...answer({ about: "topic", topic: "raft", value: "understood" }),
      revision: 999_999,
    });
    expect(answered).toMatchObject({ status: "refused", code: "no-such-revision" });
  });
});

describe("the briefing of a check-in", () => {
  it("is made of the study and the pinned file when it is opened, and says what has changed since", async () => {
    const senna = await base.person("Senna Ruhl");
    const yacht = await base.inBase((db) => findYacht(db, { slug: "cold-harbour" }));
    if (!yacht) throw new Error("no yacht");
    const document = structuredClone(yacht.file);
    document.engines.main!.stopHoldSeconds = 8;
    await base.inBase((db) =>
      publishFile(
        db,
        { slug: "cold-harbour", document, onRevision: yacht.revision, why: "new stop valve", accepts: {} },
        senna,
      ),
    );
    const stay = await base.stayOf("BR-1060");
    const { id } = await base.inBase((db) => openHandover(db, stay, "check-in", senna));
    const { list, changes, me } = await base.inBase((db) => bundleFor(db, id, senna));
    const stops = new Map(list.briefing?.stops.map((stop) => [stop.id, stop]));
    expect([stops.get("windlass")?.depth, stops.get("raft")?.depth, stops.get("oil-and-coolant")?.depth]).toEqual([
      "hands-on",
      "normal",
      "skim",
    ]);
    expect(list.briefing?.wrong.map((each) => each.question).sort()).toEqual([
      "chain-mark",
      "valve-shut-tank-valve-aft",
    ]);
    expect(list.briefing?.questions).toHaveLength(2);
    expect(changes).toEqual(["Engine, stop hold, seconds: from “6” to “8”"]);
    expect([list.yacht.revision, list.briefing?.studied?.revision, me.isManager]).toEqual([2, 1, true]);
  });

  it("lets a manager alone leave a safety stop out; who is one is looked up, not believed", async () => {
    const handover = await base.handoverOf("BR-1060", "check-in");
    const [senna, maro] = [await base.person("Senna Ruhl"), await base.person("Maro Tessen")];
    const entry = (subject: string, person: string, manager: boolean, words = "at its service"): Entry => ({
      v: 1,
      id: uuid(),
      handover,
      subject,
      aspect: "shown",
      value: { result: "skipped", why: "not-possible", words, manager },
      basis: [],
      by: { side: "base", person },
      device: uuid(),
      at: "2027-06-12T15:00:00Z",
      offsetMs: 0,
    });
    const answers = [
      ...(await postEntries(base.baseId, handover, [
        entry(stopSubject("raft"), maro, false),
        entry(stopSubject("raft"), maro, true),
      ])),
      ...(await postEntries(base.baseId, handover, [entry(stopSubject("raft"), senna, true)])),
      ...(await postEntries(base.baseId, handover, [entry(stopSubject("fridge"), maro, false)])),
      ...(await postEntries(base.baseId, handover, [entry(stopSubject("no-such"), senna, true)])),
    ];
    expect(answers.map((each) => [each.status, each.code])).toEqual([
      ["refused", "safety-not-skipped"],
      ["refused", "safety-not-skipped"],
      ["kept", null],
      ["kept", null],
      ["refused", "no-such-stop"],
    ]);
  });

  it("refuses what is no result, a wrong order of the walk and a blank question, each by itself", async () => {
    const handover = await base.handoverOf("BR-1060", "check-in");
    const maro = await base.person("Maro Tessen");
    const entry = (subject: string, aspect: string, value: unknown): Entry => ({
      v: 1,
      id: uuid(),
      handover,
      subject,
      aspect,
      value,
      basis: [],
      by: { side: "base", person: maro },
      device: uuid(),
      at: "2027-06-12T15:00:00Z",
      offsetMs: 0,
    });
    const answers = await postEntries(base.baseId, handover, [
      entry(stopSubject("head"), "shown", { result: "shown", handsOn: true, seconds: -4 }),
      entry("handover", "walk-order", { order: "by-mood" }),
      entry(`question:${uuid()}`, "asked", { words: " ", topic: null }),
      entry(stopSubject("head"), "count", { count: 1 }),
      entry("handover", "walk-order", { order: "shortest" }),
      entry(stopSubject("head"), "put-off", { off: true, why: "rain" }),
    ]);
    expect(answers.map((each) => each.code)).toEqual([
      "bad-value",
      "bad-value",
      "bad-value",
      "aspect-does-not-fit",
      null,
      null,
    ]);
  });
});

describe("the briefing sheet", () => {
  const page = async (reference: string, person: string) => {
    const [stay, id] = [await base.inBase((db) => findStay(db, { reference })), await base.person(person)];
    if (!stay) throw new Error("no stay");
    return base.inBase((db) => briefingSheet(db, stay, id));
  };

  it("says what changed on her since this briefer last briefed her, and what the last crew called about", async () => {
    const briefer = await page("BR-1060", "Senna Ruhl");
    expect(briefer.since).toMatchObject({
      revision: 1,
      changes: [{ path: "/engines/main/stopHoldSeconds", from: 6, to: 8 }],
    });
    expect(briefer.lastCalls.map((call) => call.topic)).toEqual(["water-aft", "shore-breaker"]);
    expect([briefer.studied, briefer.plan.state.questions.length, briefer.minutes > 60]).toEqual([true, 2, true]);
    expect((await page("BR-1060", "Odile Varn")).since).toBeNull();
  });

  it("has the next call that is noted", async () => {
    const [stay, odile] = [await base.stayOf("BR-1060"), await base.person("Odile Varn")];
    await base.inBase((db) =>
      addCall(
        db,
        { id: uuid(), stayId: stay, topic: null, words: "How is the heater switched off?" },
        odile,
        "2027-06-14T21:00:00Z",
      ),
    );
    expect((await base.inBase((db) => callsOf(db, stay))).map((call) => call.words)).toEqual([
      "How is the heater switched off?",
    ]);
  });
});

it("tells the manager on Today when experience is far below a yacht", async () => {
  const charter = await charterOf("BR-1058");
  await take(charter, answer({ about: "experience", value: { longestM: 0, weeks: 0, handled: [], language: "en" } }));
  const { rows } = await base.inBase(todayView);
  expect(rows.find((row) => row.stay.reference === "BR-1058")?.farBelow?.remedies).toEqual([
    "longer-briefing",
    "trial-sail",
    "hired-skipper",
  ]);
  expect(rows.find((row) => row.stay.reference === "BR-1060")?.farBelow).toBeNull();
});
