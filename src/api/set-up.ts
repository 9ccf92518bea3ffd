import { Type } from "@sinclair/typebox";
import { languages } from "../core/basics/languages";
import { oneOf } from "../core/yacht/parts/basics";
import { anyone } from "./callers";
import { Done, endpoint } from "./endpoint";
import { words } from "./fields";
import { closed } from "./schemas/closed";

const Code = Type.String({ minLength: 1, maxLength: 40 });

export const trySetUpCode = endpoint({
  name: "try-set-up-code",
  method: "POST",
  path: "/api/set-up/code",
  about: "Says whether a set-up code is right, before anything is typed; a wrong one is counted.",
  who: [anyone],
  body: Type.Object({ code: Code }, closed),
  maxBytes: 1000,
  answer: Done,
  errors: ["set-up-wrong", "set-up-closed", "too-many-tries"],
});

export const setUpBase = endpoint({
  name: "set-up-base",
  method: "POST",
  path: "/api/set-up",
  about: "Makes a base with its first manager, once for each set-up code, and signs the manager in.",
  who: [anyone],
  body: Type.Object(
    {
      code: Code,
      base: Type.Object(
        {
          name: words(80),
          place: words(120),
          timeZone: Type.String({ minLength: 1, maxLength: 60 }),
          currency: Type.String({ pattern: "^[A-Z]{3}$" }),
          languages: Type.Array(oneOf(languages), { minItems: 1, uniqueItems: true }),
          phone: Type.String({ pattern: "^[+0-9][0-9 ()/.-]{3,38}$" }),
          channel: Type.Optional(Type.String({ pattern: "^[0-9]{1,2}[A-Z]?$" })),
          hours: Type.Optional(words(120)),
        },
        closed,
      ),
      manager: Type.Object(
        {
          name: words(80),
          email: Type.String({ minLength: 3, maxLength: 200, pattern: "^\\s*[^\\s@]+@[^\\s@]+\\s*$" }),
          password: Type.String({ minLength: 1, maxLength: 200 }),
        },
        closed,
      ),
    },
    closed,
  ),
  maxBytes: 5000,
  status: 201,
  answer: Done,
  errors: [
    "set-up-wrong",
    "set-up-closed",
    "too-many-tries",
    "weak-password",
    "no-such-zone",
    "no-such-currency",
    "address-taken",
  ],
});
