import { entryOf, id } from "../../../testing/records";
import { fold } from "../fold";
import type { BriefedStop, BriefingPart } from "../../briefing/part";
import { safetyStopsOpen, stopSubject, walkState } from "./walk-state";

const stop = (key: string, more: Partial<BriefedStop> = {}): BriefedStop => ({
  id: key,
  title: { en: key },
  place: `at-${key}`,
  system: "engine",
  safety: false,
  depth: "normal",
  why: [],
  minutes: 4,
  ...more,
});
const briefing: BriefingPart = {
  stops: [stop("start", { safety: true }), stop("raft", { safety: true }), stop("fridge")],
  questions: [{ id: id(50), topic: "fridge", words: "How cold?" }],
  wrong: [],
  studied: null,
  language: null,
};
const shown = (number: number, key: string, basis: string[] = []) =>
  entryOf(number, stopSubject(key), "shown", { result: "shown", handsOn: true, seconds: 200 }, { basis });

describe("where a walk stands", () => {
  it("has everything before it, deck first, when nothing is recorded", () => {
    const state = walkState(briefing, fold([]));
    expect(state).toMatchObject({ order: "deck-first", paused: false, at: null, minutesLeft: 12 });
    expect([...state.behind, ...state.putOff]).toEqual([]);
    expect(safetyStopsOpen(briefing, state)).toEqual(["start", "raft"]);
  });

  it("goes by what was recorded on any device, in any order of arrival", () => {
    const entries = [
      shown(1, "start"),
      entryOf(2, stopSubject("raft"), "put-off", { off: true, why: "rain" }),
      entryOf(3, "handover", "walk-order", { order: "shortest" }),
      entryOf(4, "handover", "walk-paused", { paused: true }),
      entryOf(5, stopSubject("fridge"), "shown", { result: "skipped", why: "no-time", words: "", manager: false }),
      entryOf(6, `question:${id(50)}`, "answered", { answered: true }),
      entryOf(7, `question:${id(51)}`, "asked", { words: "And the freezer?", topic: "fridge" }),
    ];
    for (const order of [entries, [...entries].reverse(), [...entries, ...entries]]) {
      const state = walkState(briefing, fold(order));
      expect(state).toMatchObject({ order: "shortest", paused: true, at: "at-fridge", minutesLeft: 4 });
      expect([[...state.behind], [...state.putOff]]).toEqual([["start", "fridge"], ["raft"]]);
      expect(state.questions).toEqual([
        { id: id(50), topic: "fridge", words: "How cold?", answered: true },
        { id: id(51), topic: "fridge", words: "And the freezer?", answered: false },
      ]);
      expect(safetyStopsOpen(briefing, state)).toEqual(["raft"]);
    }
  });

  it("takes a stop that was put off as shown once it was shown, and two devices that disagree as open", () => {
    const off = entryOf(1, stopSubject("raft"), "put-off", { off: true, why: "rain" });
    expect(walkState(briefing, fold([off, shown(2, "raft")])).standing.get("raft")?.step).toBe("shown");
    const skipped = entryOf(3, stopSubject("raft"), "shown", {
      result: "skipped",
      why: "no-time",
      words: "late",
      manager: true,
    });
    const state = walkState(briefing, fold([shown(2, "raft"), skipped]));
    expect([state.standing.get("raft")?.step, safetyStopsOpen(briefing, state)]).toEqual(["fork", ["start", "raft"]]);
    expect(
      walkState(briefing, fold([shown(2, "raft"), skipped, shown(4, "raft", [id(2), id(3)])])).standing.get("raft")
        ?.step,
    ).toBe("shown");
  });
});
