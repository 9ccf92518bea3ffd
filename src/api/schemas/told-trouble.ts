import { Type, type Static } from "@sinclair/typebox";
import { InstantText, Uuid } from "../../core/basics/ids";
import { Words } from "../../core/basics/words";
import { closed } from "./closed";

/** Something wrong that a crew told under way, in words, with what became of it. */
export const ToldTrouble = Type.Object(
  {
    id: Uuid,
    title: Words,
    /** what it was, where that is known */
    found: Type.Union([Words, Type.Null()]),
    begunAt: InstantText,
    outcome: Type.Union([Type.Literal("works"), Type.Literal("lives-with"), Type.Null()]),
    /** the crew's own words, to the base and at the end */
    said: Type.Array(Type.String()),
    /** what the base answered last */
    answer: Type.Union([Type.String(), Type.Null()]),
  },
  closed,
);
export type ToldTrouble = Static<typeof ToldTrouble>;
