import { Type, type Static } from "@sinclair/typebox";
import { Area } from "../../core/area/area";
import { HerBerth } from "../../core/berthing/schema";
import { StudyAnswer } from "../../core/briefing/study/answer";
import type { NotAlone } from "../../core/briefing/study/walk-alone";
import { Addendum } from "../../core/handover/addenda/addendum";
import { InstantText, Uuid } from "../../core/basics/ids";
import { languages } from "../../core/basics/languages";
import { DepositHow } from "../../core/settlement/terms";
import { SignedKind } from "../../core/handover/list";
import { LogEntry } from "../../core/underway/log/entry";
import { AboardReading } from "../../core/underway/readings";
import { Outlook } from "../../core/weather/outlook";
import { Key, oneOf } from "../../core/yacht/parts/basics";
import { YachtFile } from "../../core/yacht/schema";
import { CrewMember } from "./desk";

const closed = { additionalProperties: false } as const;
const BaseWords = Type.Object(
  {
    name: Type.String(),
    place: Type.String(),
    phone: Type.String(),
    timeZone: Type.String(),
    currency: Type.String(),
    /** on which it listens, and when somebody is there, as it told when it was set up */
    channel: Type.Optional(Type.String()),
    hours: Type.Optional(Type.String()),
  },
  closed,
);

/** What stands on one sentence of the skipper's copy: which line, how it stood, what was said. */
const Noted = Type.Object(
  {
    place: Type.String(),
    name: Type.String(),
    verdict: Type.Union([Type.Literal("fine"), Type.Literal("watch"), Type.Literal("stop")]),
    words: Type.String(),
    photos: Type.Array(Type.String()),
  },
  closed,
);

/** What came after a signed check-in, and what may still be reported. */
export const AddendaView = Type.Object(
  {
    handover: Uuid,
    leftAt: Type.Union([InstantText, Type.Null()]),
    /** lines that were not tried, with their own clocks */
    open: Type.Array(
      Type.Object(
        {
          line: Type.String(),
          name: Type.String(),
          place: Type.String(),
          reason: Type.String(),
          hours: Type.Number(),
          until: Type.Union([InstantText, Type.Null()]),
        },
        closed,
      ),
    ),
    /** every line one may report on */
    lines: Type.Array(
      Type.Object({ id: Type.String(), name: Type.String(), place: Type.String(), isCount: Type.Boolean() }, closed),
    ),
    addenda: Type.Array(
      Type.Object(
        {
          addendum: Addendum,
          receivedAt: InstantText,
          by: Type.Union([Type.String(), Type.Null()]),
          about: Type.Union([Type.Object({ name: Type.String(), place: Type.String() }, closed), Type.Null()]),
          /** of a late finding: whether it was made in time */
          inTime: Type.Union([Type.Boolean(), Type.Null()]),
        },
        closed,
      ),
    ),
  },
  closed,
);
export type AddendaView = Static<typeof AddendaView>;

/** Addenda from a device; each is checked by itself. */
export const AddendumBatch = Type.Object(
  { addenda: Type.Array(Type.Unknown(), { minItems: 1, maxItems: 50 }) },
  closed,
);

/** The signed statement as the crew reads it. */
const SettledBook = Type.Object(
  {
    sealedAt: InstantText,
    dueMinor: Type.Integer(),
    heldMinor: Type.Integer(),
    releaseMinor: Type.Integer(),
    /** signed without the charterer: until when lines can be objected to */
    objectUntil: Type.Union([InstantText, Type.Null()]),
    lines: Type.Array(
      Type.Object(
        {
          id: Type.String(),
          name: Type.String(),
          how: Type.String(),
          state: Type.Union([
            Type.Literal("closed"),
            Type.Literal("held"),
            Type.Literal("objected"),
            Type.Literal("may-be-objected"),
          ]),
          atMostMinor: Type.Integer(),
          finalMinor: Type.Integer(),
          mayObject: Type.Boolean(),
          said: Type.Array(Type.String()),
        },
        closed,
      ),
    ),
  },
  closed,
);

/** A handover as the crew reads it: whether it is signed, and what was noted. */
const BookHandover = Type.Object(
  {
    id: Uuid,
    kind: SignedKind,
    sealedAt: Type.Union([InstantText, Type.Null()]),
    seal: Type.Union([Type.String(), Type.Null()]),
    noted: Type.Array(Noted),
    lines: Type.Integer(),
    /** what does not fit of the record as the base keeps it, in words; older bases did not look */
    unfit: Type.Optional(Type.Array(Type.String())),
  },
  closed,
);

