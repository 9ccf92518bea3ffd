import { Type, type Static } from "@sinclair/typebox";
import { digestOf } from "../../basics/digest";
import { incidentKinds, type IncidentKind } from "../../incidents/incident";
import { InstantText, PartySide, Sha256, Uuid } from "../../basics/ids";

const closed = { additionalProperties: false } as const;
const words = Type.String({ minLength: 1, maxLength: 1000, pattern: "\\S" });
const common = {
  v: Type.Literal(1),
  /** UUID v7, made on the device */
  id: Uuid,
  handover: Uuid,
  /** when it was made, by the device's clock */
  at: InstantText,
  by: Type.Object({ side: PartySide, person: Uuid }, closed),
};
const LineId = Type.String({ pattern: "^[a-z]+:[a-z0-9-]{1,80}$" });

/** She has left the berth: from then on the clocks of what could not be tried run. */
export const LeftBerth = Type.Object({ ...common, kind: Type.Literal("left-berth"), leftAt: InstantText }, closed);

/** What the skipper found after the signature: on a line, or on none. */
export const LateFinding = Type.Object(
  {
    ...common,
    kind: Type.Literal("late-finding"),
    line: Type.Union([LineId, Type.Null()]),
    words,
    photos: Type.Array(Sha256, { maxItems: 20 }),
  },
  closed,
);

/** What happened on the way, told by the skipper before the check-out. */
export const Incident = Type.Object(
  {
    ...common,
    kind: Type.Literal("incident"),
    what: Type.Unsafe<IncidentKind>({ type: "string", enum: [...incidentKinds] }),
    happenedOn: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$", format: "date" }),
    words,
    photos: Type.Array(Sha256, { maxItems: 20 }),
  },
  closed,
);

/** What the base says to a late finding. */
export const Answer = Type.Object(
  {
    ...common,
    kind: Type.Literal("answer"),
    to: Uuid,
    answer: Type.Union([Type.Literal("there-before"), Type.Literal("looked-into"), Type.Literal("at-check-out")]),
    words: Type.String({ maxLength: 1000 }),
  },
  closed,
);

/** What the base exchanged, mended or took off during the charter: the new starting state of what it touched. */
export const Visit = Type.Object(
  {
    ...common,
    kind: Type.Literal("visit"),
    words,
    touched: Type.Array(
      Type.Object(
        {
          line: LineId,
          /** how many are aboard now, for what is counted */ count: Type.Union([
            Type.Integer({ minimum: 0, maximum: 9999 }),
            Type.Null(),
          ]),
        },
        closed,
      ),
      { maxItems: 100 },
    ),
  },
  closed,
);

/** Somebody has read an addendum of the other side, and says so. */
export const Acknowledgement = Type.Object(
  { ...common, kind: Type.Literal("acknowledgement"), to: Uuid, words: Type.String({ maxLength: 1000 }) },
  closed,
);

/** What is added to a sealed record; the record itself never changes. */
export const Addendum = Type.Union([LeftBerth, LateFinding, Incident, Answer, Visit, Acknowledgement]);
export type Addendum = Static<typeof Addendum>;
export type AddendumKind = Addendum["kind"];

/** Which side may add what: the skipper leaves, finds and acknowledges; the base answers, visits and acknowledges. */
export const kindsOfSide: Readonly<Record<"base" | "skipper", readonly AddendumKind[]>> = {
  skipper: ["left-berth", "late-finding", "incident", "acknowledgement"],
  base: ["answer", "visit", "acknowledgement"],
};

/** Hash of an addendum's content. */
export const addendumHash = (addendum: Addendum): string => digestOf(addendum);
