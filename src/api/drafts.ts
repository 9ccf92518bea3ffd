import { Type } from "@sinclair/typebox";
import { Sha256, Uuid } from "../core/basics/ids";
import { DraftEdit } from "../core/yacht/draft/edit";
import { Key, oneOf } from "../core/yacht/parts/basics";
import { staff } from "./callers";
import { bytes, Done, endpoint, media } from "./endpoint";
import { RowNumber } from "./fields";
import { closed } from "./schemas/closed";
import { DraftNews, DraftReview, DraftScreen } from "./schemas/draft";

/** Whose file: a yacht's or a class's, by its short name. */
const ByFile = Type.Object({ of: oneOf(["yachts", "classes"] as const), slug: Key }, closed);
const onNothing = ["no-such-yacht", "no-such-class"] as const;
const onEdit = [...onNothing, "id-taken", "changed-meanwhile", "no-such-part", "wrong-value"] as const;
const Changed = Type.Object({ changed: Type.Integer() }, closed);

export const readDraft = endpoint({
  name: "read-draft",
  method: "GET",
  path: "/api/drafts/{of}/{slug}",
  about: "The draft of a file as it stands, for the editor.",
  who: [staff("see-desk")],
  params: ByFile,
  answer: DraftScreen,
  errors: onNothing,
});

export const readDraftNews = endpoint({
  name: "read-draft-news",
  method: "GET",
  path: "/api/drafts/{of}/{slug}/news",
  about: "What has changed in a draft after one of its edits: the edits since, and what the checks find now.",
  who: [staff("see-desk")],
  params: ByFile,
  query: Type.Object({ after: RowNumber, draft: Type.Optional(Uuid) }, closed),
  answer: DraftNews,
  errors: onNothing,
});

export const editDraft = endpoint({
  name: "edit-draft",
  method: "POST",
  path: "/api/drafts/{of}/{slug}/edits",
  about: "Keeps edits in the draft, all or none, and answers with what is new in it.",
  who: [staff("edit-file")],
  params: ByFile,
  body: Type.Object(
    {
      edits: Type.Array(DraftEdit, { minItems: 1, maxItems: 600 }),
      /** the number of the last edit that the editor has seen */
      after: RowNumber,
      draft: Type.Union([Uuid, Type.Null()]),
    },
    closed,
  ),
  maxBytes: 1_000_000,
  answer: DraftNews,
  status: 201,
  errors: onEdit,
});

export const sayStillRight = endpoint({
  name: "say-still-right",
  method: "POST",
  path: "/api/drafts/{of}/{slug}/still-right",
  about:
    "Keeps that somebody has read a text in question and found it right, until the text or what it rests on changes.",
  who: [staff("edit-file")],
  params: ByFile,
  body: Type.Object({ path: Type.String({ minLength: 1, maxLength: 300 }), basis: Sha256 }, closed),
  maxBytes: 2000,
  status: 201,
  answer: Done,
  errors: [...onNothing, "no-such-question"],
});

export const reviewDraft = endpoint({
  name: "review-draft",
  method: "GET",
  path: "/api/drafts/{of}/{slug}/review",
  about:
    "What publishing the draft would do: findings of the checks, changes, and of a class what it does to each of its yachts.",
  who: [staff("see-desk")],
  params: ByFile,
  answer: DraftReview,
  errors: onNothing,
});

export const throwAwayDraft = endpoint({
  name: "throw-away-draft",
  method: "DELETE",
  path: "/api/drafts/{of}/{slug}",
  about: "Ends the draft without publishing it; its edits stay kept.",
  who: [staff("edit-file")],
  params: ByFile,
  answer: Done,
  errors: [...onNothing, "no-draft", "first-draft"],
});

export const carryDraft = endpoint({
  name: "carry-draft",
  method: "POST",
  path: "/api/drafts/{of}/{slug}/carry",
  about: "Brings the draft onto the revision that was published meanwhile.",
  who: [staff("edit-file")],
  params: ByFile,
  answer: Type.Object(
    {
      kept: Type.Integer(),
      conflicts: Type.Array(Type.Object({ path: Type.String(), wanted: Type.Unknown(), now: Type.Unknown() }, closed)),
    },
    closed,
  ),
  errors: [...onNothing, "not-stale"],
});

