import { Type } from "@sinclair/typebox";
import { Uuid } from "../core/basics/ids";
import { WorkStep } from "../core/upkeep/defect";
import { foundStates } from "../core/upkeep/found";
import { oneOf } from "../core/yacht/parts/basics";
import { staff } from "./callers";
import { Done, endpoint } from "./endpoint";
import { closed } from "./schemas/closed";
import { ById, BySlug, words } from "./fields";

export const noteWork = endpoint({
  name: "note-work",
  method: "POST",
  path: "/api/defects/{id}/work",
  about:
    "Says how the work on a defect stands, never over another's word unseen: done, left as it is and known, or ordered again.",
  who: [staff("judge-work")],
  params: ById,
  body: Type.Object(
    {
      /** how often the work had moved when the person looked at it */
      onNumber: Type.Integer({ minimum: 1, maximum: 100_000 }),
      step: WorkStep,
    },
    closed,
  ),
  maxBytes: 8000,
  status: 201,
  answer: Done,
  errors: ["no-such-defect", "work-changed"],
});

export const assignWork = endpoint({
  name: "assign-work",
  method: "POST",
  path: "/api/work/assign",
  about: "Gives the work on some defects to somebody who works on yachts, or to nobody again.",
  who: [staff("judge-work")],
  body: Type.Object(
    {
      defects: Type.Array(Uuid, { minItems: 1, maxItems: 200, uniqueItems: true }),
      person: Type.Union([Uuid, Type.Null()]),
    },
    closed,
  ),
  maxBytes: 16_000,
  status: 201,
  answer: Done,
  errors: ["no-worker", "no-such-defect"],
});

export const noteFoundThing = endpoint({
  name: "note-found-thing",
  method: "POST",
  path: "/api/found/{handover}/{found}",
  about: "Notes what became of a thing that a crew left aboard.",
  who: [staff("note-found-thing")],
  params: Type.Object({ handover: Uuid, found: Uuid }, closed),
  body: Type.Object({ state: oneOf(foundStates), words: words(300) }, closed),
  maxBytes: 2000,
  status: 201,
  answer: Done,
  errors: ["not-here"],
});

export const noteRestock = endpoint({
  name: "note-restock",
  method: "POST",
  path: "/api/yachts/{slug}/restock",
  about: "Notes that a thing counted short was put aboard.",
  who: [staff("note-restock")],
  params: BySlug,
  body: Type.Object(
    {
      line: Type.String({ pattern: "^count:[a-z0-9-]{1,80}$" }),
      pieces: Type.Integer({ minimum: 1, maximum: 9999 }),
    },
    closed,
  ),
  maxBytes: 1000,
  status: 201,
  answer: Done,
  errors: ["no-such-yacht", "not-short"],
});
