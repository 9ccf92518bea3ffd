/** How a change at a place of a class's file reaches one of its yachts: it shows there, or she has her own there. */
export type Reach = "as-class" | "own" | "not-aboard";

/**
 * How a change at a place of a class's file reaches a yacht.
 *
 * @param patch her differences from the class (JSON Merge Patch)
 * @param path of a part or a field in the class's file
 * @returns `own` where she has something of her own at the place, in it, or all around it; `not-aboard` where she has nothing there
 */
export function reachOf(patch: unknown, path: string): Reach {
  let own = patch;
  for (const step of path.split("/").slice(1)) {
    if (own === null) return "not-aboard";
    // a list, or a value, of her own stands over the whole of the class's
    if (typeof own !== "object" || Array.isArray(own)) return "own";
    if (!Object.hasOwn(own, step)) return "as-class";
    own = (own as Record<string, unknown>)[step];
  }
  return own === null ? "not-aboard" : "own";
}
