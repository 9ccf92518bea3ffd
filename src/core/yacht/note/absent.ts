import type { YachtFile } from "../schema";

/** A part that the class has and a yacht's file has not. */
export interface AbsentPart {
  collection: string;
  key: string;
  name: string;
  /** where the class has it; null for what stands at no place */
  place: string | null;
  part: unknown;
}

type Loose = Record<string, unknown>;
const english = (words: unknown) => (words as { en?: string } | undefined)?.en;

/** What a yacht's class has and her file has not: taken out of it, or new in the class since. */
export function absentParts(file: YachtFile, ofClass: YachtFile): AbsentPart[] {
  return Object.entries(ofClass).flatMap(([collection, parts]) => {
    if (typeof parts !== "object" || collection === "particulars") return [];
    const own = (file as unknown as Record<string, object>)[collection] ?? {};
    return Object.entries(parts as Record<string, Loose>)
      .filter(([key]) => !Object.hasOwn(own, key))
      .map(([key, part]) => ({
        collection,
        key,
        name: english(part.name) ?? english(part.title) ?? english(part.words) ?? key,
        place: typeof part.place === "string" ? part.place : null,
        part,
      }));
  });
}
