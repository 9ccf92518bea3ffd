import { Type, type Static } from "@sinclair/typebox";
import { strict } from "../yacht/parts/basics";

/** What is held of guests, each for a time of its own. */
export const keptKinds = ["crew", "study", "access", "contacts", "calls", "messages", "signatures", "names"] as const;
export type KeptKind = (typeof keptKinds)[number];

/** Days after the end of a charter that a kind may be kept at least and at most, and is where nobody says otherwise. */
export const keptDays: Readonly<Record<KeptKind, { least: number; usual: number; most: number }>> = {
  // who was aboard is asked for the day of the rescue; once they are ashore nobody needs it
  crew: { least: 1, usual: 30, most: 400 },
  // what they said of themselves before coming
  study: { least: 1, usual: 90, most: 400 },
  // the browsers they came with
  access: { least: 61, usual: 90, most: 400 },
  // somebody finds a jacket, or asks after a bill
  contacts: { least: 30, usual: 365, most: 4000 },
  calls: { least: 1, usual: 365, most: 4000 },
  messages: { least: 30, usual: 365, most: 4000 },
  // as long as somebody may dispute what was signed
  signatures: { least: 60, usual: 1095, most: 4000 },
  // as long as books have to be kept
  names: { least: 60, usual: 3650, most: 4000 },
};

/** For how many days after the end of a charter a base keeps each kind. */
export const Keeping = strict(
  Object.fromEntries(
    keptKinds.map((kind) => [kind, Type.Integer({ minimum: keptDays[kind].least, maximum: keptDays[kind].most })]),
  ) as Record<KeptKind, ReturnType<typeof Type.Integer>>,
);
export type Keeping = Static<typeof Keeping>;

export const usualKeeping = Object.fromEntries(keptKinds.map((kind) => [kind, keptDays[kind].usual])) as Keeping;

/** What does not fit together: contacts or messages kept longer than the name they belong to would keep the name. */
export const keepingFaults = (keeping: Keeping): KeptKind[] =>
  (["contacts", "messages", "signatures"] as const).filter((kind) => keeping[kind] > keeping.names);
