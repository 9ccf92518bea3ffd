import type { Instant } from "../basics/instant";

/** Days in which a yacht is promised by somebody else, as a foreign feed tells them. */
export interface Elsewhere {
  id: string;
  yacht: string;
  startsAt: Instant;
  endsAt: Instant;
  words: string;
  /** what the feed is called here */
  feed: string;
}

/** Days promised elsewhere, with the charters of ours that they meet. */
export interface ElsewhereMet extends Elsewhere {
  meets: string[];
}

/** Which charters meet days that are promised elsewhere. Days that end as others begin do not meet. */
export function metElsewhere(
  elsewhere: readonly Elsewhere[],
  stays: readonly { yacht: string; reference: string; startsAt: Instant; endsAt: Instant }[],
): ElsewhereMet[] {
  const byYacht = new Map<string, { reference: string; fromMs: number; untilMs: number }[]>();
  for (const { yacht, reference, startsAt, endsAt } of stays) {
    const timed = { reference, fromMs: Date.parse(startsAt), untilMs: Date.parse(endsAt) };
    byYacht.set(yacht, [...(byYacht.get(yacht) ?? []), timed]);
  }
  return elsewhere.map((each) => {
    const [fromMs, untilMs] = [Date.parse(each.startsAt), Date.parse(each.endsAt)];
    const meets = (byYacht.get(each.yacht) ?? []).filter((stay) => stay.fromMs < untilMs && fromMs < stay.untilMs);
    return { ...each, meets: meets.map(({ reference }) => reference) };
  });
}
