import type { Words } from "../../basics/words";
import { filledWords } from "../../yacht/figures";
import type { YachtFile } from "../../yacht/schema";
import type { ListPlace } from "../list";
import type { Line, TestLine } from "../lines";
import { hiredLine } from "../../extras/aboard";
import type { HiredExtra } from "../../extras/extra";
import type { DueTask } from "../../tasks/due";
import { prepSections, sectionKey, type PrepSection } from "../../tasks/sections";
import { stepOfReading } from "./sections";
import { prepWords } from "./words";

/** The sections of the round that this yacht has anything in, as the places of its list: one goes through them in this order. */
export function prepPlaces(lines: readonly Line[]): ListPlace[] {
  return prepSections
    .filter((section) => lines.some((line) => line.place === sectionKey(section)))
    .map((section) => ({ id: sectionKey(section), level: "below", side: "centre", ...prepWords.sections[section] }));
}

/** What a round is made from besides the yacht's file. */
export interface PrepInput {
  /** the reading lines of a check-in on the same file, with all that their rules need */
  readings: readonly Line[];
  /** its count lines */
  counts: readonly Line[];
  /** what the base does on her before she goes out */
  tasks: readonly DueTask[];
  /** extras of this charter, which are put aboard */
  hired: readonly HiredExtra[];
  /** extras of the charter before, which are taken off her */
  takeOff: readonly HiredExtra[];
}

/**
 * The technician's lines, out of the yacht's file and what the base does between two charters: laying up and opening up,
 * batteries before the first load, the engine cold in its fixed order, every seacock, tanks and gas, safety gear laid out
 * and dated, every sail, the engine running, the turn-round with the extras, and what the crew is to find.
 */
export function prepLines(file: YachtFile, { readings, counts, tasks, hired, takeOff }: PrepInput): Line[] {
  const steps: { section: PrepSection; step: number; line: Line }[] = [];
  const add = (section: PrepSection, step: number, line: Line) =>
    steps.push({ section, step, line: { ...line, place: sectionKey(section), at: line.place } });
  const test = (
    section: PrepSection,
    step: number,
    key: string,
    place: string,
    words: { name: Words; how: Words; caution?: Words },
    system: TestLine["system"],
    { safety = false, of = "prep", minutes = 0 } = {},
  ) =>
    add(section, step, {
      id: `test:${of}-${key}`,
      kind: "test",
      place,
      name: words.name,
      system,
      safety,
      how: words.how,
      caution: words.caution ?? null,
      when: "alongside",
      waitHours: null,
      ...(minutes > 0 ? { minutes } : {}),
    });

  const aboard = Object.keys(file.places)[0] ?? "";
  for (const { key, task, minutes } of tasks) {
    const safety = task.caution !== undefined;
    test(task.section, task.step, key, aboard, task, "hull-and-deck", { of: "task", minutes, safety });
  }
  for (const { key, place, count, extra } of takeOff)
    test("turn-round", 0, key, place, takenOff(count, extra.name), extra.system, { of: "off" });
  const isHired = new Set(hired.map(({ key }) => hiredLine(key)));
  for (const line of counts) if (isHired.has(line.id)) add("turn-round", 90, line);
  for (const line of readings) {
    const at = line.kind === "reading" ? stepOfReading[line.reading as keyof typeof stepOfReading] : null;
    if (at) add(at.section, at.step, line);
  }
  for (const [key, engine] of Object.entries(file.engines)) {
    if (engine.kind === "diesel")
      test("engine-cold", 7, `leaks-${key}`, engine.place, named(prepWords.leaks, engine.name), "engine");
    test("engine-running", 6, `gear-${key}`, engine.place, named(prepWords.gear, engine.name), "engine", {
      safety: true,
    });
  }
  for (const [key, fitting] of Object.entries(file.fittings)) {
    if (fitting.kind !== "seacock") continue;
    const left = fitting.normally === "shut" ? prepWords.leaveShut : prepWords.leaveOpen;
    test(
      "seacocks",
      1,
      `seacock-${key}`,
      fitting.place,
      { name: fitting.name, how: joined(filledWords(file, fitting.where), prepWords.seacock, left) },
      fitting.system,
      { safety: true },
    );
  }
  for (const line of counts) if (line.safety && !isHired.has(line.id)) add("safety-gear", 1, line);
  for (const [key, sail] of Object.entries(file.sails)) {
    add("sails", 1, {
      id: `look:prep-sail-${key}`,
      kind: "look",
      place: aboard,
      name: sail.name,
      system: "rig-and-sails",
      safety: false,
      how: prepWords.sail,
      surface: "deck",
      group: "sails",
    });
  }
  // stable by section and step: within a step the file's own order stands
  return steps
    .sort((a, b) => prepSections.indexOf(a.section) - prepSections.indexOf(b.section) || a.step - b.step)
    .map(({ line }) => line);
}

const joined = (...parts: Words[]): Words => ({
  en: parts
    .map((part) => part.en ?? "")
    .join(". ")
    .replaceAll("..", "."),
});
const takenOff = (count: number, { en = "" }: Words) => ({
  name: { en: `${prepWords.takeOff.en}: ${count} × ${en}` },
  how: prepWords.takeOff,
});
const named = (words: { name: Words; how: Words; caution?: Words }, engine: Words) => ({
  ...words,
  name: { en: `${words.name.en ?? ""}: ${engine.en ?? ""}` },
});
