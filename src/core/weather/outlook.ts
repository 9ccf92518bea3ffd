import { Type, type Static } from "@sinclair/typebox";
import type { Instant } from "../basics/instant";
import { InstantText } from "../basics/ids";

const hourMs = 3_600_000;
const closed = { additionalProperties: false } as const;

/** The wind of one hour. */
export const WindHour = Type.Object(
  {
    at: InstantText,
    windKn: Type.Number({ minimum: 0, maximum: 200 }),
    gustKn: Type.Number({ minimum: 0, maximum: 250 }),
    /** where it comes from, true */
    fromDeg: Type.Number({ minimum: 0, exclusiveMaximum: 360 }),
  },
  closed,
);
export type WindHour = Static<typeof WindHour>;

/** Wind and tide to come, as the base's feeds told them; each says who says so. */
export const Outlook = Type.Object(
  {
    /** when the base heard it */
    at: InstantText,
    wind: Type.Union([
      Type.Object({ from: Type.String(), hours: Type.Array(WindHour, { maxItems: 500 }) }, closed),
      Type.Null(),
    ]),
    tide: Type.Union([
      Type.Object(
        {
          from: Type.String(),
          /** high and low water in turn, above the lowest tide to be reckoned with */
          turns: Type.Array(Type.Object({ at: InstantText, heightM: Type.Number() }, closed), { maxItems: 500 }),
        },
        closed,
      ),
      Type.Null(),
    ]),
  },
  closed,
);
export type Outlook = Static<typeof Outlook>;

/** The strongest wind and gust between two instants; null where the feed does not reach over all of them. */
export function strongest(
  outlook: Outlook | null,
  from: Instant,
  to: Instant,
): { windKn: number; gustKn: number; source: { from: "feed"; name: string; at: Instant } } | null {
  const wind = outlook?.wind;
  if (!outlook || !wind) return null;
  const [fromMs, toMs] = [Date.parse(from), Date.parse(to)];
  const begins = ({ at }: WindHour) => Date.parse(at);
  const hours = wind.hours.filter((hour) => begins(hour) + hourMs > fromMs && begins(hour) <= toMs);
  const [first, last] = [wind.hours[0], wind.hours.at(-1)];
  if (!first || !last || hours.length === 0 || begins(first) > fromMs || begins(last) + hourMs < toMs) return null;
  return {
    windKn: Math.max(...hours.map(({ windKn }) => windKn)),
    gustKn: Math.max(...hours.map(({ gustKn }) => gustKn)),
    source: { from: "feed", name: wind.from, at: outlook.at },
  };
}
