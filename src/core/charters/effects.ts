import type { Instant } from "../basics/instant";
import type { MessageKind } from "../messages/kinds";
import { hoursBetween, neighbourEffects, type After, type Before } from "./neighbours";

/** What is agreed of a yacht and her days. */
export interface AgreedStay {
  yacht: string;
  startsAt: Instant;
  endsAt: Instant;
  aboard: number;
}

/** What stands around a charter that a change of it touches. */
export interface EffectFacts {
  was: AgreedStay;
  heldMinor: number;
  prep: "none" | "begun" | "done";
  checkIn: "none" | "open" | "signed";
  hasStudied: boolean;
  /** how many people are named on the crew list */
  crew: number;
  /** how many kinds of extras are hired */
  extras: number;
  /** what was written to its people and tells yacht or days */
  told: readonly MessageKind[];
  hasBook: boolean;
  /** charters of the yacht it comes to be on, right before and right after */
  before: Before | null;
  after: After | null;
}

/** One thing that a change does, or leaves to be done. */
export type Effect =
  | { code: "yacht-free"; yacht: string; startsAt: Instant; endsAt: Instant }
  | { code: "days-more" | "days-fewer"; hours: number }
  | { code: "deposit-to-give-back"; heldMinor: number }
  | { code: "deposit-stays"; heldMinor: number }
  | { code: "prep-anew"; was: string }
  | { code: "prep-long-ago"; hours: number }
  | { code: "prep-sooner"; hours: number }
  | { code: "prep-for-nothing" }
  | { code: "handover-open" }
  | { code: "due-later" }
  | { code: "study-other-yacht"; was: string }
  | { code: "book-shows"; yacht: string }
  | { code: "book-closes" }
  | { code: "crew-missing" | "crew-too-many"; count: number }
  | { code: "extras-go-along" | "extras-free"; count: number }
  | { code: "told-before"; kinds: readonly MessageKind[] }
  | { code: "follows" | "precedes"; reference: string; hours: number }
  | { code: "over-people" | "over-crew"; count: number }
  | { code: "over-extras"; count: number; was: string }
  | { code: "over-belongings"; was: string }
  | { code: "over-check-out"; was: string; startsAt: Instant }
  | { code: "over-check-in"; yacht: string; reference: string }
  | { code: "over-deposit"; was: string; yacht: string; heldMinor: number }
  | { code: "over-book"; was: string; yacht: string }
  | { code: "over-ended"; was: string }
  | { code: "over-free" | "over-kept"; was: string; startsAt: Instant; endsAt: Instant };

/** Prep that is older than this is looked over again. */
const staleHours = 24;

/**
 * What a change of a charter does to deposit, prep, study, book, crew list, extras and messages, and what it leaves to
 * be done: told before it is made.
 *
 * @param becomes what is agreed after it; null where the charter is called off
 */
export function effectsOf(facts: EffectFacts, becomes: AgreedStay | null): Effect[] {
  return becomes === null ? ofCallingOff(facts) : [...ofDays(facts, becomes), ...ofYacht(facts, becomes)];
}

function ofCallingOff({ was, heldMinor, prep, checkIn, extras, told, hasBook }: EffectFacts): Effect[] {
  const effects: Effect[] = [{ code: "yacht-free", yacht: was.yacht, startsAt: was.startsAt, endsAt: was.endsAt }];
  if (heldMinor > 0) effects.push({ code: "deposit-to-give-back", heldMinor });
  if (prep !== "none") effects.push({ code: "prep-for-nothing" });
  if (checkIn === "open") effects.push({ code: "handover-open" });
  if (extras > 0) effects.push({ code: "extras-free", count: extras });
  if (hasBook) effects.push({ code: "book-closes" });
  if (told.length > 0) effects.push({ code: "told-before", kinds: told });
  return effects;
}

function ofDays(facts: EffectFacts, becomes: AgreedStay): Effect[] {
  const { was, prep, checkIn, before, after } = facts;
  const effects: Effect[] = [];
  const longer = hoursBetween(was.startsAt, was.endsAt) - hoursBetween(becomes.startsAt, becomes.endsAt);
  if (longer !== 0) effects.push({ code: longer < 0 ? "days-more" : "days-fewer", hours: Math.abs(longer) });
  if (checkIn === "signed" && hoursBetween(was.endsAt, becomes.endsAt) > 0) effects.push({ code: "due-later" });
  const later = hoursBetween(was.startsAt, becomes.startsAt);
  const isSameYacht = was.yacht === becomes.yacht;
  if (isSameYacht && later >= staleHours && prep !== "none") effects.push({ code: "prep-long-ago", hours: later });
  if (later < 0 && !(isSameYacht && prep === "done")) effects.push({ code: "prep-sooner", hours: -later });
  effects.push(...neighbourEffects(becomes, before, after));
  return effects;
}

function ofYacht(facts: EffectFacts, becomes: AgreedStay): Effect[] {
  const { was, heldMinor, prep, hasStudied, hasBook, crew, extras, told } = facts;
  const effects: Effect[] = [];
  const isOther = was.yacht !== becomes.yacht;
  if (isOther && prep !== "none") effects.push({ code: "prep-anew", was: was.yacht });
  if (isOther && hasStudied) effects.push({ code: "study-other-yacht", was: was.yacht });
  if (isOther && hasBook) effects.push({ code: "book-shows", yacht: becomes.yacht });
  if (isOther && extras > 0) effects.push({ code: "extras-go-along", count: extras });
  if (isOther && heldMinor > 0) effects.push({ code: "deposit-stays", heldMinor });
  if (was.aboard !== becomes.aboard && crew > 0 && crew !== becomes.aboard)
    effects.push({
      code: crew < becomes.aboard ? "crew-missing" : "crew-too-many",
      count: Math.abs(crew - becomes.aboard),
    });
  const isTold = isOther || was.startsAt !== becomes.startsAt || was.endsAt !== becomes.endsAt;
  if (isTold && told.length > 0) effects.push({ code: "told-before", kinds: told });
  return effects;
}
