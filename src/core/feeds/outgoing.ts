import type { Instant } from "../basics/instant";
import type { ClosingKind } from "../charters/closing";

/** Which days a feed tells: of the whole base, or of one yacht. */
export const feedKinds = ["base", "yacht"] as const;
export type FeedKind = (typeof feedKinds)[number];

/** A charter as a feed tells it. */
export interface FedCharter {
  id: string;
  reference: string;
  yacht: string;
  skipper: string;
  startsAt: Instant;
  endsAt: Instant;
  isCalledOff: boolean;
  /** how often it was changed, and when at last */
  changes: number;
  changedAt: Instant;
  /** whether it was moved to a yacht that the feed does not tell of */
  hasLeft: boolean;
}

/** Days in which a yacht is closed, as a feed tells them. */
export interface FedClosing {
  id: string;
  yacht: string;
  kind: ClosingKind;
  startsAt: Instant;
  endsAt: Instant;
  at: Instant;
  takenOffAt: Instant | null;
}

/** One event of a feed. What is told anew under its uid has a higher sequence (RFC 5545, 3.8.7.4). */
export interface FeedEvent {
  uid: string;
  sequence: number;
  startsAt: Instant;
  endsAt: Instant;
  changedAt: Instant;
  isCancelled: boolean;
  yacht: string;
  what: { kind: "charter"; reference: string; skipper: string | null } | { kind: ClosingKind };
}

/** How the uid of every event of ours ends, by which we know our own again. */
export const ownUid = "@brinecove";

/** The events of a feed, each with what it is now; what does not take place any more is told as cancelled. */
export function feedEvents(
  { charters, closings }: { charters: readonly FedCharter[]; closings: readonly FedClosing[] },
  { withNames }: { withNames: boolean },
): FeedEvent[] {
  return [
    ...charters.map(
      ({ id, reference, yacht, skipper, startsAt, endsAt, isCalledOff, changes, changedAt, hasLeft }): FeedEvent => ({
        uid: `charter-${id}${ownUid}`,
        sequence: changes,
        startsAt,
        endsAt,
        changedAt,
        isCancelled: isCalledOff || hasLeft,
        yacht,
        what: { kind: "charter", reference, skipper: withNames ? skipper : null },
      }),
    ),
    ...closings.map(({ id, yacht, kind, startsAt, endsAt, at, takenOffAt }): FeedEvent => ({
      uid: `closing-${id}${ownUid}`,
      sequence: takenOffAt === null ? 0 : 1,
      startsAt,
      endsAt,
      changedAt: takenOffAt ?? at,
      isCancelled: takenOffAt !== null,
      yacht,
      what: { kind },
    })),
  ];
}
