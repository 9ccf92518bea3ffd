import { demoYacht } from "../../../testing/demo-yacht";
import type { Experience } from "../experience";
import { questionsOf } from "../questions";
import type { StudyAnswer } from "./answer";
import { briefingPlan } from "./study";
import { notAlone, type AloneInput } from "./walk-alone";

const heron = demoYacht("pale-heron");
const seasoned: Experience = {
  longestM: 11,
  weeks: 9,
  handled: ["diesel", "slab-reefing", "electric-windlass"],
  language: "en",
};
let number = 0;
const answer = (said: object) =>
  ({
    v: 1,
    id: `00000000-0000-7000-8000-${String(++number).padStart(12, "0")}`,
    revision: 1,
    at: "2027-06-10T20:00:00Z",
    ...said,
  }) as StudyAnswer;
const told = (experience: Experience) => answer({ about: "experience", value: experience });
const checks = questionsOf(heron).map((question) =>
  answer({ about: "check", question: question.id, value: question.right }),
);
const input = (answers: StudyAnswer[], more: Partial<AloneInput> = {}): AloneInput => ({
  rules: { walkAlone: true },
  plan: briefingPlan(heron, answers),
  startsAt: "2027-06-12T15:00:00.000Z",
  now: "2027-06-12T10:00:00.000Z",
  isBack: true,
  ...more,
});

describe("walking alone", () => {
  it("stands open to who has told enough, answered all and commanded the like, where the base allows it", () =>
    expect(notAlone(input([told(seasoned), ...checks]))).toEqual([]));

  it("is closed by the base's rule, and then nothing else is said", () =>
    expect(notAlone(input([], { rules: { walkAlone: false }, isBack: false }))).toEqual(["base-rule"]));

  it("opens twelve hours before the charter, to the minute", () => {
    const full = [told(seasoned), ...checks];
    expect(notAlone(input(full, { now: "2027-06-12T03:00:00.000Z" }))).toEqual([]);
    expect(notAlone(input(full, { now: "2027-06-12T02:59:00.000Z" }))).toEqual(["too-early"]);
  });

  it("waits for the yacht, for the experience and for every question, and names each", () => {
    expect(notAlone(input([], { isBack: false }))).toEqual(["yacht-out", "no-experience", "checks-open"]);
    expect(notAlone(input([told(seasoned), ...checks.slice(1)]))).toEqual(["checks-open"]);
  });

  it("is closed to experience far below the yacht, however well the questions were answered", () => {
    // she is 11.6 m long or so: who commanded 6 m has not commanded the like (limit 1.4 times)
    expect(notAlone(input([told({ ...seasoned, longestM: 6 }), ...checks]))).toEqual(["far-below"]);
  });

  it("waits for the drills that the base asks for, on a yacht that has such a device", () => {
    const full = [told(seasoned), ...checks];
    const asks = (device: string) => ({ rules: { walkAlone: true, drillsBeforeAlone: [device] } });
    expect(notAlone(input(full, asks("engine")))).toEqual(["drills-open"]);
    // she has no thruster
    expect(notAlone(input(full, asks("thruster")))).toEqual([]);
    const plan = briefingPlan(heron, full);
    const drilled = plan.drilled.map((each) => ({ ...each, isAlone: true }));
    expect(notAlone(input(full, { ...asks("engine"), plan: { ...plan, drilled } }))).toEqual([]);
  });
});
