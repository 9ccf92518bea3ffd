import { Type, type Static } from "@sinclair/typebox";
import { InstantText } from "../basics/ids";
import { Words } from "../basics/words";
import { Key, System } from "../yacht/schema";

const closed = { additionalProperties: false } as const;
const Values = Type.Record(Type.String(), Type.Union([Type.String(), Type.Number()]));

/** One stop of the briefing as it was planned for this skipper when the check-in was opened. */
export const BriefedStop = Type.Object(
  {
    id: Key,
    title: Words,
    place: Key,
    system: System,
    safety: Type.Boolean(),
    depth: Type.Unsafe<"skim" | "normal" | "hands-on">({ type: "string", enum: ["skim", "normal", "hands-on"] }),
    /** why it is as deep, by keys of the message catalogue */
    why: Type.Array(Type.Object({ why: Type.String(), values: Values }, closed)),
    minutes: Type.Number({ minimum: 0 }),
  },
  closed,
);
export type BriefedStop = Static<typeof BriefedStop>;

/** One device that the skipper drilled beforehand: how often, how, and what went wrong. */
export const BriefedDrill = Type.Object(
  {
    device: Key,
    /** which of several it is */
    part: Type.Optional(Words),
    task: Key,
    runs: Type.Integer({ minimum: 1 }),
    alone: Type.Boolean(),
    /** whether the last run was clean */
    clean: Type.Boolean(),
    lastAt: InstantText,
    mistakes: Type.Array(Type.Object({ code: Key, count: Type.Integer({ minimum: 1 }) }, closed)),
  },
  closed,
);
export type BriefedDrill = Static<typeof BriefedDrill>;

/** The briefing within a check-in's list: fixed when it is opened, as everything else of the list. */
export const BriefingPart = Type.Object(
  {
    stops: Type.Array(BriefedStop),
    /** the skipper's own questions from the study */
    questions: Type.Array(
      Type.Object({ id: Type.String(), topic: Type.Union([Key, Type.Null()]), words: Type.String() }, closed),
    ),
    /** what was answered wrongly in the study, by topic */
    wrong: Type.Array(Type.Object({ topic: Key, question: Type.String() }, closed)),
    /** how much of the study was done, and on which revision; null when none was */
    studied: Type.Union([
      Type.Object(
        {
          revision: Type.Integer({ minimum: 1 }),
          answered: Type.Integer({ minimum: 0 }),
          asked: Type.Integer({ minimum: 0 }),
        },
        closed,
      ),
      Type.Null(),
    ]),
    language: Type.Union([Type.String(), Type.Null()]),
    /** what was drilled beforehand; parts of before do not say */
    drills: Type.Optional(Type.Array(BriefedDrill)),
  },
  closed,
);
export type BriefingPart = Static<typeof BriefingPart>;
