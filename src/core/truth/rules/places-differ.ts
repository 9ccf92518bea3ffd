import type { Boat } from "../boat";
import type { Found } from "../finding";
import { nameWords, type Thing } from "../things";
import type { TruthRule } from "./rule";

type Part = { name?: { en?: string }; title?: { en?: string }; place: string };
const placed = ["tests", "inventory", "stops"] as const;

/** Words in names that say what is done to a thing and not which it is. */
const idle = new Set([
  "test",
  "fit",
  "look",
  "count",
  "open",
  "shut",
  "down",
  "up",
  "out",
  "fitting",
  "cradle",
  "shown",
]);
const coreOf = (name: string): string[] =>
  nameWords(name.split(/[,:(]|\s+(?:with|from|on|and|its)\s+/)[0] ?? "").filter((word) => !idle.has(word));
const sameCore = (one: readonly string[], other: readonly string[]) =>
  one.length > 0 && one.length === other.length && one.every((word) => other.includes(word));
const holdsCore = (one: readonly string[], other: readonly string[]) =>
  one.length > 1 && one.every((word) => other.includes(word));

type Named = readonly [thing: Thing, core: readonly string[]];

/** The fittings that a part is, by its name: with the side that it names where there are two. */
function fittingsIt(fittings: readonly Named[], name: string, isSame: typeof sameCore): Thing[] {
  const core = coreOf(name);
  const apart = nameWords(
    name
      .split(/,|\s+with\s+/)
      .slice(1)
      .join(" "),
  );
  const like = fittings.filter(([, own]) => isSame(core, own)).map(([thing]) => thing);
  const told = like.filter((each) => each.apart.some((word) => apart.includes(word)));
  if (told.length > 0) return told;
  // "Extinguisher, starboard hull" is none of those that are told apart by other words
  return apart.length > 0 && like.length > 0 && like.every((each) => each.apart.length > 0) ? [] : like;
}

/** A test, a stop or a thing on the list stands where the fitting is that it speaks of. */
export const placesDiffer: TruthRule = {
  name: "places-differ",
  find: (boat) => {
    const fittings = boat.things
      .filter(({ collection }) => collection === "fittings")
      .map((thing): Named => [thing, coreOf(boat.file.fittings[thing.key]?.name.en ?? "")]);
    return placed.flatMap((collection) =>
      Object.entries(boat.file[collection] as Record<string, Part>).flatMap(([key, part]): Found[] => {
        const subject = subjectOf(boat, fittings, collection, key, part);
        if (subject.length === 0 || subject.some(({ place }) => place === part.place)) return [];
        // what is worked by a switch or control elsewhere is tried there
        if (collection === "tests" && worksHere(boat, key, part.place)) return [];
        return [
          {
            path: `/${collection}/${key}/${part.name ? "name" : "title"}`,
            code: "place-differs",
            fact: `${subject[0]!.path}/place`,
          },
        ];
      }),
    );
  },
};

function subjectOf(
  boat: Boat,
  fittings: readonly Named[],
  collection: (typeof placed)[number],
  key: string,
  part: Part,
): Thing[] {
  const name = part.name?.en ?? part.title?.en ?? "";
  // what names several things stands where one of them is; a spare lies anywhere
  if (/\bspares?\b/i.test(name) || / and /.test(name.split(/,| with /)[0] ?? "")) return [];
  if (/^life raft\b/i.test(name))
    return boat.things.filter(
      (each) => each.collection === "fittings" && boat.file.fittings[each.key]?.kind === "life-raft",
    );
  const twin = fittings.find(([thing]) => thing.key === key);
  if (twin && twin[1].some((word) => coreOf(name).includes(word))) return [twin[0]];
  const own = fittingsIt(fittings, name, sameCore);
  return own.length > 0 || collection !== "tests" ? own : fittingsIt(fittings, name, holdsCore);
}

/** Whether the words of a test name something that stands where it is tried. */
function worksHere(boat: Boat, key: string, place: string): boolean {
  const named = nameWords(boat.file.tests[key]?.how.en ?? "");
  return boat.things.some(
    (thing) =>
      thing.collection === "fittings" &&
      thing.place === place &&
      boat.file.fittings[thing.key]?.system === boat.file.tests[key]?.system &&
      thing.words.some((word) => word.length > 3 && named.includes(word)) &&
      ["switch", "control", "breaker", "remote", "gauge", "socket"].includes(boat.file.fittings[thing.key]?.kind ?? ""),
  );
}
