import { demoYacht } from "../../testing/demo-yacht";
import { checkFile } from "../checks";
import { referredCollection } from "../yacht/draft/fields";
import type { YachtFile } from "../yacht/schema";
import { depthOf } from "./depth";
import { questionsOf } from "./questions";
import { ruledStops } from "./stops/rules";
import { signingPlace } from "./stops/walk-input";
import { topicsOf } from "./topics";

const fleet = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"];
const renamed = new Set(["procedures", "fittings", "stops", "places"]);
const other = (key: string) => `x-${key}-y`;

/** A yacht of a base that calls every procedure, fitting, stop and place something else. */
function otherwiseNamed(file: YachtFile): YachtFile {
  const inside = (value: unknown, collection: string, field: string): unknown => {
    if (typeof value === "string")
      return renamed.has(referredCollection(collection, field) ?? "")
        ? other(value)
        : value.replace(
            /\{(procedures|fittings)\.([a-z0-9-]+)\./g,
            (_, of: string, key: string) => `{${of}.${other(key)}.`,
          );
    if (Array.isArray(value)) return value.map((each) => inside(each, collection, field));
    if (typeof value !== "object" || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, inside(each, collection, name)]));
  };
  return Object.fromEntries(
    Object.entries(file).map(([collection, parts]) => [
      collection,
      typeof parts === "string" || collection === "particulars"
        ? parts
        : Object.fromEntries(
            Object.entries(parts).map(([key, part]) => [
              renamed.has(collection) ? other(key) : key,
              inside(part, collection, ""),
            ]),
          ),
    ]),
  ) as unknown as YachtFile;
}

const novice = { longestM: 8, weeks: 1, handled: [], language: "en" };
const deep = (file: YachtFile) =>
  topicsOf(file).map((topic) => {
    const { depth, reasons } = depthOf({ file, topic, experience: novice, mark: null, wrong: 0, asked: 0 });
    return [topic.id, depth, reasons.map(({ why, values }) => [why, values])];
  });

describe("what a base calls its parts", () => {
  it.each(fleet)("changes no rule of the walk on %s", (slug) => {
    const file = demoYacht(slug);
    const waits = (stops: ReturnType<typeof ruledStops>) =>
      stops.map(({ id, after, closes }) => [id, [...after].sort(), closes]);
    const usual = ruledStops(file).map(({ id, after, closes }) => [
      other(id),
      [...after].map(other).sort(),
      closes === null ? null : other(closes),
    ]);
    expect(waits(ruledStops(otherwiseNamed(file)))).toEqual(usual);
    expect(signingPlace(otherwiseNamed(file))).toBe(other("cockpit"));
  });

  it.each(fleet)("changes no depth and no question on %s", (slug) => {
    const file = demoYacht(slug);
    const byName = (topics: ReturnType<typeof deep>) => topics.sort(([a], [b]) => (String(a) < String(b) ? -1 : 1));
    expect(byName(deep(otherwiseNamed(file)))).toEqual(
      byName(deep(file).map(([id, ...more]) => [other(id as string), ...more])),
    );
    const asked = (each: YachtFile) =>
      questionsOf(each)
        .map(({ ask }) => ask)
        .sort();
    expect(asked(otherwiseNamed(file))).toEqual(asked(file));
  });

  it.each(fleet)("is nothing the checks of %s mind", (slug) =>
    expect(checkFile(otherwiseNamed(demoYacht(slug)), "2027-06-12")).toEqual([]),
  );

  it("would lose the order of windlass and engine where no purpose is named, and that blocks publishing", () => {
    const file = structuredClone(demoYacht("quillback"));
    for (const stop of Object.values(file.stops)) stop.after = [];
    const waitsFor = () => ruledStops(file).find(({ id }) => id === "windlass")?.after;
    expect([...(waitsFor() ?? [])]).toEqual(expect.arrayContaining(["engine-start", "windlass-switch"]));
    delete file.procedures["anchor-down"]!.purpose;
    delete file.procedures["anchor-load-off"]!.after;
    expect(
      checkFile(file, "2027-06-12")
        .filter(({ level }) => level === "error")
        .map(({ check }) => check),
    ).toContain("safety-topics-covered");
    expect([...(waitsFor() ?? [])]).not.toContain("windlass-switch");
  });
});
