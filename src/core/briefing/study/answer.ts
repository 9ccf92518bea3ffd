import { Type, type Static } from "@sinclair/typebox";
import { InstantText, Uuid } from "../../basics/ids";
import { Key } from "../../yacht/schema";
import { runFields } from "../drilled/run";
import { Experience } from "../experience";

const closed = { additionalProperties: false } as const;
const common = {
  v: Type.Literal(1),
  /** made on the device: the same answer sent twice is one answer */
  id: Uuid,
  /** revision of the yacht file that was studied */
  revision: Type.Integer({ minimum: 1 }),
  at: InstantText,
};
const QuestionId = Type.String({ pattern: "^[a-z0-9]+(-[a-z0-9]+)*$", maxLength: 100 });

/** One thing a skipper said in the study. Kept for good; a later one about the same stands before it. */
export const StudyAnswer = Type.Union([
  Type.Object({ ...common, about: Type.Literal("experience"), value: Experience }, closed),
  Type.Object(
    {
      ...common,
      about: Type.Literal("topic"),
      topic: Key,
      value: Type.Unsafe<"understood" | "ask" | "open">({ type: "string", enum: ["understood", "ask", "open"] }),
    },
    closed,
  ),
  Type.Object(
    {
      ...common,
      about: Type.Literal("check"),
      question: QuestionId,
      value: Type.String({ minLength: 1, maxLength: 80 }),
    },
    closed,
  ),
  Type.Object(
    {
      ...common,
      about: Type.Literal("question"),
      topic: Type.Union([Key, Type.Null()]),
      value: Type.String({ minLength: 1, maxLength: 500, pattern: "\\S" }),
    },
    closed,
  ),
  Type.Object({ ...common, about: Type.Literal("drill"), ...runFields }, closed),
]);
export type StudyAnswer = Static<typeof StudyAnswer>;
