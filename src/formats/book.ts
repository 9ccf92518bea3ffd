import { Type, type Static } from "@sinclair/typebox";
import { InstantText, Uuid } from "../core/handover/entry";
import { HandoverKind } from "../core/handover/list";
import { YachtFile } from "../core/yacht/schema";

const closed = { additionalProperties: false } as const;
const BaseWords = Type.Object({ name: Type.String(), place: Type.String(), phone: Type.String(), timeZone: Type.String(), currency: Type.String() }, closed);

/** What stands on one sentence of the skipper's copy: which line, how it stood, what was said. */
const Noted = Type.Object(
  { place: Type.String(), name: Type.String(), verdict: Type.Union([Type.Literal("fine"), Type.Literal("watch"), Type.Literal("stop")]), words: Type.String(), photos: Type.Array(Type.String()) },
  closed,
);

/** The boat book of one charter. */
export const BoatBook = Type.Object(
  {
    base: BaseWords,
    reference: Type.String(),
    skipper: Type.String(),
    stay: Type.Object({ id: Uuid, startsAt: InstantText, endsAt: InstantText, aboard: Type.Integer() }, closed),
    yacht: Type.Object({ name: Type.String(), berth: Type.String(), file: YachtFile }, closed),
    handovers: Type.Array(
      Type.Object({ id: Uuid, kind: HandoverKind, sealedAt: Type.Union([InstantText, Type.Null()]), seal: Type.Union([Type.String(), Type.Null()]), noted: Type.Array(Noted), lines: Type.Integer() }, closed),
    ),
    settlement: Type.Union([Type.Object({ sealedAt: InstantText, dueMinor: Type.Integer(), heldMinor: Type.Integer(), releaseMinor: Type.Integer() }, closed), Type.Null()]),
  },
  closed,
);
export type BoatBook = Static<typeof BoatBook>;

/** What opens by the code posted aboard. */
export const AboardBook = Type.Object({ base: BaseWords, yacht: Type.Object({ name: Type.String(), berth: Type.String(), file: YachtFile }, closed) }, closed);
export type AboardBook = Static<typeof AboardBook>;
