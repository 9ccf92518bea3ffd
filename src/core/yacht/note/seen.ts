import type { YachtFile } from "../schema";
import type { NotedCollection, YachtNote } from "./note";

/** A part of the file that belongs at a place. */
export interface Expected {
  collection: NotedCollection;
  key: string;
  name: string;
  place: string;
}

/** Things one can stand before: fittings first, then what is stowed. */
export function expectedAt(file: YachtFile, place: string): Expected[] {
  const of = (collection: "fittings" | "inventory", parts: Record<string, { place: string; name: { en?: string } }>) =>
    Object.entries(parts).flatMap(([key, part]): Expected[] =>
      part.place === place ? [{ collection, key, name: part.name.en ?? key, place }] : [],
    );
  return [...of("fittings", file.fittings), ...of("inventory", file.inventory)];
}

/** What belongs at a place by the file and nobody has said anything about yet. */
export function unseenAt(file: YachtFile, place: string, notes: readonly Pick<YachtNote, "about">[]): Expected[] {
  const seen = new Set(notes.flatMap(({ about }) => (about ? [`${about.collection} ${about.key}`] : [])));
  return expectedAt(file, place).filter(({ collection, key }) => !seen.has(`${collection} ${key}`));
}
