import { valueAt } from "../draft/pointer";
import type { YachtFile } from "../schema";
import type { YachtNote } from "./note";

/** A change that a note asks for: what stands at a place now, and what ought to. Null is nothing. */
export interface ProposedEdit {
  path: string;
  from: unknown;
  to: unknown;
}

const made = (path: string, to: unknown): ProposedEdit => ({ path, from: null, to });

/** Price and life of a new thing until somebody types them: none, and ten years. */
const unpriced = { replacementMinor: 0, lifeMonths: 120 } as const;

/** A key for a new part, made from its name and not in use. */
export function freeKey(taken: object, name: string): string {
  const plain =
    name
      .toLowerCase()
      .normalize("NFD")
      .replaceAll(/\p{M}/gu, "")
      .replaceAll(/[^a-z0-9]+/g, "-")
      .replaceAll(/^-+|-+$/g, "")
      .slice(0, 50) || "thing";
  for (let number = 1; ; number++) {
    const key = number === 1 ? plain : `${plain}-${number}`;
    if (!Object.hasOwn(taken, key)) return key;
  }
}

/**
 * The changes that a note asks for in a file; none where the file says so already, or what it is about is gone. What is
 * different from the class brings an oddity along, so that the next briefer says it.
 *
 * @param day the day a new thing counts as bought
 * @param ofClass the class that she is of, for what is aboard as it has it
 */
export function proposeEdits(file: YachtFile, note: YachtNote, day: string, ofClass: YachtFile): ProposedEdit[] {
  const edit = (path: string, to: unknown): ProposedEdit[] => {
    const from = valueAt(file, path);
    return JSON.stringify(from) === JSON.stringify(to) ? [] : [{ path, from, to }];
  };
  const place = note.place !== null && Object.hasOwn(file.places, note.place) ? note.place : null;
  if (note.kind === "new") return place === null || note.name.trim() === "" ? [] : [newPart(file, note, place, day)];
  if (note.kind === "odd") return place === null || note.how.trim() === "" ? [] : [oddity(file, note, place)];
  if (!note.about) return [];
  const { collection, key } = note.about;
  const base = `/${collection}/${key}`;
  if (note.kind === "as-class") {
    const classPart = valueAt(ofClass, base) as object | null;
    if (classPart === null || valueAt(file, base) !== null) return [];
    return edit(
      base,
      collection === "fittings" && note.photos[0] ? { ...classPart, photo: note.photos[0] } : classPart,
    );
  }
  const part = valueAt(file, base) as { place?: string; name?: { en: string }; system?: string } | null;
  if (part === null) return [];
  const photo = collection === "fittings" && note.photos[0] ? edit(`${base}/photo`, note.photos[0]) : [];
  switch (note.kind) {
    case "not-here":
      return edit(base, null);
    case "as-in-file":
      return photo;
    case "different": {
      const moved = place !== null && place !== part.place ? edit(`${base}/place`, place) : [];
      const where =
        note.where.trim() !== "" && (collection === "fittings" || collection === "inventory")
          ? edit(`${base}/where`, { en: note.where.trim() })
          : [];
      const how =
        note.how.trim() !== "" && collection !== "inventory" ? edit(`${base}/how`, { en: note.how.trim() }) : [];
      const said = [note.where.trim(), note.how.trim()].filter((words) => words !== "").join("; ");
      const oddity =
        said === "" || collection !== "fittings"
          ? []
          : edit(`/oddities/${freeKey(file.oddities, `${key}-odd`)}`, {
              place: place ?? part.place,
              system: part.system,
              words: { en: `${part.name?.en ?? key}: ${said}` },
              fitting: key,
            });
      const count = collection === "inventory" && note.count !== null ? edit(`${base}/expected`, note.count) : [];
      return [...moved, ...where, ...how, ...count, ...photo, ...oddity];
    }
  }
}

/** What is odd about her, for who briefs her next. */
function oddity(file: YachtFile, { name, how, about, system }: YachtNote, place: string): ProposedEdit {
  const fitting = about?.collection === "fittings" && Object.hasOwn(file.fittings, about.key) ? about.key : null;
  return made(`/oddities/${freeKey(file.oddities, fitting === null ? name : `${fitting}-odd`)}`, {
    place,
    system: system ?? file.fittings[fitting ?? ""]?.system ?? "hull-and-deck",
    words: { en: how.trim() },
    ...(fitting === null ? {} : { fitting }),
  });
}

/** What is said of a thing that is not in the file. */
export type NewThing = Pick<YachtNote, "name" | "thing" | "count" | "where" | "how" | "photos">;

/**
 * A part for a thing that is not in the file: a fitting, or something stowed where it is not said to be one.
 *
 * @param place a place of the file
 * @param day the day something stowed counts as bought
 */
export function newPart(file: YachtFile, note: NewThing, place: string, day: string): ProposedEdit {
  const name = { en: note.name.trim() };
  const where = { en: note.where.trim() === "" ? (file.places[place]?.name.en ?? place) : note.where.trim() };
  if (note.thing !== null) {
    return made(`/fittings/${freeKey(file.fittings, note.name)}`, {
      name,
      system: "hull-and-deck",
      place,
      kind: note.thing,
      where,
      ...(note.how.trim() === "" ? {} : { how: { en: note.how.trim() } }),
      ...(note.photos[0] ? { photo: note.photos[0] } : {}),
    });
  }
  const last = Math.max(0, ...Object.values(file.inventory).map((item) => item.order));
  return made(`/inventory/${freeKey(file.inventory, note.name)}`, {
    name,
    order: last + 10,
    place,
    where,
    system: "comfort",
    group: "below",
    expected: note.count ?? 1,
    boughtOn: day,
    ...unpriced,
  });
}
