import { Type } from "@sinclair/typebox";
import { Uuid } from "../core/basics/ids";
import { hookKinds } from "../core/programs/hook-kinds";
import { scopes } from "../core/programs/scopes";
import { oneOf } from "../core/yacht/parts/basics";
import { staff } from "./callers";
import { Done, endpoint } from "./endpoint";
import { ById, words } from "./fields";
import { closed } from "./schemas/closed";

export const makeProgram = endpoint({
  name: "make-program",
  method: "POST",
  path: "/api/base/programs",
  about: "Makes a token by which a program of somebody else speaks to the base; it is shown once.",
  who: [staff("keep-programs")],
  body: Type.Object(
    { name: words(60), scopes: Type.Array(oneOf(scopes), { minItems: 1, maxItems: scopes.length, uniqueItems: true }) },
    closed,
  ),
  maxBytes: 1000,
  status: 201,
  answer: Type.Object({ id: Uuid, token: Type.String() }, closed),
  isSecret: true,
});

export const endProgram = endpoint({
  name: "end-program",
  method: "DELETE",
  path: "/api/base/programs/{id}",
  about: "Ends a program's token: nothing is done by it any more.",
  who: [staff("keep-programs")],
  params: ById,
  answer: Done,
  errors: ["no-such-program"],
});

export const makeHook = endpoint({
  name: "make-hook",
  method: "POST",
  path: "/api/base/hooks",
  about:
    "Keeps an address that is told what happens, each call signed as Standard Webhooks has it; the secret is shown once.",
  who: [staff("keep-programs")],
  body: Type.Object(
    {
      name: words(60),
      address: Type.String({ minLength: 8, maxLength: 2000 }),
      kinds: Type.Array(oneOf(hookKinds), { minItems: 1, maxItems: hookKinds.length, uniqueItems: true }),
    },
    closed,
  ),
  maxBytes: 4000,
  status: 201,
  answer: Type.Object({ id: Uuid, secret: Type.String() }, closed),
  isSecret: true,
  errors: ["hook-address"],
});

export const endHook = endpoint({
  name: "end-hook",
  method: "DELETE",
  path: "/api/base/hooks/{id}",
  about: "Ends an address: it is told nothing any more.",
  who: [staff("keep-programs")],
  params: ById,
  answer: Done,
  errors: ["no-such-hook"],
});

export const tryHook = endpoint({
  name: "try-hook",
  method: "POST",
  path: "/api/base/hooks/{id}/try",
  about: "Tells an address that it is heard.",
  who: [staff("keep-programs")],
  params: ById,
  status: 201,
  answer: Done,
  errors: ["no-such-hook"],
});

export const tellHookAgain = endpoint({
  name: "tell-hook-again",
  method: "POST",
  path: "/api/base/hook-events/{id}/again",
  about: "Tells an address once more what it was not told.",
  who: [staff("keep-programs")],
  params: ById,
  status: 201,
  answer: Done,
  errors: ["no-such-hook-event"],
});
