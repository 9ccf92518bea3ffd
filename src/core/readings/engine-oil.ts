import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, History, impossible, numbersOf, type Judgement, type ReadingRule } from "./rule";
import { perHour, TopUps, topUpsOf } from "./top-ups";

const schema = Type.Object(
  {
    reading: Type.Literal("engine-oil"),
    /** 0 = lower mark, 100 = upper mark of the dipstick, engine cold */
    levelPercent: Type.Number(),
    looks: Type.Optional(
      Type.Union([
        Type.Literal("clean"),
        Type.Literal("black"),
        Type.Literal("creamy"),
        Type.Literal("gritty"),
        Type.Literal("fuel-smell"),
      ]),
    ),
    /** poured in now, after the level was read */
    addedMl: Type.Optional(Type.Number({ minimum: 0 })),
    history: History,
    topUps: TopUps,
    /** hours now, at the last service, and the interval: to tell whether she burns more oil since */
    hours: Type.Optional(Type.Number({ minimum: 0 })),
    lastServiceHours: Type.Optional(Type.Number({ minimum: 0 })),
    serviceEveryHours: Type.Optional(Type.Number({ exclusiveMinimum: 0 })),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: generalPractice, stopBelowPercent: 0, watchAbovePercent: 100 };

function judge(input: In): Judgement {
  const { levelPercent, looks } = input;
  if (levelPercent < -100 || levelPercent > 200) {
    return impossible(
      `${levelPercent} % cannot be read off a dipstick`,
      "Wipe it, dip again, read between the marks.",
      limit,
    );
  }
  if (looks === "creamy")
    return asks("stop", "Grey or creamy oil: water in it", "Do not start. Call the technician.", limit);
  if (looks === "fuel-smell" || looks === "gritty") {
    return asks(
      "stop",
      looks === "gritty" ? "Gritty oil" : "The oil smells of fuel",
      "Do not start. Call the technician.",
      limit,
    );
  }
  if (levelPercent < 0)
    return asks("stop", "Oil below the lower mark", "Do not start. Top up with the right grade and dip again.", limit);
  if (levelPercent > 120) {
    return asks(
      "stop",
      "Oil far above the upper mark: overfilled, or fuel or water in it",
      "Do not start. Call the technician.",
      limit,
    );
  }
  if (levelPercent > 100) {
    return asks(
      "watch",
      "Oil above the upper mark: overfilled, or something is getting in",
      "Look at its colour and smell, dip again tomorrow.",
      limit,
    );
  }
  const last = input.history?.at(-1);
  if (last !== undefined && levelPercent > last + 15) {
    return asks(
      "watch",
      `Oil has risen from ${last} % to ${levelPercent} %`,
      "If nobody topped it up, suspect water or fuel in it.",
      limit,
    );
  }
  if (burnsMore(input)) {
    return asks(
      "watch",
      "She burns more oil since the service than before it",
      "Look for a leak, the right grade and the smoke; tell the technician.",
      limit,
    );
  }
  if (levelPercent < 20)
    return asks("watch", "Oil close to the lower mark", "Top up before leaving; dip daily.", limit);
  return fine(`Oil between the marks, at ${levelPercent} %`, limit);
}

/** Half as much again as before the service is more than the dipstick's own scatter: our own rule of thumb. */
const moreBy = 1.5;

/** Whether clearly more oil is poured in per hour run since the service than in the interval before it. */
function burnsMore({ topUps = [], addedMl = 0, hours, lastServiceHours, serviceEveryHours }: In): boolean {
  if (hours === undefined || lastServiceHours === undefined || serviceEveryHours === undefined) return false;
  const all = addedMl > 0 ? [...topUps, { daysAgo: 0, addedMl, atHours: hours }] : topUps;
  const since = perHour(all, lastServiceHours, hours);
  const before = perHour(all, Math.max(0, lastServiceHours - serviceEveryHours), lastServiceHours);
  return since !== null && before !== null && since > 0 && before > 0 && since > before * moreBy;
}

/** Engine oil on the dipstick, cold: level between the marks, colour and smell. Black oil is no fault. */
export const engineOil: ReadingRule<In> = {
  name: "engine-oil",
  schema,
  fields: [
    { name: "levelPercent", type: "number", least: -200, most: 400 },
    { name: "looks", type: "choice", options: ["clean", "black", "creamy", "gritty", "fuel-smell"] },
    { name: "addedMl", type: "number", least: 0, most: 20_000, optional: true },
  ],
  number: "levelPercent",
  limits: [],
  trend: () => 40,
  given: (from) => {
    const engine = from.file.engines[from.of] ?? from.file.generators[from.of];
    const hours = from.hoursAt(from.openedAt);
    return {
      ...numbersOf(from.earlier, "levelPercent"),
      ...topUpsOf(from),
      ...(engine && hours !== null
        ? { hours, lastServiceHours: engine.lastServiceHours, serviceEveryHours: engine.serviceEveryHours }
        : {}),
    };
  },
  sample: () => ({ levelPercent: 70, looks: "black" }),
  judge,
};
