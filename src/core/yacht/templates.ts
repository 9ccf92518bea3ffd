/** Classes that ship with Brinecove to be begun from: places, ways, usual fittings and procedures, and no figure. */
export const templates = ["sloop", "catamaran", "day-boat", "blank"] as const;
export type Template = (typeof templates)[number];
