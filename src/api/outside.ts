import { Type } from "@sinclair/typebox";
import { program } from "./callers";
import { endpoint, media } from "./endpoint";
import { DayText } from "./fields";
import { closed } from "./schemas/closed";
import { OutsideCharter, OutsideStatement, OutsideYacht, SentCharter, SentRow } from "./schemas/outside";
import { Uuid } from "../core/basics/ids";

const ByReference = Type.Object({ reference: Type.String({ minLength: 1, maxLength: 40 }) }, closed);
/** How many charters are given, and taken, at once. */
export const mostCharters = 200;

export const listYachts = endpoint({
  name: "v1-yachts",
  method: "GET",
  path: "/api/v1/yachts",
  about: "The yachts of the base, by the names that charters are entered with.",
  who: [program("read-charters")],
  answer: Type.Object({ yachts: Type.Array(OutsideYacht) }, closed),
});

export const listCharters = endpoint({
  name: "v1-charters",
  method: "GET",
  path: "/api/v1/charters",
  about: `Charters and how they stand, in the order they begin, ${mostCharters} at a time. People are told with the scope read-people.`,
  who: [program("read-charters")],
  query: Type.Object(
    {
      /** charters that end on this day or later; of the last thirty days where it is left out */
      from: Type.Optional(DayText),
      /** charters that begin before this day */
      to: Type.Optional(DayText),
      /** `next` of the page before */
      after: Type.Optional(Uuid),
    },
    closed,
  ),
  answer: Type.Object({ charters: Type.Array(OutsideCharter), next: Type.Union([Uuid, Type.Null()]) }, closed),
});

export const readCharter = endpoint({
  name: "v1-charter",
  method: "GET",
  path: "/api/v1/charters/{reference}",
  about: "One charter and how it stands; of a charter that went on with another yacht each has a reference of its own.",
  who: [program("read-charters")],
  params: ByReference,
  answer: OutsideCharter,
  errors: ["no-such-charter"],
});

export const sendCharters = endpoint({
  name: "v1-send-charters",
  method: "POST",
  path: "/api/v1/charters",
  about:
    "Takes charters in with their people: each is new, changed field by field, the same, or refused and why. What can be taken is; the same once more changes nothing. With look nothing is taken.",
  who: [program("write-charters")],
  body: Type.Object(
    {
      charters: Type.Array(SentCharter, { minItems: 1, maxItems: mostCharters }),
      look: Type.Optional(Type.Boolean()),
    },
    closed,
  ),
  maxBytes: 400_000,
  answer: Type.Object(
    {
      rows: Type.Array(SentRow),
      /** under which rows can be undone at the desk; null where nothing was taken */
      taken: Type.Union([Uuid, Type.Null()]),
    },
    closed,
  ),
  errors: ["list-seen-changed"],
});

export const readStatement = endpoint({
  name: "v1-statement",
  method: "GET",
  path: "/api/v1/charters/{reference}/statement",
  about: "The signed statement of a charter's yacht: what is due, held and given back, line by line.",
  who: [program("read-statements")],
  params: ByReference,
  answer: OutsideStatement,
  errors: ["no-such-charter", "no-statement"],
});

export const printStatementOutside = endpoint({
  name: "v1-statement-pdf",
  method: "GET",
  path: "/api/v1/charters/{reference}/statement.pdf",
  about: "The signed statement on paper.",
  who: [program("read-statements")],
  params: ByReference,
  answer: media("application/pdf"),
  errors: ["no-such-charter", "no-statement"],
});
