import { Type, type Static } from "@sinclair/typebox";
import { BaseRules } from "../base/rules";
import { digestOf } from "../basics/digest";
import { Words } from "../basics/words";
import { BriefingPart } from "../briefing/part";
import { KnownDefect } from "../upkeep/known";
import { Group, JacketKg, Key, Level, Side, Surface, System } from "../yacht/schema";
import { InstantText, Sha256, Uuid } from "./entry";
import { FirstLook } from "./first-look";
import { Mark } from "./mark";
import { matters, type Matter } from "./matters";

const closed = { additionalProperties: false } as const;

const common = {
  id: Type.String({ pattern: "^[a-z]+:[a-z0-9-]{1,80}$" }),
  place: Key,
  /** on a prep, whose places are the sections of the round: where aboard it is */
  at: Type.Optional(Key),
  name: Words,
  system: System,
  safety: Type.Boolean(),
  /** what it is about, where that decides whether she may leave */
  matter: Type.Optional(Type.Unsafe<Matter>({ type: "string", enum: [...matters] })),
};

export const CountLine = Type.Object(
  {
    ...common,
    kind: Type.Literal("count"),
    where: Words,
    group: Group,
    /** what ought to be there: by the yacht file at check-in, what was found at check-in at check-out */
    expected: Type.Integer({ minimum: 0 }),
    perPerson: Type.Boolean(),
    /** for a life jacket: whom it fits by weight */
    jacketKg: Type.Optional(JacketKg),
    replacementMinor: Type.Integer({ minimum: 0 }),
    boughtOn: Type.String(),
    lifeMonths: Type.Integer({ minimum: 1 }),
    /** used up in use: what is gone is no loss */
    consumed: Type.Optional(Type.Boolean()),
  },
  closed,
);
export const TestLine = Type.Object(
  {
    ...common,
    kind: Type.Literal("test"),
    how: Words,
    caution: Type.Union([Words, Type.Null()]),
    /** tried alongside, tried within some hours, or only shown and never tried (the distress button) */
    when: Type.Union([Type.Literal("alongside"), Type.Literal("may-wait"), Type.Literal("shown")]),
    /** hours after leaving the berth within which it must be tried; null when it must be tried alongside */
    waitHours: Type.Union([Type.Integer({ minimum: 1 }), Type.Null()]),
  },
  closed,
);
export const ReadingLine = Type.Object(
  {
    ...common,
    kind: Type.Literal("reading"),
    how: Words,
    reading: Type.String(),
    /** what the rule needs besides the value read: chemistry, capacity, last readings, the charter's days */
    given: Type.Record(Type.String(), Type.Unknown()),
    /** where the yacht's boat-data server has it */
    signal: Type.Optional(Type.String()),
  },
  closed,
);
export const LookLine = Type.Object(
  { ...common, kind: Type.Literal("look"), how: Words, surface: Surface, group: Group },
  closed,
);
export const MarkLine = Type.Object(
  {
    ...common,
    kind: Type.Literal("mark"),
    /** the view it is looked at with, where it is too small for a word of its own */ view: Type.Optional(
      Type.String(),
    ),
    group: Group,
    mark: Mark,
    photos: Type.Array(Sha256),
    since: Type.Union([InstantText, Type.Null()]),
  },
  closed,
);
/** One side of the yacht looked at as a whole, for what is new on it; the same views at every handover. */
export const ViewLine = Type.Object(
  {
    ...common,
    kind: Type.Literal("view"),
    surface: Surface,
    /** the picture of the last handover */ photos: Type.Array(Sha256),
  },
  closed,
);
export const Line = Type.Union([CountLine, TestLine, ReadingLine, LookLine, MarkLine, ViewLine]);

export type CountLine = Static<typeof CountLine>;
export type TestLine = Static<typeof TestLine>;
export type ReadingLine = Static<typeof ReadingLine>;
export type LookLine = Static<typeof LookLine>;
export type MarkLine = Static<typeof MarkLine>;
export type ViewLine = Static<typeof ViewLine>;
export type Line = Static<typeof Line>;

export const ListPlace = Type.Object({ id: Key, name: Words, level: Level, side: Side, reach: Words }, closed);
export type ListPlace = Static<typeof ListPlace>;

/** A prep is the technician's own round before a check-in: kept with the same list and entries, signed by nobody but closed by who did it. */
export const HandoverKind = Type.Union([Type.Literal("prep"), Type.Literal("check-in"), Type.Literal("check-out")]);
export type HandoverKind = Static<typeof HandoverKind>;
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
    currency: Type.String({ pattern: "^[A-Z]{3}$" }),
    /** the seal of the check-in this check-out goes back to */
    checkInSeal: Type.Union([Sha256, Type.Null()]),
    places: Type.Array(ListPlace),
    lines: Type.Array(Line),
    openedAt: Type.Optional(InstantText),
    /** the base's rules as they stood when the list was made */
    rules: Type.Optional(BaseRules),
    /** weights of the people aboard by the crew list, lightest first; names stand outside the record */
    crewKg: Type.Optional(Type.Array(Type.Integer({ minimum: 1, maximum: 400 }))),
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

/** The subject of a line's entries. */
export const lineSubject = (lineId: string) => `line:${lineId}`;
