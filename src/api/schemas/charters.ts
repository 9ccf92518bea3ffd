import { Type, type Static } from "@sinclair/typebox";
import type { Language } from "../../core/basics/languages";
import type { FarBelow } from "../../core/briefing/far-below";
import type { TermsTemplate } from "../../core/charters/agreed";
import type { HeldByCharter } from "../../core/charters/calendar";
import type { ClosingKind } from "../../core/charters/closing";
import type { HirePer } from "../../core/extras/extra";
import type { ElsewhereMet } from "../../core/feeds/elsewhere";
import type { GuestReady } from "../../core/charters/guest-ready";
import { closed } from "./closed";

/** A guest the base knows, with the last charter, which tells two of one name apart. */
export const Guest = Type.Object(
  {
    id: Type.String(),
    name: Type.String(),
    email: Type.String(),
    phone: Type.String(),
    last: Type.Union([Type.String(), Type.Null()]),
  },
  closed,
);
export type Guest = Static<typeof Guest>;

/** What a form for charters begins with. */
export interface CharterForm {
  yachts: { slug: string; name: string; berth: string; maximumAboard: number }[];
  templates: Record<string, TermsTemplate>;
  outAt: string;
  backAt: string;
  turnRoundHours: number;
  /** what the base lends */
  extras: { key: string; name: string; hireMinor: number; hirePer: HirePer }[];
  reference: string;
  today: string;
  language: Language;
  currency: string;
}

/** One change of a charter, as its page tells it. */
export interface CharterChangeView {
  number: number;
  at: string;
  by: string;
  why: string;
  told: string;
  was: Record<string, unknown>;
  became: Record<string, unknown>;
}

/** One yacht of a charter, which has more than one where it was changed over under way. */
export interface CharterPart {
  part: number;
  reference: string;
  yacht: string;
  startsAt: string;
  endsAt: string;
  isCalledOff: boolean;
}

/** A time in which a yacht is nobody's to promise. */
export interface ClosingView {
  id: string;
  /** short name of the yacht */
  yacht: string;
  kind: ClosingKind;
  startsAt: string;
  endsAt: string;
  words: string;
  by: string;
}

/** How far a charter has come, as its bar in the calendar shows it. */
export type BarState = "to-come" | "out" | "back" | "settled";

/** A charter as a bar in the calendar, under its charter's id. */
export interface CalendarStay extends HeldByCharter {
  skipper: string;
  state: BarState;
  /** how often it was changed: a move is made on what was seen */
  onNumber: number;
}

/** What runs out or is due aboard on a day. */
export interface CalendarDue {
  yacht: string;
  day: string;
  words: string;
}

/** The fleet over some weeks. */
export interface CalendarView {
  /** first day shown, and how many weeks from it */
  from: string;
  weeks: number;
  today: string;
  timeZone: string;
  turnRoundHours: number;
  yachts: { slug: string; name: string; className: string; berth: string; maximumAboard: number }[];
  stays: CalendarStay[];
  closings: ClosingView[];
  /** what other programs say is promised, with the charters that it meets */
  elsewhere: ElsewhereMet[];
  due: CalendarDue[];
}

/** A charter of the week to come, and how ready its guests are. */
export interface ComingGuests {
  charterId: string;
  stayId: string;
  reference: string;
  yacht: string;
  skipper: string;
  startsAt: string;
  aboard: number;
  /** how many are named on the crew list */
  crew: number;
  /** how many answers they gave in the study, and what they asked there */
  studied: number;
  asked: string[];
  linkAt: string | null;
  openedAt: string | null;
  /** how many kinds of extras they hired */
  extras: number;
  /** the hour of their arrival by the base's clock */
  arrives: string | null;
  papersSeen: boolean;
  onNumber: number;
  /** why their experience is far below the boat, and what to offer; null where it is not, or is not known */
  below: FarBelow | null;
  ready: GuestReady;
}

/** The guests of the week to come. */
export interface ComingView {
  timeZone: string;
  /** why nothing that is written leaves the house; null where mail does */
  mailStays: "demo" | "simulated" | null;
  rows: ComingGuests[];
}
