import { Type, type Static } from "@sinclair/typebox";

/** A defect that is known when a list is made: shown at its line, so that nobody is blamed for it and nobody looks for it anew. */
export const KnownDefect = Type.Object(
  {
    id: Type.String(),
    /** the line it was seen on, as its subject; may be on no line of this list */
    subject: Type.String(),
    title: Type.String(),
    words: Type.String(),
    safety: Type.Boolean(),
    /** an instant */
    since: Type.String(),
  },
  { additionalProperties: false },
);
export type KnownDefect = Static<typeof KnownDefect>;
