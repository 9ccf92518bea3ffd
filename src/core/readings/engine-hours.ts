import { Type, type Static } from "@sinclair/typebox";
import { median } from "../basics/median";
import {
  asks,
  type EarlierReading,
  fine,
  History,
  impossible,
  numbersOf,
  type Judgement,
  type ReadingRule,
} from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("engine-hours"),
    hours: Type.Number(),
    /** hours at the last service, and the interval by the maker's book */
    lastServiceHours: Type.Number({ minimum: 0 }),
    serviceEveryHours: Type.Number({ exclusiveMinimum: 0 }),
    /** last readings of this counter, oldest first */
    history: History,
    /** hours of the day since the last of them, to tell what cannot be */
    sinceLastHours: Type.Optional(Type.Number({ minimum: 0 })),
    /** running hours a charter like this one usually takes */
    expectedRunHours: Type.Optional(Type.Number({ minimum: 0 })),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const one = (value: number) => String(Math.round(value * 10) / 10);

function judge(input: In): Judgement {
  const dueAt = input.lastServiceHours + input.serviceEveryHours;
  const limit = { from: "yacht file", serviceDueAtHours: dueAt };
  const again = "Read the counter once more, all digits.";
  if (input.hours < 0) return impossible("A counter does not run below zero", again, limit);
  const last = input.history?.at(-1);
  if (last !== undefined && input.hours < last) {
    return impossible(`The counter stood at ${one(last)} h before: it does not run back`, again, limit);
  }
  if (last !== undefined && input.sinceLastHours !== undefined && input.hours - last > input.sinceLastHours + 0.1) {
    return impossible(
      `${one(input.hours - last)} h run in ${one(input.sinceLastHours)} h of the clock cannot be`,
      again,
      limit,
    );
  }
  if (input.hours < input.lastServiceHours) {
    return impossible(`The last service was at ${one(input.lastServiceHours)} h, above this reading`, again, limit);
  }
  if (input.hours >= dueAt) {
    return asks(
      "watch",
      `Service was due at ${one(dueAt)} h, ${one(input.hours - dueAt)} h ago`,
      "Tell the technician before she leaves.",
      limit,
    );
  }
  const left = dueAt - input.hours;
  if (left < (input.expectedRunHours ?? 0)) {
    return asks(
      "watch",
      `Service is due in ${one(left)} h, within this charter`,
      "Ask the technician whether it is done before.",
      limit,
    );
  }
  return fine(`${one(input.hours)} h, next service in ${one(left)} h`, limit);
}

const dayMs = 86_400_000;

/**
 * Hours that a charter of so many days runs her by what charters before it ran: the median of hours a day between two
 * readings that lie two days and more apart. Nothing where there are fewer than two such spans.
 */
function usualRunHours(
  earlier: readonly EarlierReading[],
  fromDay: string,
  toDay: string,
): { expectedRunHours?: number } {
  const spans = earlier.slice(1).flatMap((now, i) => {
    const before = earlier[i]!;
    const days = (Date.parse(now.at) - Date.parse(before.at)) / dayMs;
    const ran = Number(now.value.hours) - Number(before.value.hours);
    return days >= 2 && ran >= 0 ? [ran / days] : [];
  });
  const perDay = spans.length < 2 ? null : median(spans);
  const days = (Date.parse(toDay) - Date.parse(fromDay)) / dayMs;
  return perDay === null || !(days > 0) ? {} : { expectedRunHours: Math.round(perDay * days * 10) / 10 };
}

/** Engine hours against the last readings, the clock and the service interval. */
export const engineHours: ReadingRule<In> = {
  name: "engine-hours",
  schema,
  fields: [{ name: "hours", type: "number", least: 0, most: 100_000 }],
  number: "hours",
  measured: (seconds) => (seconds < 0 ? null : { hours: Math.round(seconds / 360) / 10 }),
  limits: [],
  given: ({ file, of, earlier, openedAt, fromDay, toDay }) => {
    const engine = file.engines[of] ?? file.generators[of];
    const last = earlier.at(-1);
    return {
      lastServiceHours: engine?.lastServiceHours ?? 0,
      serviceEveryHours: engine?.serviceEveryHours ?? 1,
      ...numbersOf(earlier, "hours"),
      ...usualRunHours(earlier, fromDay, toDay),
      ...(last
        ? {
            sinceLastHours: Math.round((Math.max(0, Date.parse(openedAt) - Date.parse(last.at)) / 3_600_000) * 10) / 10,
          }
        : {}),
    };
  },
  sample: (_, hours) => ({ hours }),
  judge,
};
