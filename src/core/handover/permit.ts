import { Type, type Static } from "@sinclair/typebox";
import { digestOf } from "../basics/digest";
import { InstantText, Uuid } from "../basics/ids";
import type { Entry } from "./entry";

/**
 * What the base says of somebody who records on a device: who it is and what they are, for some hours. It is kept on the
 * device, so that what a manager does without signal is proved when it arrives.
 */
export const Permit = Type.Object(
  {
    v: Type.Literal(1),
    handover: Uuid,
    /** the grant of the device it was made out to; on another it is worth nothing */
    grant: Uuid,
    person: Uuid,
    name: Type.String({ minLength: 1, maxLength: 200 }),
    roles: Type.Array(Type.String({ maxLength: 40 }), { maxItems: 10 }),
    from: InstantText,
    until: InstantText,
    /** the base's signature (Ed25519, base64) over `permitDigest` */
    signature: Type.String({ maxLength: 200 }),
  },
  { additionalProperties: false },
);
export type Permit = Static<typeof Permit>;

/** What the base signs. */
export function permitDigest(permit: Omit<Permit, "signature"> & { signature?: string }): string {
  const { signature: _over, ...said } = permit;
  return digestOf(said);
}

/** Clocks are off by a little, and an entry is written a moment before it is stamped. */
const slackMs = 5 * 60_000;

/** The instant an entry was made by the base's clock, as far as the device knew it; in milliseconds. */
export const madeAtMs = ({ at, offsetMs }: Pick<Entry, "at" | "offsetMs">): number => Date.parse(at) - (offsetMs ?? 0);

/** Whether a permit speaks for an entry: its person, its handover, and made while it was good. */
export function speaksFor(permit: Permit, entry: Entry): boolean {
  const at = madeAtMs(entry);
  return (
    permit.person === entry.by.person &&
    permit.handover === entry.handover &&
    at >= Date.parse(permit.from) - slackMs &&
    at <= Date.parse(permit.until) + slackMs
  );
}
