import { Type, type Static } from "@sinclair/typebox";
import type { GivenFrom } from "./rule";

/** What was poured in earlier: how long ago, how much, and at which engine hours where they are known. */
export const TopUps = Type.Optional(
  Type.Array(
    Type.Object(
      {
        daysAgo: Type.Number({ minimum: 0 }),
        addedMl: Type.Number({ exclusiveMinimum: 0 }),
        atHours: Type.Union([Type.Number({ minimum: 0 }), Type.Null()]),
      },
      { additionalProperties: false },
    ),
    { maxItems: 200 },
  ),
);
export type TopUps = NonNullable<Static<typeof TopUps>>;

/** Days that are looked back over: a month, as people count it. */
export const monthDays = 31;

const dayMs = 86_400_000;

/** The top-ups among earlier readings, oldest first. */
export function topUpsOf({ earlier, openedAt, hoursAt }: Pick<GivenFrom, "earlier" | "openedAt" | "hoursAt">): {
  topUps?: TopUps;
} {
  const topUps = earlier.flatMap(({ value, at }) => {
    const addedMl = Number(value.addedMl ?? 0);
    return addedMl > 0
      ? [
          {
            daysAgo: Math.max(0, Math.round(((Date.parse(openedAt) - Date.parse(at)) / dayMs) * 10) / 10),
            addedMl,
            atHours: hoursAt(at),
          },
        ]
      : [];
  });
  return topUps.length > 0 ? { topUps: topUps.slice(-200) } : {};
}

/** How often something was poured in within the last month, today's included. */
export function inTheLastMonth(topUps: TopUps, addedMl: number): number {
  return topUps.filter((each) => each.daysAgo <= monthDays).length + (addedMl > 0 ? 1 : 0);
}

/** Millilitres poured in per hour run, between two counts of the engine hours; null where too few hours were run to tell. */
export function perHour(topUps: TopUps, fromHours: number, toHours: number): number | null {
  if (toHours - fromHours < leastHours) return null;
  const added = topUps.reduce(
    (sum, { addedMl, atHours }) => sum + (atHours !== null && atHours > fromHours && atHours <= toHours ? addedMl : 0),
    0,
  );
  return added / (toHours - fromHours);
}

/** Fewer hours than these say nothing about what an engine burns: our own rule of thumb. */
const leastHours = 20;

/** "third": how people count a few. */
export function nth(count: number): string {
  return (
    ["", "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth"][count] ??
    `${count}th`
  );
}
