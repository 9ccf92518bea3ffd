/** Why a yacht is nobody's to promise for some days. */
export const closingKinds = ["service", "not-available"] as const;
export type ClosingKind = (typeof closingKinds)[number];