export const takeClassChange = endpoint({
  name: "take-class-change",
  method: "POST",
  path: "/api/drafts/{of}/{slug}/class-change",
  about: "Puts what a change of her class has left for a yacht into her draft, on the class's newest revision.",
  who: [staff("edit-file")],
  params: ByFile,
  answer: Changed,
  errors: [...onEdit, "no-class-draft"],
});

export const publishDraft = endpoint({
  name: "publish-draft",
  method: "POST",
  path: "/api/drafts/{of}/{slug}/publish",
  about: "Publishes the draft as the file's next revision; of a class, with each yacht of it that passes her checks.",
  who: [staff("publish-file")],
  params: ByFile,
  body: Type.Object(
    {
      why: Type.String({ maxLength: 500 }),
      accepts: Type.Record(Type.String({ maxLength: 300 }), Type.String({ maxLength: 500 })),
    },
    closed,
  ),
  maxBytes: 100_000,
  status: 201,
  answer: Type.Object(
    {
      revision: Type.Integer(),
      published: Type.Optional(Type.Array(Type.String())),
      drafts: Type.Optional(Type.Array(Type.String())),
    },
    closed,
  ),
  errors: [
    ...onNothing,
    "nothing-to-publish",
    "file-has-errors",
    "warning-open",
    "why-missing",
    "nothing-changed",
    "other-revision",
    "wrong-file",
  ],
});

export const pasteInventory = endpoint({
  name: "paste-inventory",
  method: "POST",
  path: "/api/drafts/{of}/{slug}/paste",
  about:
    "Takes lines of inventory pasted from a spreadsheet into the draft: those that are sound, with what is wrong of the others.",
  who: [staff("edit-file")],
  params: ByFile,
  body: Type.Object({ text: Type.String({ minLength: 1, maxLength: 400_000 }) }, closed),
  maxBytes: 900_000,
  status: 201,
  answer: Type.Object(
    {
      changed: Type.Integer(),
      same: Type.Integer(),
      faults: Type.Array(Type.Object({ line: Type.Integer(), column: Type.String(), message: Type.String() }, closed)),
    },
    closed,
  ),
  errors: [...onEdit, "wrong-list"],
});

export const uploadFile = endpoint({
  name: "upload-file",
  method: "POST",
  path: "/api/drafts/{of}/{slug}/file",
  about:
    "Puts a whole file into the draft, as the edits that lead there; what is sent is looked at and published in the editor.",
  who: [staff("edit-file")],
  params: ByFile,
  body: bytes("application/json"),
  maxBytes: 2_000_000,
  status: 201,
  answer: Changed,
  errors: [...onEdit, "not-utf-8", "not-json", "wrong-file", "too-deep", "wrong-text"],
});

export const saveDraft = endpoint({
  name: "save-draft",
  method: "GET",
  path: "/api/drafts/{of}/{slug}/file",
  about: "A file as its draft has it, as JSON: to be changed elsewhere and put in again.",
  who: [staff("see-desk")],
  params: ByFile,
  answer: media("application/json"),
  errors: onNothing,
});

export const uploadInventory = endpoint({
  name: "upload-inventory",
  method: "POST",
  path: "/api/drafts/{of}/{slug}/inventory.csv",
  about: "Puts a whole inventory list into the draft; what the list does not name is taken out of it.",
  who: [staff("edit-file")],
  params: ByFile,
  body: bytes("text/csv"),
  maxBytes: 1_000_000,
  status: 201,
  answer: Changed,
  errors: [...onEdit, "not-utf-8", "wrong-list", "wrong-text"],
});

export const saveDraftInventory = endpoint({
  name: "save-draft-inventory",
  method: "GET",
  path: "/api/drafts/{of}/{slug}/inventory.csv",
  about: "The inventory of a draft as it stands, as CSV: to be changed in a spreadsheet and pasted back.",
  who: [staff("see-desk")],
  params: ByFile,
  answer: media("text/csv"),
  errors: onNothing,
});
