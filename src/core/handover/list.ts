import { Type, type Static } from "@sinclair/typebox";
import { BaseRules } from "../base/rules";
import { digestOf } from "../basics/digest";
import { InstantText, Sha256, Uuid } from "../basics/ids";
import { Words } from "../basics/words";
import { BriefingPart } from "../briefing/part";
import { HiredExtra } from "../extras/extra";
import { Key, Level, Side } from "../yacht/schema";
import { FirstLook } from "./first-look";
import { KnownDefect } from "./known";
import { Line } from "./lines";
import { HandoverKind } from "./lines/line-input";

const closed = { additionalProperties: false } as const;

export const ListPlace = Type.Object({ id: Key, name: Words, level: Level, side: Side, reach: Words }, closed);
export type ListPlace = Static<typeof ListPlace>;

/** The handovers that two sides sign. */
export const SignedKind = Type.Union([Type.Literal("check-in"), Type.Literal("check-out")]);
export type SignedKind = Static<typeof SignedKind>;

/** What a handover is made of; fixed when it is opened. */
export const HandoverList = Type.Object(
  {
    version: Type.Literal(1),
    kind: HandoverKind,
    handover: Uuid,
    yacht: Type.Object(
      { id: Uuid, name: Type.String(), class: Type.String(), revision: Type.Integer({ minimum: 1 }), fileHash: Sha256 },
      closed,
    ),
    stay: Type.Object(
      {
        id: Uuid,
        from: InstantText,
        to: InstantText,
        fromDay: Type.String(),
        toDay: Type.String(),
        aboard: Type.Integer({ minimum: 1 }),
      },
      closed,
    ),
    maximumAboard: Type.Integer({ minimum: 1 }),
    /** her own limits of wind, where her file has them */
    ownWindKn: Type.Optional(
      Type.Object({ mean: Type.Optional(Type.Number()), gusts: Type.Optional(Type.Number()) }, closed),
    ),
    currency: Type.String({ pattern: "^[A-Z]{3}$" }),
    /** the seal of the check-in this check-out goes back to */
    checkInSeal: Type.Union([Sha256, Type.Null()]),
    places: Type.Array(ListPlace),
    lines: Type.Array(Type.Unsafe<Line>(Line)),
    openedAt: Type.Optional(InstantText),
    /** the base's rules as they stood when the list was made */
    rules: Type.Optional(BaseRules),
    /** weights of the people aboard by the crew list, lightest first; names stand outside the record */
    crewKg: Type.Optional(Type.Array(Type.Integer({ minimum: 1, maximum: 400 }))),
    /** extras that the charter has hired, as they were agreed */
    hired: Type.Optional(Type.Array(HiredExtra)),
    /** what is known to be wrong with her when the list is made */
    known: Type.Optional(Type.Array(KnownDefect)),
    /** at check-in: the briefing as it was planned for this skipper */
    briefing: Type.Optional(BriefingPart),
    /** at check-out: what is likely to have changed, most likely first */
    first: Type.Optional(Type.Array(FirstLook)),
  },
  closed,
);
export type HandoverList = Static<typeof HandoverList>;

/** Hash of a list, by which a seal names it. */
export function listHash(list: HandoverList): string {
  return digestOf(list);
}
