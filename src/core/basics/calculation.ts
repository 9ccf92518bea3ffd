import type { TSchema } from "@sinclair/typebox";

/**
 * A computation as the command line and the routes offer it: its name, the JSON Schema of what it takes,
 * and the pure function, with what it takes from outside besides its input (a yacht's file by its name). `run` is called only with input that the schema has passed; it throws
 * `InputError` for what a schema cannot say.
 */
export interface Calculation<In = never, Out = unknown, From = never> {
  name: string;
  about: string;
  schema: TSchema;
  run: (input: In, from: From) => Out;
}

/** What is wrong with input that has the right shape: where, and what to do about it. */
export class InputError extends Error {
  constructor(
    readonly where: string,
    message: string,
  ) {
    super(message);
    this.name = "InputError";
  }
}
