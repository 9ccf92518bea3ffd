import { Type, type Static, type TSchema } from "@sinclair/typebox";
import { InputError } from "../basics/calculation";

/** Nothing that is planned with aboard is larger. */
const most = 1e6;

/** A figure that may be below zero. */
export const figure = () => Type.Number({ minimum: -most, maximum: most });
/** A figure of which there is none below zero. */
export const amount = () => Type.Number({ minimum: 0, maximum: most });
/** A figure above zero. */
export const positive = () => Type.Number({ exclusiveMinimum: 0, maximum: most });
/** A name by which one thing of a list is told from another. */
export const name = () => Type.String({ minLength: 1, maxLength: 200 });

/** What is known as lying between two figures. */
export const Between = Type.Object({ low: amount(), high: amount() }, { additionalProperties: false });
export type Between = Static<typeof Between>;

/** An object with these fields, all of them, and no others. */
export const fields = <P extends Record<string, TSchema>>(properties: P) =>
  Type.Object(properties, { additionalProperties: false });

/** Refuses a low figure above its high one. */
export function requireOrder({ low, high }: Between, where: string): void {
  if (low > high) throw new InputError(where, `low is ${low} and high ${high}: low comes first`);
}

/** Refuses a list in which something stands twice. */
export function requireOnce(values: readonly (string | number)[], where: (at: number) => string): void {
  values.forEach((value, at) => {
    if (values.indexOf(value) !== at) throw new InputError(where(at), `${JSON.stringify(value)} stands twice`);
  });
}

/** What is forgiven where figures are held against each other. */
export const forgiven = 1e-6;
