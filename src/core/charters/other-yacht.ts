import type { Instant } from "../basics/instant";
import type { MessageKind } from "../messages/kinds";
import type { Effect } from "./effects";
import { neighbourEffects, type After, type Before } from "./neighbours";

/** What going on with another yacht goes by: the stay in hand, and from when which yacht follows. */
export interface OtherYachtFacts {
  yacht: string;
  startsAt: Instant;
  endsAt: Instant;
  /** whether her check-in is signed */
  isHandedOver: boolean;
  /** whether another yacht follows already */
  isFollowed: boolean;
}

/** What keeps a charter from going on with another yacht. */
export type OtherYachtFault = "not-handed-over" | "followed" | "same-yacht" | "before-start" | "after-end";

/**
 * What keeps a charter from going on with another yacht from an instant on. Before her check-in is signed the charter is
 * moved instead, with all that belongs to it.
 */
export function otherYachtFault(
  stay: OtherYachtFacts,
  { yacht, from }: { yacht: string; from: Instant },
): OtherYachtFault | null {
  if (stay.isFollowed) return "followed";
  if (!stay.isHandedOver) return "not-handed-over";
  if (yacht === stay.yacht) return "same-yacht";
  if (Date.parse(from) <= Date.parse(stay.startsAt)) return "before-start";
  return Date.parse(from) >= Date.parse(stay.endsAt) ? "after-end" : null;
}

/** What stands around a charter that goes on with another yacht. */
export interface GoingOn {
  was: { yacht: string; reference: string; endsAt: Instant };
  /** the other yacht, from when, and what her stay is going to be called */
  becomes: { yacht: string; reference: string; from: Instant };
  isEnding: boolean;
  aboard: number;
  crew: number;
  extras: number;
  heldMinor: number;
  /** whether the deposit's terms have anything held or received */
  isDepositDue: boolean;
  hasStudied: boolean;
  hasBook: boolean;
  told: readonly MessageKind[];
  /** charters of the other yacht right before and right after */
  before: Before | null;
  after: After | null;
}

/**
 * What moves over to the other yacht, what stays with the first one, and what is done anew: told before it is made, and
 * on the page of the second stay while they change over.
 */
export function goingOnEffects(facts: GoingOn): Effect[] {
  const { was, becomes, aboard, crew, extras, heldMinor, hasBook } = facts;
  return [
    crew > 0 ? { code: "over-crew", count: crew } : { code: "over-people", count: aboard },
    ...(extras > 0 ? [{ code: "over-extras", count: extras, was: was.yacht } as const] : []),
    { code: "over-belongings", was: was.yacht },
    ...(facts.isEnding ? [] : [{ code: "over-check-out", was: was.yacht, startsAt: becomes.from } as const]),
    { code: "over-check-in", yacht: becomes.yacht, reference: becomes.reference },
    ...(facts.hasStudied ? [{ code: "study-other-yacht", was: was.yacht } as const] : []),
    ...(facts.isDepositDue ? [{ code: "over-deposit", was: was.yacht, yacht: becomes.yacht, heldMinor } as const] : []),
    ...(hasBook ? [{ code: "over-book", was: was.yacht, yacht: becomes.yacht } as const] : []),
    ...(facts.isEnding
      ? []
      : [{ code: "over-free", was: was.yacht, startsAt: becomes.from, endsAt: was.endsAt } as const]),
    ...(facts.told.length > 0 ? [{ code: "told-before", kinds: facts.told } as const] : []),
    ...neighbourEffects({ startsAt: becomes.from, endsAt: was.endsAt }, facts.before, facts.after),
  ];
}

/**
 * What calling off the second yacht does: they keep the first one until the charter's end, or the charter ended with her.
 */
export function notGoingOnEffects({
  stay,
  first,
  isPrepared,
  told,
}: {
  stay: { yacht: string; startsAt: Instant; endsAt: Instant };
  first: { yacht: string; isEnding: boolean } | null;
  isPrepared: boolean;
  told: readonly MessageKind[];
}): Effect[] {
  const { yacht, startsAt, endsAt } = stay;
  return [
    { code: "yacht-free", yacht, startsAt, endsAt },
    ...(first?.isEnding ? [{ code: "over-ended", was: first.yacht } as const] : []),
    ...(first && !first.isEnding ? [{ code: "over-kept", was: first.yacht, startsAt, endsAt } as const] : []),
    ...(isPrepared ? [{ code: "prep-for-nothing" } as const] : []),
    ...(told.length > 0 ? [{ code: "told-before", kinds: told } as const] : []),
  ];
}