/** The boat book of one charter. */
export const BoatBook = Type.Object(
  {
    base: BaseWords,
    reference: Type.String(),
    /** in which language the charter's people are spoken to; bases of before do not say */
    language: Type.Optional(oneOf(languages)),
    skipper: Type.String(),
    stay: Type.Object({ id: Uuid, startsAt: InstantText, endsAt: InstantText, aboard: Type.Integer() }, closed),
    yacht: Type.Object(
      { slug: Key, name: Type.String(), berth: Type.String(), revision: Type.Integer({ minimum: 1 }), file: YachtFile },
      closed,
    ),
    /** the people aboard, as far as the crew list tells them */
    crew: Type.Optional(Type.Array(CrewMember)),
    /** at what hour they said that they come; older bases did not ask */
    arrives: Type.Optional(Type.Union([Type.String(), Type.Null()])),
    /** the waters of the base; not in books of before, and not where nobody told them */
    area: Type.Optional(Area),
    /** what was read at the signed check-in; older bases did not say */
    readings: Type.Optional(Type.Array(AboardReading)),
    /** what was told under way, from any device; older bases did not take it */
    log: Type.Optional(Type.Array(LogEntry)),
    /** what the base answered to troubles; older bases did not */
    /** faults that the base knows of and has ordered work for, with what to do until then; older bases did not say */
    knownFaults: Type.Optional(
      Type.Array(
        Type.Object(
          {
            fault: Type.String(),
            since: InstantText,
            crews: Type.Integer(),
            answer: Type.Union([Type.String(), Type.Null()]),
          },
          closed,
        ),
      ),
    ),
    /** how likely each check of a fault is its cause, by fault and check, where something was learned; older bases did not */
    learned: Type.Optional(Type.Record(Type.String(), Type.Record(Type.String(), Type.Number()))),
    answers: Type.Optional(Type.Array(Type.Object({ trouble: Uuid, at: InstantText, words: Type.String() }, closed))),
    /** wind and tide to come by the base's feeds; null where it has none, absent where an older base did not say */
    outlook: Type.Optional(Type.Union([Outlook, Type.Null()])),
    /** what has changed in her file since it was studied, in words */
    changes: Type.Array(Type.String()),
    /** what was said in the study so far, from any device */
    study: Type.Array(StudyAnswer),
    /** what stands against walking her without a briefer, now; null once she is handed over */
    notAlone: Type.Union([Type.Array(Type.Unsafe<NotAlone>({ type: "string" })), Type.Null()]),
    /** how much shorter the talk gets by a drill, and the devices that are drilled before one walks alone; older bases do not say */
    drills: Type.Optional(
      Type.Object({ sharePercent: Type.Integer(), beforeAlone: Type.Array(Type.String()) }, closed),
    ),
    handovers: Type.Array(BookHandover),
    /** the charter's other yachts, where it was changed over under way; older bases do not say */
    others: Type.Optional(
      Type.Array(
        Type.Object(
          {
            reference: Type.String(),
            yacht: Type.String(),
            berth: Type.String(),
            stayId: Uuid,
            startsAt: InstantText,
            endsAt: InstantText,
            handovers: Type.Array(BookHandover),
            settlement: Type.Union([SettledBook, Type.Null()]),
          },
          closed,
        ),
      ),
    ),
    /** what was agreed, and the rules of the base that a crew goes by; older bases did not say */
    terms: Type.Optional(
      Type.Object(
        {
          depositMinor: Type.Integer(),
          depositHow: DepositHow,
          /** the most that is to be paid for damage; null without a waiver */
          waiverMinor: Type.Union([Type.Integer(), Type.Null()]),
          fuelRule: Type.Union([Type.Literal("by-level"), Type.Literal("per-engine-hour")]),
          lateHours: Type.Integer(),
          windLimitKn: Type.Integer(),
          gustLimitKn: Type.Optional(Type.Integer()),
        },
        closed,
      ),
    ),
    /** until when the link opens the book; older bases did not say */
    until: Type.Optional(InstantText),
    /** how she lies at the base, and what beside her; older bases did not say */
    berth: Type.Optional(HerBerth),
    /** once the check-in is signed */
    afterwards: Type.Union([AddendaView, Type.Null()]),
    skipperId: Uuid,
    settlement: Type.Union([SettledBook, Type.Null()]),
  },
  closed,
);
export type BoatBook = Static<typeof BoatBook>;

/** Answers of the study from a device; each is checked by itself, so that a malformed one blocks no other. */
export const StudyBatch = Type.Object(
  {
    answers: Type.Array(Type.Unknown(), { minItems: 1, maxItems: 200 }),
    /** of which yacht they are; of the one in hand where an older device does not say */
    yacht: Type.Optional(Key),
  },
  closed,
);

/** Entries of the log of a boat under way; each is checked by itself. */
export const LogBatch = Type.Object({ entries: Type.Array(Type.Unknown(), { minItems: 1, maxItems: 100 }) }, closed);

/** What became of each thing that a device sent: the base has it now, had it before, or refuses it and why. */
export const ItemAnswers = Type.Object(
  {
    answers: Type.Array(
      Type.Object(
        {
          id: Type.String(),
          status: oneOf(["kept", "same", "late", "refused"] as const),
          code: Type.Union([Type.String(), Type.Null()]),
          message: Type.Union([Type.String(), Type.Null()]),
        },
        closed,
      ),
    ),
  },
  closed,
);
export type ItemAnswer = Static<typeof ItemAnswers>["answers"][number];

/** What opens by the code posted aboard. */
export const AboardBook = Type.Object(
  { base: BaseWords, yacht: Type.Object({ name: Type.String(), berth: Type.String(), file: YachtFile }, closed) },
  closed,
);
export type AboardBook = Static<typeof AboardBook>;
