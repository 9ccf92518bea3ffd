import { Type } from "@sinclair/typebox";
import { Uuid } from "../core/basics/ids";
import { KeptMappings } from "../core/imports/mappings";
import { staff } from "./callers";
import { Done, endpoint, media } from "./endpoint";
import { ById } from "./fields";
import { closed } from "./schemas/closed";
import { GivenCrews, GivenList, type CrewView, type ImportRowView, type RowView } from "./schemas/imports";

const someBytes = 8_000_000;
const Count = Type.Integer({ minimum: 0 });
const anyObject = { type: "object" } as const;

export const lookThroughList = endpoint({
  name: "look-through-list",
  method: "POST",
  path: "/api/imports/look",
  about:
    "Tells what would become of each row of a list of charters: new, changed, the same, or refused and why. Changes nothing.",
  who: [staff("enter-charter")],
  body: GivenList,
  maxBytes: someBytes,
  answer: Type.Object(
    {
      rows: Type.Array(Type.Unsafe<RowView>(anyObject)),
      /** stands for all that is told here: what is taken is what was seen */
      seen: Type.String(),
    },
    closed,
  ),
});

export const takeList = endpoint({
  name: "take-list",
  method: "POST",
  path: "/api/imports",
  about:
    "Takes a list of charters in, all of it or nothing, as it was looked through. The same list once more changes nothing.",
  who: [staff("enter-charter")],
  body: Type.Object(
    {
      ...GivenList.properties,
      fileName: Type.String({ minLength: 1, maxLength: 200 }),
      seen: Type.String({ maxLength: 64 }),
    },
    closed,
  ),
  maxBytes: someBytes,
  status: 201,
  answer: Type.Object({ id: Uuid, new: Count, changed: Count }, closed),
  errors: ["list-seen-changed", "list-brings-nothing"],
});

export const readImport = endpoint({
  name: "read-import",
  method: "GET",
  path: "/api/imports/{id}",
  about: "The rows that a list brought, and which of them were undone.",
  who: [staff("enter-charter")],
  params: ById,
  answer: Type.Object({ rows: Type.Array(Type.Unsafe<ImportRowView>(anyObject)) }, closed),
  errors: ["no-such-import"],
});

export const undoRow = endpoint({
  name: "undo-row",
  method: "POST",
  path: "/api/imports/{id}/undo",
  about:
    "Undoes a row that a list brought: a new charter goes, a changed one is as it was; refused once anything was built on it.",
  who: [staff("enter-charter")],
  params: ById,
  body: Type.Object({ line: Type.Integer({ minimum: 1, maximum: 1_000_000 }) }, closed),
  maxBytes: 200,
  status: 201,
  answer: Done,
  errors: [
    "no-such-row",
    "row-built-on",
    "yacht-promised",
    "yacht-closed",
    "charter-begun",
    "too-many-for-her",
    "no-such-yacht",
    "days-wrong",
  ],
});

export const keepMappings = endpoint({
  name: "keep-mappings",
  method: "POST",
  path: "/api/base/imports",
  about: "Keeps by name how the lists of other programs are read.",
  who: [staff("enter-charter")],
  body: Type.Object({ onNumber: Type.Integer({ minimum: 0, maximum: 2_000_000_000 }), mappings: KeptMappings }, closed),
  maxBytes: 100_000,
  status: 201,
  answer: Done,
  errors: ["list-changed"],
});

export const saveCharters = endpoint({
  name: "save-charters",
  method: "GET",
  path: "/api/charters.csv",
  about: "The charters of the base as CSV, in the columns that it takes in again.",
  who: [staff("enter-charter")],
  answer: media("text/csv"),
});

export const lookThroughCrews = endpoint({
  name: "look-through-crews",
  method: "POST",
  path: "/api/imports/crews/look",
  about: "Tells what would become of the crew list of each charter that a list names. Changes nothing.",
  who: [staff("keep-crew-list")],
  body: GivenCrews,
  maxBytes: someBytes,
  answer: Type.Object({ crews: Type.Array(Type.Unsafe<CrewView>(anyObject)), seen: Type.String() }, closed),
});

export const takeCrews = endpoint({
  name: "take-crews",
  method: "POST",
  path: "/api/imports/crews",
  about:
    "Takes crew lists in, all of them or nothing, as they were looked through. The same list once more changes nothing.",
  who: [staff("keep-crew-list")],
  body: Type.Object({ ...GivenCrews.properties, seen: Type.String({ maxLength: 64 }) }, closed),
  maxBytes: someBytes,
  status: 201,
  answer: Type.Object({ taken: Count }, closed),
  errors: ["list-seen-changed", "list-brings-nothing"],
});

export const saveCrews = endpoint({
  name: "save-crews",
  method: "GET",
  path: "/api/crews.csv",
  about: "The crew lists of charters that are under way or to come as CSV, in the columns that are taken in again.",
  who: [staff("keep-crew-list")],
  answer: media("text/csv"),
});
