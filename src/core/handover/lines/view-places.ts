import { entriesByOrder } from "../../yacht/by-order";
import type { Surface, YachtFile } from "../../yacht/schema";

/** The id of the line by which one side is looked at as a whole. */
export const viewId = (surface: string) => `view:${surface}`;

/** The sides of this yacht from outside, each where one looks at something on it first. */
export function viewPlaces(file: YachtFile): Map<Surface, string> {
  const places = new Map<Surface, string>();
  for (const [, look] of entriesByOrder(file.looks))
    if (look.surface !== "below" && !places.has(look.surface)) places.set(look.surface, look.place);
  return places;
}
