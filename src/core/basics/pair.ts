import { Type, type TSchema } from "@sinclair/typebox";

/** Two numbers in a row, in the words of JSON Schema 2020-12 (the library's own tuples are of an older draft). */
export const pairOf = (first: TSchema, second: TSchema) =>
  Type.Unsafe<[number, number]>({
    type: "array",
    prefixItems: [first, second],
    items: false,
    minItems: 2,
    maxItems: 2,
  });
