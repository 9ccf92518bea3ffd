import { fileChanges, same, type FileChange } from "./changes";
import type { YachtFile } from "./schema";

/** Something that a person who knows one sister would carry over wrongly to the other. */
export interface Trap {
  fitting: string;
  name: string;
  /** what differs: where it is, which way it opens, or how it is worked */
  differs: ("place" | "where" | "opens" | "how")[];
  one: TrapSide;
  other: TrapSide;
}

/** Where a fitting is on one of the two, and how it is worked. */
export interface TrapSide {
  place: string;
  where: string;
  how: string;
}

/** What differs between two sisters, their own names left aside. */
export function sisterDifferences(one: YachtFile, other: YachtFile): FileChange[] {
  const apart = new Set(["/particulars/name"]);
  return fileChanges(one, other).filter((change) => !apart.has(change.path));
}

/** Fittings that both sisters have, and that are elsewhere or work the other way on one of them. */
export function traps(one: YachtFile, other: YachtFile): Trap[] {
  return Object.entries(one.fittings).flatMap(([key, fitting]): Trap[] => {
    const twin = other.fittings[key];
    if (!twin) return [];
    const differs = (["place", "where", "opens", "how"] as const).filter((field) => !same(fitting[field], twin[field]));
    if (differs.length === 0) return [];
    const side = (part: typeof fitting, file: YachtFile) => ({
      place: file.places[part.place]?.name.en ?? part.place,
      where: part.where.en ?? "",
      how: part.how?.en ?? "",
    });
    return [{ fitting: key, name: fitting.name.en ?? key, differs, one: side(fitting, one), other: side(twin, other) }];
  });
}
