export const findableKinds = ["fitting", "inventory", "procedure", "oddity", "card"] as const;
export type FindableKind = (typeof findableKinds)[number];
