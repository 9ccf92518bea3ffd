import { Type, type Static } from "@sinclair/typebox";
import { Uuid } from "../../core/basics/ids";

const closed = { additionalProperties: false } as const;

/** The keys that a base's records are signed with, published: whoever holds a saved record checks it against them. */
export const KeysAnswer = Type.Object(
  {
    bases: Type.Array(
      Type.Object(
        {
          base: Uuid,
          name: Type.String(),
          keys: Type.Array(
            Type.Object(
              {
                /** from 1; the last is in use */
                number: Type.Integer({ minimum: 1 }),
                publicKey: Type.String(),
                fingerprint: Type.String(),
                madeAt: Type.String(),
                /** what binds it to the key before: signatures of both over base, number and both keys */
                byPrevious: Type.Union([Type.String(), Type.Null()]),
                byOwn: Type.Union([Type.String(), Type.Null()]),
              },
              closed,
            ),
          ),
        },
        closed,
      ),
    ),
  },
  closed,
);
export type KeysAnswer = Static<typeof KeysAnswer>;
