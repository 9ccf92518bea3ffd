import { sailedBefore } from "../../core/imports/crew";
import { Type, type Static } from "@sinclair/typebox";
import type { TroubleEnd } from "@/core/faults/entry";
import type { Urgency } from "@/core/faults/kinds/kind";
import type { BaseRules } from "../../core/base/rules";
import type { FarBelow } from "../../core/briefing/far-below";
import type { Words } from "../../core/basics/words";
import type { Verdict } from "../../core/basics/verdict";
import type { KeptAddendum } from "../../core/handover/addenda/kept";
import type { HandoverKind } from "../../core/handover/lines/line-input";
import type { RecordFault } from "../../core/handover/record-fault";
import type { StandingProblem } from "../../core/handover/standing";
import type { MissingSigner } from "../../core/handover/seal";
import type { CalledOff } from "../../core/charters/call-off";
import type { NextStep } from "../../core/handover/next-step";
import type { BookDifference } from "../../core/settlement/books";
import type { Concluded } from "../../core/settlement/conclude";
import type { DueRange } from "../../core/settlement/due-range";
import type { Extra } from "../../core/settlement/extra";
import type { LateReturn } from "../../core/settlement/late-return";
import type { PriceList } from "../../core/settlement/prices";
import type { Proposal } from "../../core/settlement/propose";
import type { FileChange } from "../../core/yacht/changes";
import type { Settlement } from "../../core/settlement/schema";
import type { CharterTerms } from "../../core/settlement/terms";
import type { WorkState } from "../../core/upkeep/defect";
import { oneOf } from "../../core/yacht/parts/basics";
import { YachtFile } from "../../core/yacht/schema";
import type { LookName } from "../../core/underway/log/entry";
import type { Overdue } from "../../core/underway/log/overdue";
import type { WindHour } from "../../core/weather/outlook";
import type { ToldTrouble } from "./told-trouble";
import type { ReadyReason, ReadyState, ShortItem } from "../../core/upkeep/readiness";

/** A signed record of a handover, as it was received. */
export interface SealBrief {
  seal: string;
  sealedAt: string;
  receivedAt: string;
  stands: boolean;
  /** what speaks against it, as the base found when it came in */
  problems: StandingProblem[];
  /** lines that only the signed words have, and that only the words of its own entries have; null where they are the same */
  differ: { signed: string[]; own: string[] } | null;
  /** what a manager said of it last: whether it stands; null while nobody has */
  settled: boolean | null;
  settledWhy: string | null;
}

/** A way into a charter that is open: a device that records, or a browser with its boat book. */
export interface AccessBrief {
  id: string;
  kind: "device" | "book";
  /** whose device; null for a boat book */
  name: string | null;
  side: "base" | "skipper";
  handover: HandoverKind | null;
  since: string;
}

/** How the mark on a yacht's leaving was taken off. */
export interface LiftBrief {
  how: "cured" | "overridden";
  why: string;
  by: string;
  at: string;
}

/** A handover of a stay, in brief. */
export interface HandoverBrief {
  id: string;
  kind: HandoverKind;
  openedAt: string;
  entries: number;
  sealedAt: string | null;
  /** every record that was signed of it, in the order they came in */
  seals: SealBrief[];
  /** of a check-in: what stood against her leaving when its record came in, in words; empty where nothing did */
  against: string[];
  lifted: LiftBrief | null;
  /** what came after the seal */
  late: number;
  /** late findings that nobody has answered */
  toAnswer: number;
  /** of a prep: whether the technician has said that it is done */
  prepDone: boolean;
}

/** How a handover stands that is open. */
export interface HandoverInHand {
  /** lines not looked at yet, of how many */
  left: number;
  total: number;
  /** who recorded on it, the latest first */
  people: string[];
  /** what would stand in the way of leaving, in words */
  against: string[];
}

/** A stay with its charter, yacht and people, as the desk shows it. */
export interface StayView {
  stayId: string;
  charterId: string;
  /** its charter's number; from the second yacht on with which one she is */
  reference: string;
  /** which of the charter's yachts this is, from 1 on */
  part: number;
  yachtId: string;
  yachtName: string;
  yachtSlug: string;
  berth: string;
  startsAt: string;
  endsAt: string;
  aboard: number;
  /** why it does not take place; null where it does */
  calledOff: CalledOff | null;
  skipperId: string;
  skipper: string;
  chartererId: string;
  charterer: string;
  /** the charterer's written authority for the skipper to settle money; null where none was seen */
  authority: string | null;
  terms: CharterTerms;
  /** what is held on the card now */
  heldMinor: number;
  handovers: HandoverBrief[];
  settledAt: string | null;
}

