import type { Boat } from "../boat";
import type { Text } from "../texts";

const side = /\b(port|starboard)\b/i;

/** Whether a text is about the generator and not about what drives her. */
export const isOfGenerator = (boat: Boat, text: Text): boolean =>
  /generator/i.test(`${text.title} ${text.words} ${text.key}`) ||
  boat.fittingsOf(text).some((key) => /generator/i.test(boat.file.fittings[key]?.name.en ?? ""));

const isOfTender = (text: Text): boolean => /outboard|tender/i.test(`${text.title} ${text.key}`);

/** The engines that a text speaks of: those of the side that it names, else all. An outboard of the tender is none of them. */
export function enginesOf(boat: Boat, text: Text): [string, Boat["file"]["engines"][string]][] {
  const all = Object.entries(boat.file.engines);
  const of = text.collection === "readings" ? boat.file.readings[text.key]?.of : undefined;
  if (of !== undefined && boat.file.engines[of]) return all.filter(([key]) => key === of);
  if (text.collection === "engines") return all.filter(([key]) => key === text.key);
  if (isOfTender(text) && !all.some(([, { name }]) => /outboard/i.test(name.en ?? ""))) return [];
  if (all.length === 1) return all;
  const named = side.exec(`${text.title} ${text.words}`)?.[1]?.toLowerCase();
  const ofSide = all.filter(([key, engine]) => `${key} ${engine.name.en ?? ""}`.toLowerCase().includes(named ?? "?"));
  return ofSide.length > 0 ? ofSide : all;
}
