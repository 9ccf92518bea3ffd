export const findableKinds = [
  "fitting",
  "line",
  "source",
  "equipment",
  "inventory",
  "procedure",
  "oddity",
  "card",
  "figure",
] as const;
export type FindableKind = (typeof findableKinds)[number];