/** How ready a yacht is for her next check-in, and what is to be put aboard. */
export interface Readiness {
  state: ReadyState;
  reasons: ReadyReason[];
  short: ShortItem[];
}

/** What waits in a yacht's file: changes that people propose, and changes of a draft that is not published. */
export interface FileWork {
  proposed: number;
  unpublished: number;
}

/** What a yacht's plan is drawn from. */
export const YachtPlanForm = Type.Pick(YachtFile, ["particulars", "places", "furniture"], {
  additionalProperties: false,
});
export type YachtPlanForm = Static<typeof YachtPlanForm>;

/** What Today shows of a yacht in a row and beside it. */
export interface TodayYacht {
  particulars: YachtFile["particulars"];
  /** under which her plan is kept */
  fileHash: string;
  /** what is odd about her, the first of it */
  oddities: string[];
}

/** What a boat under way tells: where she lies tonight, her last round, and the first hour of wind above a limit. */
export interface TellsBrief {
  overdue: Overdue;
  round: { at: string; odd: { look: LookName; words: string }[] } | null;
  over: WindHour | null;
  /** what she called about, urgent first */
  calls: CallBrief[];
}

/** A call from a boat under way, with all that was found. */
export interface CallBrief {
  /** of which charter, as it is written at the desk */
  reference: string;
  trouble: string;
  title: string;
  urgency: Urgency;
  persons: number;
  words: string;
  /** each check with its answer and time */
  lines: string[];
  saidAt: string;
  receivedAt: string;
  /** how long it has waited at the base */
  waitsMin: number;
  answers: { at: string; words: string }[];
  /** what the base answered to the same finding before, newest first */
  earlier: { at: string; words: string; yacht: string }[];
  isOpen: boolean;
  /** the work order that lies for it, and how many crews were told about it since */
  ordered: { since: string; crews: number } | null;
  outcome: TroubleEnd["outcome"] | null;
}

/** One line of Today: a stay with what it needs next. */
export interface TodayRow {
  stay: StayView;
  next: NextStep;
  /** the moment this row is about: leaving, or coming back */
  at: string;
  verdict: Verdict;
  /** entries recorded so far in the handover that is open */
  recorded: number;
  late: number;
  /** signed over while not cleared to leave, and the mark is not lifted */
  notCleared: boolean;
  /** experience far below this yacht, as told in the study: for the manager to weigh before she leaves */
  farBelow: FarBelow | null;
  /** before a check-in: how ready the yacht is */
  readiness: Readiness | null;
  /** before a check-in: what ought to be in her file before the next walk */
  fileWork: FileWork | null;
  /** under way: what she tells */
  tells: TellsBrief | null;
}

/** One charter in the list of all. */
export interface CharterRow extends Pick<
  StayView,
  "stayId" | "reference" | "yachtName" | "skipper" | "startsAt" | "endsAt"
> {
  next: NextStep;
  verdict: Verdict;
  recorded: number;
}

/** A page of the list of charters, newest first. */
export interface ChartersPage {
  rows: CharterRow[];
  timeZone: string;
  /** what was asked for */
  find: string;
  /** where the next page begins; null on the last */
  more: string | null;
}

/** One change of the base's rules: what held from then on, and why. */
export interface RulesChange extends PriceChange {
  number: number;
  rules: BaseRules;
}

/** Who changed the base's prices, when and why. */
export interface PriceChange {
  why: string;
  at: string;
  by: string;
}

/** How much somebody has sailed. */

/** Somebody aboard, by the crew list; the weight is for the life jacket, the rest for the briefing, as far as they wish to tell it. */
export const CrewMember = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 120, pattern: "\\S" }),
    weightKg: Type.Integer({ minimum: 3, maximum: 300 }),
    isChild: Type.Optional(Type.Boolean()),
    swims: Type.Optional(Type.Boolean()),
    speaks: Type.Optional(Type.String({ maxLength: 60 })),
    sailed: Type.Optional(oneOf(sailedBefore)),
    /** what the base should know, told only by who wishes to */
    toKnow: Type.Optional(Type.String({ maxLength: 200 })),
  },
  { additionalProperties: false },
);
export type CrewMember = Static<typeof CrewMember>;

