import type { Instant } from "../basics/instant";
import type { Verdict } from "../basics/verdict";

/** What is known of the people of a charter before they come. */
export interface GuestFacts {
  startsAt: Instant;
  /** when the link to their boat book went out last, and when it was opened first; null where it was not */
  linkAt: Instant | null;
  openedAt: Instant | null;
  /** how many answers they gave in the study */
  studied: number;
  crew: number;
  aboard: number;
  papersSeen: boolean;
  arrivesAt: Instant | null;
  depositMet: boolean;
  isFarBelow: boolean;
}

/** What is missing before they come. */
export type GuestReason =
  | { code: "far-below" | "no-deposit" | "no-link" | "not-opened" | "not-studied" | "no-papers" | "no-arrival" }
  | { code: "crew-missing" | "crew-too-many"; count: number };

/** What is written to them with one key, as it fits. */
export type GuestReminder = "book-link" | "study-reminder" | "what-to-bring";

export interface GuestReady {
  verdict: Verdict;
  /** what matters most first */
  reasons: GuestReason[];
  /** null where a message would not help */
  reminder: GuestReminder | null;
}

/** So near to the start, what should have been done long ago is a worry. */
const nearHours = 48;
/** Papers are seen when they come: before, it is no worry that they were not. */
const stops: readonly GuestReason["code"][] = ["far-below", "no-deposit", "not-opened", "no-link", "crew-missing"];
/** Experience far below the boat is told early, whenever it is known. */
const always: readonly GuestReason["code"][] = ["far-below"];

/**
 * How ready the guests of a charter are, as far as the base knows.
 *
 * @param now an instant
 */
export function guestReady(facts: GuestFacts, now: Instant): GuestReady {
  const reasons: GuestReason[] = [];
  const isOpened = isBookOpened(facts);
  if (facts.isFarBelow) reasons.push({ code: "far-below" });
  if (!facts.depositMet) reasons.push({ code: "no-deposit" });
  if (!isOpened) reasons.push({ code: facts.linkAt === null ? "no-link" : "not-opened" });
  if (isOpened && facts.studied === 0) reasons.push({ code: "not-studied" });
  if (facts.crew < facts.aboard) reasons.push({ code: "crew-missing", count: facts.aboard - facts.crew });
  if (facts.crew > facts.aboard) reasons.push({ code: "crew-too-many", count: facts.crew - facts.aboard });
  if (facts.arrivesAt === null) reasons.push({ code: "no-arrival" });
  if (!facts.papersSeen) reasons.push({ code: "no-papers" });
  const isNear = Date.parse(facts.startsAt) - Date.parse(now) < nearHours * 3_600_000;
  const stop = reasons.some(({ code }) => always.includes(code) || (isNear && stops.includes(code)));
  return { verdict: stop ? "stop" : reasons.length > 0 ? "watch" : "fine", reasons, reminder: reminderFor(facts) };
}

/** Who has studied has opened the book, in whatever way. */
const isBookOpened = ({ openedAt, studied }: GuestFacts): boolean => openedAt !== null || studied > 0;

function reminderFor(facts: GuestFacts): GuestReminder | null {
  const { studied, crew, aboard, arrivesAt } = facts;
  if (!isBookOpened(facts)) return "book-link";
  if (studied === 0) return "study-reminder";
  return crew < aboard || arrivesAt === null ? "what-to-bring" : null;
}

const order: Record<Verdict, number> = { stop: 0, watch: 1, fine: 2 };

/** Charters to come with those that need most first; of two alike, the one that begins first. */
export function worstFirst<T extends { ready: GuestReady; startsAt: Instant }>(rows: readonly T[]): T[] {
  return [...rows].sort(
    (a, b) =>
      order[a.ready.verdict] - order[b.ready.verdict] ||
      Date.parse(a.startsAt) - Date.parse(b.startsAt) ||
      b.ready.reasons.length - a.ready.reasons.length,
  );
}
