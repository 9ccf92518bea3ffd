export const findableKinds = ["fitting", "inventory", "procedure", "oddity", "card", "figure"] as const;
export type FindableKind = (typeof findableKinds)[number];