/** A defect of a yacht and how the work on it stands. */
export interface DefectView {
  /** how often the work on it has moved: what somebody says next is said on this */
  workNumber: number;
  id: string;
  yachtId: string;
  handoverId: string | null;
  subject: string;
  place: string | null;
  title: string;
  words: string;
  safety: boolean;
  since: string;
  foundBy: string | null;
  state: WorkState;
  workWords: string;
  workAt: string;
  workBy: string | null;
  /** what the work took, and what was read afterwards */
  parts: string;
  minutes: number | null;
  reading: string;
  workPhotos: string[];
  /** who has the work, or nobody */
  assignee: string | null;
  assigneeName: string | null;
  /** when she next leaves, an instant */
  neededAt: string | null;
  /** what was photographed when it was found, by hash */
  photos: string[];
}

/** A thing that a crew left aboard, and what is known of it. */
export interface FoundItem {
  handover: string;
  found: string;
  yachtName: string;
  charter: string;
  charterer: string;
  sealedAt: string;
  words: string;
  count: number;
  photos: string[];
  /** found at that charter's check-out, so most likely its crew's; else an earlier crew's */
  isTheirs: boolean;
  /** where it is kept at the base */
  kept: { words: string; at: string } | null;
}

/** Something a crew called the base about. */
export interface CallView {
  id: string;
  topic: string | null;
  words: string;
  at: string;
}

/** What happened to a deposit. */
export interface DepositView {
  kind: "held" | "declined" | "timed-out" | "captured" | "released";
  amountMinor: number;
  reference: string | null;
  at: string;
}

/** What the base does aboard before a charter: how many tasks, minutes of one person, and what is taken off her. */
export interface TurnRound {
  tasks: number;
  minutes: number;
  takeOff: Words[];
}

/** The extras of a charter, and what else it could hire. */
export interface HireView {
  /** of the change that they stand by; 0 before the first */
  number: number;
  hired: { key: string; count: number; place: string; name: Words }[];
  /** what the hire comes to over the charter */
  sumMinor: number;
  /** what the base lends, with how many are free over these days and where it would be stowed */
  lent: { key: string; name: Words; free: number; place: string }[];
  places: { key: string; name: Words }[];
  /** the check-in is open: its list is fixed */
  isFixed: boolean;
  isPrepOpen: boolean;
}
/** What a reservation says about a line of the statement. */
export interface Reservation {
  line: string;
  words: string;
}

/** One difference on the settlement's screen: in words, with both sides' evidence. */
export interface SettlementItem {
  proposal: Proposal;
  name: string;
  place: string;
  what: string;
  before: { words: string; by: string; at: string | null; photos: string[] };
  after: { words: string; by: string; at: string | null; photos: string[] };
  why: string;
  /** who decided; empty where nobody has */
  decidedBy: string;
  /** where it was reported before she was handed over, in words */
  prior: string | null;
}

/** What stands on a statement beside the differences, in words. */
export interface ExtraItem {
  id: string;
  extra: Extra;
  name: string;
  why: string;
  by: string;
}

/** A line of a signed statement as it stands since. */
export interface AfterItem {
  id: string;
  name: string;
  state: Concluded["lines"][number]["state"];
  atMostMinor: number;
  finalMinor: number;
  /** what was said of it: objections, and what was agreed in the end */
  said: { words: string; by: string | null; at: string }[];
}

/** The settlement of a stay as its screen shows it. */
export interface SettlementScreen {
  /** what does not fit of the two records as they are kept */
  faults: RecordFault[];
  stay: StayView;
  currency: string;
  timeZone: string;
  /** what the skipper told before the check-out: late findings and what happened on the way */
  told: KeptAddendum[];
  /** what the crew told was wrong under way */
  troubles: ToldTrouble[];
  /** something happened on the way that asks for a look below the water, and nobody has looked */
  notLookedBelow: boolean;
  items: SettlementItem[];
  extras: ExtraItem[];
  prices: PriceList;
  late: LateReturn | null;
  /** fuel tanks, for a receipt of one filled to the cap */
  tanks: { line: string; name: string }[];
  output: Settlement;
  range: DueRange | null;
  digest: string;
  undecided: number;
  signed: {
    sealedAt: string;
    seal: string;
    reservations: Reservation[];
    output: Settlement;
    without: MissingSigner | null;
    objectUntil: string | null;
    cameSince: number;
  } | null;
  after: { lines: AfterItem[]; open: number; dueMinor: number; captureMinor: number; releaseMinor: number } | null;
  deposit: DepositView[];
  /** where the terminal's own book says otherwise than the base's */
  booksDiffer: BookDifference[];
}

/** One revision of a yacht's file, with what it changed. */
export interface RevisionView {
  revision: number;
  publishedAt: string;
  by: string | null;
  why: string;
  accepted: { check: string; path: string; message: string; reason: string }[];
  changes: FileChange[];
}
