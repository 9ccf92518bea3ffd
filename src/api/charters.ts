import { Type } from "@sinclair/typebox";
import { languages } from "../core/basics/languages";
import { Uuid } from "../core/basics/ids";
import { calledOffs } from "../core/charters/call-off";
import { closingKinds } from "../core/charters/closing";
import type { Effect } from "../core/charters/effects";
import { TimeOfDay, UsualCharters } from "../core/charters/agreed";
import { Key, oneOf } from "../core/yacht/parts/basics";
import { staff } from "./callers";
import { Done, endpoint } from "./endpoint";
import { ById, DayText, words } from "./fields";
import { closed } from "./schemas/closed";
import { Guest } from "./schemas/charters";

const Mail = Type.String({ maxLength: 200, pattern: "^$|^[^\\s@<>]+@[^\\s@<>]+$" });
const Phone = Type.String({ maxLength: 40, pattern: "^$|^[+0-9][0-9 ()/.-]{3,39}$" });

/** A guest: one the base knows by an id, or a new one. */
const GuestGiven = Type.Object(
  { id: Type.Union([Uuid, Type.Null()]), name: words(80), email: Mail, phone: Phone },
  closed,
);

const days = { fromDay: DayText, outAt: TimeOfDay, toDay: DayText, backAt: TimeOfDay };
const onYacht = { yacht: Key, ...days, aboard: Type.Integer({ minimum: 1, maximum: 60 }) };
const agreed = {
  ...onYacht,
  language: oneOf(languages),
  charterer: GuestGiven,
  /** null where the charterer commands */
  skipper: Type.Union([GuestGiven, Type.Null()]),
};
/** Which change this one is made on, none over another's unseen; why, and who was told. */
const reasoned = {
  onNumber: Type.Integer({ minimum: 0, maximum: 1_000_000 }),
  why: words(500),
  told: Type.String({ maxLength: 200 }),
};
/** The yacht that a charter goes on with, and from when. */
const goingOn = { yacht: Key, fromDay: DayText, outAt: TimeOfDay };

/** One effect of a change, as {@link Effect} has it: a code, and the values that its sentence tells. */
const Foreseen = Type.Unsafe<Effect>({
  type: "object",
  required: ["code"],
  properties: {
    code: { type: "string" },
    yacht: { type: "string" },
    was: { type: "string" },
    reference: { type: "string" },
    startsAt: { type: "string" },
    endsAt: { type: "string" },
    hours: { type: "number" },
    count: { type: "integer" },
    heldMinor: { type: "integer" },
    kinds: { type: "array", items: { type: "string" } },
  },
  additionalProperties: false,
});
const clashes = [
  "yacht-promised",
  "yacht-closed",
  "no-such-yacht",
  "days-wrong",
  "too-many-for-her",
  "no-such-guest",
] as const;

export const enterCharter = endpoint({
  name: "enter-charter",
  method: "POST",
  path: "/api/charters",
  about: "Enters a charter: yacht, days, people, terms. A yacht is never promised twice, also when two enter at once.",
  who: [staff("enter-charter")],
  body: Type.Object(
    {
      ...agreed,
      /** the next one of the base where it is blank */
      reference: Type.String({ maxLength: 30, pattern: "^$|^[A-Za-z0-9][A-Za-z0-9._-]*$" }),
      /** of the base's usual terms, of which the charter keeps a copy */
      terms: Key,
      /** what they hire, of what the base lends; each lies in the first place that she has for it */
      extras: Type.Array(Type.Object({ key: Key, count: Type.Integer({ minimum: 1, maximum: 99 }) }, closed), {
        maxItems: 60,
      }),
    },
    closed,
  ),
  maxBytes: 12_000,
  status: 201,
  answer: Type.Object({ id: Uuid, reference: Type.String() }, closed),
  errors: [...clashes, "reference-taken", "no-such-terms", "extra-unknown", "extra-too-many"],
});

export const changeCharter = endpoint({
  name: "change-charter",
  method: "POST",
  path: "/api/stays/{id}/change",
  about:
    "Changes what was agreed in a charter, with a reason and who was told. Yacht and start stand once something was opened aboard, the end once its check-out was.",
  who: [staff("enter-charter")],
  params: ById,
  body: Type.Object(
    {
      ...agreed,
      ...reasoned,
    },
    closed,
  ),
  maxBytes: 8000,
  status: 201,
  answer: Done,
  errors: [...clashes, "no-such-charter", "charter-changed", "charter-begun", "charter-same", "called-off"],
});

export const foreseeChange = endpoint({
  name: "foresee-change",
  method: "POST",
  path: "/api/stays/{id}/foresee",
  about:
    "Tells what a change of a charter, another yacht under way, or calling it off would do and leave to be done; changes nothing.",
  who: [staff("enter-charter")],
  params: ById,
  body: Type.Object(
    {
      /** null where it is called off; a yacht, a day and an hour where they go on with another one */
      becomes: Type.Union([Type.Object(onYacht, closed), Type.Object(goingOn, closed), Type.Null()]),
    },
    closed,
  ),
  maxBytes: 1000,
  answer: Type.Object({ effects: Type.Array(Foreseen) }, closed),
  errors: [...clashes, "no-such-charter", "charter-begun", "other-yacht-wrong"],
});

