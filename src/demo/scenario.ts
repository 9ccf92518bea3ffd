import { Type, type Static } from "@sinclair/typebox";
import { languages } from "../core/basics/languages";
import { oneOf } from "../core/yacht/parts/basics";
import { Experience } from "../core/briefing/experience";
import { Mark } from "../core/handover/lines/mark-form";
import { Extras } from "../core/extras/extra";
import { PriceList } from "../core/settlement/prices";
import { Decision } from "../core/settlement/propose";
import { Waiver } from "../core/settlement/schema";
import { CharterTerms, DepositHow } from "../core/settlement/terms";

const closed = { additionalProperties: false } as const;
/** A moment counted in days from the day the demo is loaded, in the base's own time. */
const Moment = Type.Object({ day: Type.Integer(), time: Type.String({ pattern: "^\\d{2}:\\d{2}$" }) }, closed);
const Words = Type.Object({ base: Type.Optional(Type.String()), skipper: Type.Optional(Type.String()) }, closed);
const Sample = Type.Union([Type.Literal("scratch"), Type.Literal("chip"), Type.Literal("stain"), Type.Literal("dent")]);

const Handover = Type.Object(
  {
    at: Moment,
    hours: Type.Number(),
    /** lines that are not "all here, all fine" */
    lines: Type.Optional(Type.Record(Type.String(), Type.Record(Type.String(), Type.Unknown()))),
    /** recorded only up to this place, in the order of the walk */
    upTo: Type.Optional(Type.String()),
    open: Type.Optional(Type.Array(Type.String())),
    remarks: Type.Optional(Type.Record(Type.String(), Words)),
    photos: Type.Optional(Type.Record(Type.String(), Sample)),
    marks: Type.Optional(
      Type.Array(Type.Composite([Mark, Type.Object({ key: Type.String(), photo: Type.Optional(Sample) })], closed)),
    ),
    found: Type.Optional(
      Type.Array(Type.Object({ place: Type.String(), words: Type.String(), count: Type.Integer() }, closed)),
    ),
    sign: Type.Optional(Type.Boolean()),
    /** who did it, where that is not the charter's briefer */
    by: Type.Optional(Type.String()),
  },
  closed,
);
export type ScriptedHandover = Static<typeof Handover>;

/** What a skipper said in the study; every other question is answered rightly. */
const Study = Type.Object(
  {
    at: Moment,
    experience: Experience,
    wrong: Type.Array(Type.String()),
    understood: Type.Array(Type.String()),
    ask: Type.Array(Type.String()),
    questions: Type.Array(Type.Object({ topic: Type.String(), words: Type.String() }, closed)),
  },
  closed,
);
export type ScriptedStudy = Static<typeof Study>;

const Charter = Type.Object(
  {
    reference: Type.String(),
    yacht: Type.String(),
    briefer: Type.String(),
    skipper: Type.String(),
    charterer: Type.String(),
    aboard: Type.Integer({ minimum: 1 }),
    /** in which language the skipper is spoken to; English where nothing is said */
    language: Type.Optional(oneOf(languages)),
    from: Moment,
    to: Moment,
    /** what it has hired, by the base's extras */
    extras: Type.Optional(Type.Record(Type.String(), Type.Integer({ minimum: 1 }))),
    deposit: Type.Union([Type.Literal("held"), Type.Literal("open")]),
    /** what this charter agreed otherwise than the demo's common terms */
    agreed: Type.Optional(Type.Object({ amountMinor: Type.Integer({ minimum: 0 }), how: DepositHow }, closed)),
    /** weights of the people aboard, by name */
    crew: Type.Optional(Type.Record(Type.String(), Type.Integer())),
    prep: Type.Optional(Handover),
    checkIn: Type.Optional(Handover),
    checkOut: Type.Optional(Handover),
    decisions: Type.Optional(
      Type.Record(Type.String(), Type.Object({ decision: Decision, why: Type.String() }, closed)),
    ),
    /** fuel bought on the way, by receipt; the day counted from the day the demo is loaded */
    bought: Type.Optional(
      Type.Array(Type.Object({ litres: Type.Number(), day: Type.Integer(), reference: Type.String() }, closed)),
    ),
    waiver: Type.Optional(Waiver),
    settle: Type.Optional(Type.Object({ at: Moment }, closed)),
    study: Type.Optional(Study),
    /** what the crew called the base about, so many hours after leaving */
    calls: Type.Optional(
      Type.Array(Type.Object({ afterHours: Type.Number(), topic: Type.String(), words: Type.String() }, closed)),
    ),
    link: Type.Optional(
      Type.Object({ secret: Type.String({ minLength: 20 }), pin: Type.String({ pattern: "^\\d{6}$" }) }, closed),
    ),
  },
  closed,
);
export type ScriptedCharter = Static<typeof Charter>;

/** The demo scenario: a base, its people and yachts, and charters in every state. */
export const Scenario = Type.Object(
  {
    base: Type.Object(
      {
        name: Type.String(),
        place: Type.String(),
        timeZone: Type.String(),
        currency: Type.String(),
        languages: Type.Array(Type.String()),
        phone: Type.String(),
      },
      closed,
    ),
    password: Type.String({ minLength: 8 }),
    staff: Type.Array(
      Type.Object(
        { key: Type.String(), name: Type.String(), email: Type.String(), roles: Type.Array(Type.String()) },
        closed,
      ),
    ),
    yachts: Type.Array(Type.Object({ file: Type.String(), berth: Type.String(), code: Type.String() }, closed)),
    terms: CharterTerms,
    extras: Extras,
    prices: PriceList,
    charters: Type.Array(Charter),
  },
  closed,
);
export type Scenario = Static<typeof Scenario>;
