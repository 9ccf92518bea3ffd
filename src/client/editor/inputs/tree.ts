import type { YachtFile } from "@/core/yacht/schema";

/** A part of the file in the tree: which it is, and what it is called. */
export interface TreePart {
  collection: string;
  key: string;
  name: string;
  /** its order among its like, where it has one of its own */
  order: number | null;
}
export interface TreeGroup {
  id: string;
  name: string;
  parts: TreePart[];
}

type Loose = Record<string, unknown>;
const english = (words: unknown): string | null =>
  typeof (words as { en?: unknown } | null)?.en === "string" ? (words as { en: string }).en : null;

/** What a part is called: its name, title or words, else its key. */
export function partName(part: unknown, key: string): string {
  const loose = part as Loose;
  return (english(loose.name) ?? english(loose.title) ?? english(loose.words) ?? key).slice(0, 80);
}

/** Every part of a file, in groups by place, by system or by kind of part; what has no place or system comes last. */
export function treeOf(
  file: YachtFile,
  by: "place" | "system" | "collection",
  words: { noPlace: string; system: (id: string) => string; collection: (id: string) => string },
): TreeGroup[] {
  const groups = new Map<string, TreeGroup>();
  const into = (id: string, name: string, part: TreePart) => {
    const group = groups.get(id) ?? { id, name, parts: [] };
    group.parts.push(part);
    groups.set(id, group);
  };
  const placeName = (id: string) => english(file.places[id]?.name) ?? id;
  if (by === "place")
    for (const id of Object.keys(file.places))
      groups.set(id, {
        id,
        name: placeName(id),
        parts: [{ collection: "places", key: id, name: placeName(id), order: null }],
      });
  for (const [collection, parts] of Object.entries(file)) {
    if (typeof parts !== "object" || collection === "particulars" || (by === "place" && collection === "places"))
      continue;
    const orderOf = (part: Loose) => (typeof part.order === "number" ? part.order : null);
    for (const [key, part] of Object.entries(parts as Record<string, Loose>).sort(
      ([, a], [, b]) => (orderOf(a) ?? 0) - (orderOf(b) ?? 0),
    )) {
      const entry = { collection, key, name: partName(part, key), order: orderOf(part) };
      const place = typeof part.place === "string" ? part.place : null;
      const system = typeof part.system === "string" ? part.system : null;
      if (by === "place") into(place ?? "", place === null ? words.noPlace : placeName(place), entry);
      else if (by === "system")
        into(system ?? collection, system === null ? words.collection(collection) : words.system(system), entry);
      else into(collection, words.collection(collection), entry);
    }
  }
  return [...groups.values()].sort((a, b) => Number(a.id === "") - Number(b.id === ""));
}
