import { Type, type Static } from "@sinclair/typebox";
import { digestOf } from "../basics/digest";
import { InstantText, PartySide, Uuid } from "../basics/ids";

/** What an entry is about: a line of the list, a mark or a found thing made on the device, or the handover itself. */
export const Subject = Type.String({
  pattern:
    "^(handover|line:[a-z]+:[a-z0-9-]{1,80}|stop:[a-z0-9-]{1,60}|(mark|found|question):[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})$",
});

/** How many entries one entry can replace; where more stand side by side they are replaced in steps. */
export const mostReplaced = 20;

/** One recorded fact, by one person, at one time. Never changed; what is changed is recorded by another entry. */
export const Entry = Type.Object(
  {
    v: Type.Literal(1),
    /** UUID v7, made on the device */
    id: Uuid,
    handover: Uuid,
    subject: Subject,
    aspect: Type.String({ pattern: "^[a-z-]{1,30}(:[a-z0-9-]{1,64})?$" }),
    value: Type.Unknown(),
    /** the entries this one replaces: none for a first one, one for a change, all heads when a fork is settled */
    basis: Type.Array(Uuid, { maxItems: mostReplaced, uniqueItems: true }),
    by: Type.Object({ side: PartySide, person: Uuid }, { additionalProperties: false }),
    device: Uuid,
    at: InstantText,
    /** when it was written on paper, for what was typed in later */
    paperAt: Type.Optional(InstantText),
    /** how far the device's clock is known to be ahead of the base's, or null when it is not known */
    offsetMs: Type.Union([Type.Integer({ minimum: -1e12, maximum: 1e12 }), Type.Null()]),
  },
  { additionalProperties: false },
);
export type Entry = Static<typeof Entry>;

/** Hash of an entry's content, by which a seal names it. */
export function entryHash(entry: Entry): string {
  return digestOf(entry);
}
