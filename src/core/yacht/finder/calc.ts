import { Type, type Static } from "@sinclair/typebox";
import { InputError, type Calculation } from "../../basics/calculation";
import { Key, type YachtFile } from "../schema";
import { makeFinder, type Hit } from "./finder";

const FindInput = Type.Object(
  { yacht: Key, ask: Type.String({ minLength: 1, maxLength: 200 }) },
  { additionalProperties: false },
);

/** `./brinecove calc find`: the answers to a question about a yacht, by the name of its file. */
export const findCalculation: Calculation<
  Static<typeof FindInput>,
  { hits: Omit<Hit, "place">[] },
  { yachtFile: (name: string) => YachtFile | null }
> = {
  name: "find",
  about: "where a thing is, how it is worked, or what to do when it does not",
  schema: FindInput,
  run: ({ yacht, ask }, { yachtFile }) => {
    const file = yachtFile(yacht);
    if (!/[\p{L}\p{N}]/u.test(ask))
      throw new InputError("/ask", "there is nothing to search for; give a word or a number");
    if (!file) throw new InputError("/yacht", `there is no yacht "${yacht}" in demo/yachts`);
    return {
      hits: makeFinder(file)
        .find(ask)
        .map(({ kind, id, title, where }) => ({ kind, id, title, where })),
    };
  },
};
