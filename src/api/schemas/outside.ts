import { Type, type Static } from "@sinclair/typebox";
import { InstantText } from "../../core/basics/ids";
import { languages } from "../../core/basics/languages";
import { charterColumns, type CharterColumn } from "../../core/imports/columns";
import { faultCodes } from "../../core/imports/row";
import { oneOf } from "../../core/yacht/parts/basics";
import { closed } from "./closed";

/** How a charter stands, as other programs are told it. */
export const outsideStates = ["to-come", "out", "back", "settled", "cancelled", "no-show"] as const;

/** A yacht of the base. */
export const OutsideYacht = Type.Object(
  { yacht: Type.String(), name: Type.String(), berth: Type.String(), maximumAboard: Type.Integer() },
  closed,
);

const Person = Type.Object({ name: Type.String(), email: Type.String(), phone: Type.String() }, closed);

/** A charter on one of its yachts. */
export const OutsideCharter = Type.Object(
  {
    reference: Type.String(),
    state: oneOf(outsideStates),
    yacht: Type.String(),
    startsAt: InstantText,
    endsAt: InstantText,
    aboard: Type.Integer(),
    language: oneOf(languages),
    /** how often it was changed since it was entered */
    changes: Type.Integer(),
    /** with the scope read-people */
    charterer: Type.Optional(Person),
    skipper: Type.Optional(Person),
  },
  closed,
);
export type OutsideCharter = Static<typeof OutsideCharter>;

const columns: readonly CharterColumn[] = charterColumns;
const cell = () => Type.Optional(Type.String({ maxLength: 500 }));
/** A charter as another program sends it: the columns of a list of charters. What is left out stays as it is. */
export const SentCharter = Type.Object(
  {
    reference: Type.String({ minLength: 1, maxLength: 60 }),
    /** cancelled, where it does not take place */
    state: cell(),
    /** short name or name of the yacht */
    yacht: cell(),
    /** 2027-06-12; the base's usual hours where none are told */
    fromDay: cell(),
    outAt: cell(),
    toDay: cell(),
    backAt: cell(),
    aboard: Type.Optional(Type.Integer({ minimum: 0, maximum: 1000 })),
    language: cell(),
    /** name of the base's usual terms; the first of them where none are told */
    terms: cell(),
    charterer: cell(),
    chartererEmail: cell(),
    chartererPhone: cell(),
    /** the charterer commands where nobody is named */
    skipper: cell(),
    skipperEmail: cell(),
    skipperPhone: cell(),
  },
  closed,
);
export type SentCharter = Static<typeof SentCharter>;

/** What became of a charter that was sent. */
export const SentRow = Type.Object(
  {
    reference: Type.String(),
    fate: oneOf(["new", "changed", "same", "refused"] as const),
    changes: Type.Array(Type.Object({ field: oneOf(columns), was: Type.String(), becomes: Type.String() }, closed)),
    faults: Type.Array(Type.Object({ field: oneOf(columns), code: oneOf(faultCodes), message: Type.String() }, closed)),
  },
  closed,
);
export type SentRow = Static<typeof SentRow>;

/** A signed statement. */
export const OutsideStatement = Type.Object(
  {
    reference: Type.String(),
    signedAt: InstantText,
    currency: Type.String(),
    dueMinor: Type.Integer(),
    heldMinor: Type.Integer(),
    releaseMinor: Type.Integer(),
    lines: Type.Array(
      Type.Object(
        {
          name: Type.String(),
          how: Type.String(),
          state: Type.String(),
          atMostMinor: Type.Integer(),
          finalMinor: Type.Integer(),
        },
        closed,
      ),
    ),
  },
  closed,
);
export type OutsideStatement = Static<typeof OutsideStatement>;