export const giveOtherYacht = endpoint({
  name: "give-other-yacht",
  method: "POST",
  path: "/api/stays/{id}/other-yacht",
  about:
    "Lets a charter that is under way go on with another yacht from an hour on: a stay of its own with its own check-in, check-out and statement.",
  who: [staff("enter-charter")],
  params: ById,
  body: Type.Object(
    {
      ...goingOn,
      ...reasoned,
    },
    closed,
  ),
  maxBytes: 4000,
  status: 201,
  answer: Type.Object({ id: Uuid, reference: Type.String() }, closed),
  errors: [...clashes, "no-such-charter", "charter-changed", "called-off", "other-yacht-wrong"],
});

export const moveCharter = endpoint({
  name: "move-charter",
  method: "POST",
  path: "/api/stays/{id}/move",
  about: "Moves a charter to other days or another yacht, with a reason and who was told; its people stay.",
  who: [staff("enter-charter")],
  params: ById,
  body: Type.Object(
    {
      yacht: Key,
      ...days,
      ...reasoned,
    },
    closed,
  ),
  maxBytes: 4000,
  status: 201,
  answer: Done,
  errors: [...clashes, "no-such-charter", "charter-changed", "charter-begun", "charter-same", "called-off"],
});

export const callOffCharter = endpoint({
  name: "call-off-charter",
  method: "POST",
  path: "/api/stays/{id}/call-off",
  about:
    "Notes that a charter, or its second yacht, does not take place, and why, or that it does after all. Its days are free for others; its boat book closes.",
  who: [staff("enter-charter")],
  params: ById,
  body: Type.Object(
    {
      ...reasoned,
      /** null where it takes place after all */
      to: Type.Union([oneOf(calledOffs), Type.Null()]),
    },
    closed,
  ),
  maxBytes: 4000,
  status: 201,
  answer: Done,
  errors: ["no-such-charter", "charter-changed", "call-off-wrong", "yacht-promised", "yacht-closed"],
});

export const noteComing = endpoint({
  name: "note-coming",
  method: "POST",
  path: "/api/charters/{id}/coming",
  about: "Notes at what hour a charter's guests arrive, and that their papers were seen; never a paper itself.",
  who: [staff("note-coming")],
  params: ById,
  body: Type.Object(
    {
      onNumber: Type.Integer({ minimum: 0, maximum: 1_000_000 }),
      /** by the base's clock, on the day the charter begins; null where it is not known */
      arrives: Type.Union([TimeOfDay, Type.Null()]),
      papersSeen: Type.Boolean(),
    },
    closed,
  ),
  maxBytes: 1000,
  status: 201,
  answer: Done,
  errors: ["no-such-charter", "charter-changed"],
});

export const closeYacht = endpoint({
  name: "close-yacht",
  method: "POST",
  path: "/api/closings",
  about: "Keeps days in which a yacht is nobody's to promise: service, or not available.",
  who: [staff("close-yacht")],
  body: Type.Object({ yacht: Key, ...days, kind: oneOf(closingKinds), words: Type.String({ maxLength: 200 }) }, closed),
  maxBytes: 2000,
  status: 201,
  answer: Type.Object({ id: Uuid }, closed),
  errors: ["yacht-promised", "no-such-yacht", "days-wrong"],
});

export const openYacht = endpoint({
  name: "open-yacht",
  method: "DELETE",
  path: "/api/closings/{id}",
  about: "Takes days off again in which a yacht was nobody's to promise.",
  who: [staff("close-yacht")],
  params: ById,
  answer: Done,
  errors: ["no-such-closing"],
});

export const findGuests = endpoint({
  name: "find-guests",
  method: "GET",
  path: "/api/guests",
  about: "Guests of the base whose name or mail address begins like what was typed.",
  who: [staff("enter-charter")],
  query: Type.Object({ find: Type.String({ minLength: 2, maxLength: 80 }) }, closed),
  answer: Type.Object({ guests: Type.Array(Guest) }, closed),
});

export const keepUsualCharters = endpoint({
  name: "keep-usual-charters",
  method: "POST",
  path: "/api/base/charters",
  about: "Keeps what is usual in charters: terms by name, hours of going out and coming back, hours between two.",
  who: [staff("settle-prices")],
  body: Type.Object(
    { onNumber: Type.Integer({ minimum: 0, maximum: 2_000_000_000 }), charters: UsualCharters },
    closed,
  ),
  maxBytes: 100_000,
  status: 201,
  answer: Done,
  errors: ["list-changed", "terms-wrong"],
});
