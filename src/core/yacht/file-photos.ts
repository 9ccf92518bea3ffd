import type { YachtFile } from "./schema";

/** The photos that a yacht's file shows of her fittings, by their hashes, each once; drawn samples are none. */
export function filePhotos(file: Pick<YachtFile, "fittings">): string[] {
  const all = Object.values(file.fittings).flatMap(({ photo, photoShut }) => [photo, photoShut]);
  return [...new Set(all.filter((photo) => photo !== undefined && !photo.startsWith("drawn:")))] as string[];
}
