import type { Instant } from "../basics/instant";

/** A charter of the same yacht that ends before. */
export interface Before {
  reference: string;
  endsAt: Instant;
}
/** A charter of the same yacht that begins after. */
export interface After {
  reference: string;
  startsAt: Instant;
}

/** A neighbour nearer than this is told. */
const nearHours = 24;

/** Hours from one instant to another. */
export const hoursBetween = (from: Instant, to: Instant): number => (Date.parse(to) - Date.parse(from)) / 3_600_000;

/** The charters of a yacht that come near to a time, with the hours between. */
export function neighbourEffects(
  { startsAt, endsAt }: { startsAt: Instant; endsAt: Instant },
  before: Before | null,
  after: After | null,
): { code: "follows" | "precedes"; reference: string; hours: number }[] {
  const gaps = [
    ...(before
      ? [{ code: "follows" as const, reference: before.reference, hours: hoursBetween(before.endsAt, startsAt) }]
      : []),
    ...(after
      ? [{ code: "precedes" as const, reference: after.reference, hours: hoursBetween(endsAt, after.startsAt) }]
      : []),
  ];
  return gaps.filter(({ hours }) => hours < nearHours);
}
