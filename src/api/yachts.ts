import { Type } from "@sinclair/typebox";
import { Uuid } from "../core/basics/ids";
import { Key, oneOf } from "../core/yacht/parts/basics";
import { templates } from "../core/yacht/templates";
import { charter, device, handoverIn, staff, type Caller, type Owns } from "./callers";
import { bytes, Done, endpoint, media } from "./endpoint";
import { closed } from "./schemas/closed";
import { BySlug, words } from "./fields";
import { ItemAnswers } from "./schemas/book";
import { YachtPlanForm } from "./schemas/desk";
import { SurveyBundle } from "./schemas/draft";

/** For what there are labels on paper. */
export const labelled = ["places", "fittings"] as const;
export type Labelled = (typeof labelled)[number];

const ofYacht: Owns = { of: "yacht", in: "params", name: "slug" };

const sheet = (name: string, file: string, about: string, who: readonly Caller[] = [staff("see-desk")]) =>
  endpoint({
    name,
    method: "GET",
    path: `/api/yachts/{slug}/${file}`,
    about,
    who,
    params: BySlug,
    answer: media(file.endsWith(".pdf") ? "application/pdf" : file.endsWith(".csv") ? "text/csv" : "application/json"),
    errors: ["no-such-yacht"],
  });

export const printCard = sheet(
  "print-card",
  "card.pdf",
  "The boat card of a yacht, for the desk and her crew to print.",
  [staff("see-desk"), charter(ofYacht)],
);
export const printPlan = sheet("print-plan", "plan.pdf", "A yacht's plan on A4, to be laid in a folder aboard.");
export const saveYachtFile = sheet(
  "save-yacht-file",
  "file.json",
  "A yacht's file as one JSON file: what is taken in again is the same.",
);
export const saveInventory = sheet("save-inventory", "inventory.csv", "Inventory and price list as CSV.");

export const printLabels = endpoint({
  name: "print-labels",
  method: "GET",
  path: "/api/yachts/{slug}/labels.pdf",
  about: "Labels with codes for every place of a yacht, or for every fitting, on A4.",
  who: [staff("see-desk")],
  params: BySlug,
  query: Type.Object({ for: Type.Optional(oneOf(labelled)) }, closed),
  answer: media("application/pdf"),
  errors: ["no-such-yacht"],
});

export const saveClassFile = endpoint({
  name: "save-class-file",
  method: "GET",
  path: "/api/classes/{slug}/file.json",
  about: "A class's document as one JSON file.",
  who: [staff("see-desk")],
  params: BySlug,
  answer: media("application/json"),
  errors: ["no-such-class"],
});

export const makeYacht = endpoint({
  name: "make-yacht",
  method: "POST",
  path: "/api/yachts",
  about: "Makes a yacht of a class, with a first draft of her file.",
  who: [staff("edit-file")],
  body: Type.Object({ classSlug: Key, name: words(60), berth: words(20) }, closed),
  maxBytes: 1000,
  status: 201,
  answer: Type.Object({ slug: Key }, closed),
  errors: ["no-such-class", "name-taken"],
});

export const takeClass = endpoint({
  name: "take-class",
  method: "POST",
  path: "/api/classes",
  about: "Takes a whole yacht file, of any form that was ever published, in as a class of the base.",
  who: [staff("edit-file")],
  body: bytes("application/json"),
  maxBytes: 2_000_000,
  status: 201,
  answer: Type.Object({ slug: Key }, closed),
  errors: ["class-there", "not-utf-8", "not-json", "wrong-file", "too-deep", "wrong-text"],
});

export const beginClass = endpoint({
  name: "begin-class",
  method: "POST",
  path: "/api/classes/begun",
  about: "Begins a class of the base from one of the templates that ship with Brinecove.",
  who: [staff("edit-file")],
  body: Type.Object({ template: oneOf(templates), name: words(60) }, closed),
  maxBytes: 1000,
  status: 201,
  answer: Type.Object({ slug: Key }, closed),
  errors: ["class-there"],
});

export const readPlan = endpoint({
  name: "read-plan",
  method: "GET",
  path: "/api/yachts/{slug}/plan",
  about: "What a yacht's plan is drawn from; the same for as long as the hash of her file is.",
  who: [staff("see-desk")],
  params: BySlug,
  answer: YachtPlanForm,
  errors: ["no-such-yacht"],
});

export const readSurvey = endpoint({
  name: "read-survey",
  method: "GET",
  path: "/api/yachts/{slug}/survey",
  about: "What a phone takes along to walk a yacht: her draft as it stands, and what others have noted.",
  who: [staff("propose-file-change")],
  params: BySlug,
  answer: SurveyBundle,
  errors: ["no-such-yacht", "no-such-class"],
});

export const postNotes = endpoint({
  name: "post-notes",
  method: "POST",
  path: "/api/yachts/{slug}/notes",
  about:
    "Takes notes about a yacht's file, from a device of one of her handovers, her crew or the base; each is answered by itself.",
  who: [device(handoverIn("query", "handover")), staff("propose-file-change"), charter(ofYacht)],
  params: BySlug,
  query: Type.Object({ handover: Type.Optional(Uuid) }, closed),
  body: Type.Object({ notes: Type.Array(Type.Unknown(), { minItems: 1, maxItems: 200 }) }, closed),
  maxBytes: 400_000,
  answer: ItemAnswers,
  errors: ["no-such-yacht"],
});

export const answerNote = endpoint({
  name: "answer-note",
  method: "POST",
  path: "/api/yachts/{slug}/notes/{id}",
  about: "Takes a note's changes over into the draft, or declines it with a word.",
  who: [staff("edit-file")],
  params: Type.Object({ slug: Key, id: Uuid }, closed),
  body: Type.Object(
    { answer: oneOf(["taken-over", "declined"] as const), words: Type.String({ maxLength: 300 }) },
    closed,
  ),
  maxBytes: 2000,
  status: 201,
  answer: Done,
  errors: [
    "no-such-yacht",
    "no-such-class",
    "answered",
    "words-missing",
    "nothing-left",
    "changed-meanwhile",
    "no-such-part",
    "wrong-value",
  ],
});
