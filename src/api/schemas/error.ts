import { Type, type Static } from "@sinclair/typebox";
import { closed } from "./closed";

/** What went wrong, as every error of the API says it: a code with its values, and the sentence that a person reads. */
export const ErrorBody = Type.Object(
  {
    error: Type.Object(
      {
        code: Type.String(),
        /** what the sentence needs, to be said in another language */
        params: Type.Record(Type.String(), Type.Unknown()),
        message: Type.String(),
        /** where in the input, as a JSON pointer or a field's name */
        where: Type.Union([Type.String(), Type.Null()]),
        /** under which the log has the rest */
        requestId: Type.String(),
      },
      closed,
    ),
  },
  closed,
);
export type ErrorBody = Static<typeof ErrorBody>;
