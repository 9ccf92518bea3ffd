import { Type, type Static } from "@sinclair/typebox";
import {
  asks,
  fine,
  generalPractice,
  impossible,
  limitsOf,
  meterVolts,
  NominalV,
  mostVolts,
  numbersOf,
  History,
  rounded,
  shownVolts,
  type Judgement,
  type ReadingRule,
  voltsOf,
} from "./rule";
import { median } from "../basics/median";

const schema = Type.Object(
  {
    reading: Type.Literal("battery-cranking"),
    nominalV: NominalV,
    /** the lowest that the meter shows while the engine is cranked */
    volts: Type.Number(),
    history: History,
    limits: limitsOf({ watchBelowV: Type.Optional(Type.Number()), stopBelowV: Type.Optional(Type.Number()) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

/** Below 9.6 V on 12 V a starter bank is weak, by the base's distilled practice; below 8.5 V we call it spent, our own rule of thumb. */
const weakBelowV = 9.6;
const spentBelowV = 8.5;
/** Under this nothing turns; above that nothing is being cranked. */
const lowestV = 4;
const highestV = 12.6;

function judge({ nominalV, volts, history = [], limits }: In): Judgement {
  const scale = nominalV / 12;
  const volts12 = rounded(volts / scale);
  const limit = {
    from: limits?.from ?? generalPractice,
    watchBelowV: limits?.watchBelowV ?? rounded(weakBelowV * scale),
    stopBelowV: limits?.stopBelowV ?? rounded(spentBelowV * scale),
  };
  const shown = `${shownVolts(volts)} V while cranking`;
  if (volts12 < lowestV)
    return impossible(
      `${shown}: no starter turns on that`,
      "Crank once more and read the lowest. If it stays: a flat bank, a loose clamp or a faulty meter.",
      limit,
    );
  if (volts12 > highestV)
    return impossible(
      `${shown}: nothing is being cranked at that`,
      "Read the lowest volts while the starter turns.",
      limit,
    );
  if (volts < limit.stopBelowV)
    return asks(
      "stop",
      `${shown} is below ${shownVolts(limit.stopBelowV)} V: the bank is spent`,
      "Charge it, crank again. Low again: change it before she leaves.",
      limit,
    );
  if (volts < limit.watchBelowV)
    return asks(
      "watch",
      `${shown} is below ${shownVolts(limit.watchBelowV)} V: a weak bank, however well it rests`,
      "Have it tested under load; clean the clamps.",
      limit,
    );
  const usual = median(history.slice(-5));
  if (usual !== null && usual - volts > 0.5 * scale + 1e-9)
    return asks(
      "watch",
      `${shown}, ${shownVolts(usual - volts)} V lower than usual`,
      "Look at clamps and age of the bank.",
      limit,
    );
  return fine(shown, limit);
}

/** Volts of a starter bank while it cranks: what a rest reading alone lets pass. */
export const batteryCranking: ReadingRule<In> = {
  name: "battery-cranking",
  schema,
  fields: [{ name: "volts", type: "number", least: 0, most: mostVolts }],
  number: "volts",
  measured: meterVolts,
  limits: ["watchBelowV", "stopBelowV"],
  given: ({ file, of, earlier }) => ({ nominalV: file.batteries[of]?.nominalV ?? 12, ...numbersOf(earlier, "volts") }),
  sample: (given) => ({ volts: voltsOf(given, 10.7) }),
  judge,
};
