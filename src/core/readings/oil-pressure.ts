import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, History, type Judgement, limitsOf, numbersOf, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("oil-pressure"),
    /** on the gauge */
    bar: Type.Number(),
    /** the engine warm: cold oil is thick and shows more */
    warm: Type.Boolean(),
    /** in neutral at idle; at cruising revs otherwise */
    idling: Type.Boolean(),
    history: History,
    limits: limitsOf({ watchBelowBar: Type.Optional(Type.Number()), stopBelowBar: Type.Optional(Type.Number()) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

/**
 * Warm oil, our own rule of thumb until the file has the maker's figures: 1 bar at idle, 2.5 at cruising revs; half
 * of it is too little.
 */
const practice = {
  idle: { watchBelowBar: 1, stopBelowBar: 0.5 },
  cruising: { watchBelowBar: 2.5, stopBelowBar: 1.5 },
} as const;

function judge({ bar, warm, idling, limits }: In): Judgement {
  const usual = practice[idling ? "idle" : "cruising"];
  const limit = {
    from: limits?.from ?? generalPractice,
    watchBelowBar: limits?.watchBelowBar ?? usual.watchBelowBar,
    stopBelowBar: limits?.stopBelowBar ?? usual.stopBelowBar,
  };
  if (bar < 0 || bar > 12)
    return {
      ...asks("stop", `${bar} bar cannot be on an engine's gauge`, "Read it once more.", limit),
      askAgain: true,
    };
  if (bar < limit.stopBelowBar)
    return asks(
      "stop",
      `${bar} bar of oil pressure is below ${limit.stopBelowBar}`,
      "Stop the engine now. Dip the oil, then the technician.",
      limit,
    );
  if (!warm) return fine(`${bar} bar, cold`, limit, { provisional: true });
  if (bar < limit.watchBelowBar)
    return asks(
      "watch",
      `${bar} bar of oil pressure is below ${limit.watchBelowBar}`,
      "Dip the oil, read again warm; tell the technician.",
      limit,
    );
  return fine(`${bar} bar of oil pressure, warm`, limit);
}

/** Oil pressure on the engine's gauge. */
export const oilPressure: ReadingRule<In> = {
  name: "oil-pressure",
  schema,
  fields: [
    { name: "bar", type: "number", least: 0, most: 20 },
    { name: "warm", type: "yes-no" },
    { name: "idling", type: "yes-no" },
  ],
  number: "bar",
  measured: (pascal) => (pascal < 0 ? null : { bar: Math.round(pascal / 1e4) / 10 }),
  limits: ["watchBelowBar", "stopBelowBar"],
  trend: () => 0.6,
  given: ({ earlier }) => numbersOf(earlier, "bar"),
  sample: () => ({ bar: 3.2, warm: true, idling: false }),
  judge,
};
