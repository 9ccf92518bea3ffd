import { Type, type Static } from "@sinclair/typebox";

export const Uuid = Type.String({ pattern: "^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$" });
/** An instant that there is: the form by its pattern, and by its format neither 99 o'clock nor the 31st of February. */
export const InstantText = Type.String({
  pattern: "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}(\\.\\d{1,3})?Z$",
  format: "date-time",
});
export const Sha256 = Type.String({ pattern: "^[0-9a-f]{64}$" });

/** Whose side a person stands on when recording. */
export const PartySide = Type.Union([Type.Literal("base"), Type.Literal("skipper")]);
export type PartySide = Static<typeof PartySide>;
