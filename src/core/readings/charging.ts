import { Type, type Static } from "@sinclair/typebox";
import {
  asks,
  Chemistry,
  fine,
  generalPractice,
  History,
  impossible,
  limitsOf,
  meterVolts,
  NominalV,
  mostVolts,
  numbersOf,
  rounded,
  shownVolts,
  type Judgement,
  type ReadingRule,
  voltsOf,
} from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("charging"),
    chemistry: Chemistry,
    nominalV: NominalV,
    /** engine running */
    volts: Type.Number(),
    shoreChargerOff: Type.Boolean(),
    /** into the bank, where there is a meter; negative out of it */
    amps: Type.Optional(Type.Number()),
    /** of the bank, where it is known */
    degreesC: Type.Optional(Type.Number()),
    history: History,
    limits: limitsOf({
      stopBelowV: Type.Optional(Type.Number()),
      watchBelowV: Type.Optional(Type.Number()),
      watchAboveV: Type.Optional(Type.Number()),
      stopAboveV: Type.Optional(Type.Number()),
    }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

/**
 * Volts at a 12 V bank with the engine running, by the base's distilled practice: lead-acid floats at 13.2 to 13.8 and
 * takes 13.8 to 14.7; gel is harmed above 14.4; flooded cells gas above 14.8 and must stop above 15.0; AGM goes by its
 * maker, and until the file names him as flooded cells do; LFP 13.6 or more. What is not named there is our own rule of
 * thumb: gel stops at 14.8, LFP at 14.6 and 15.0.
 */
export const chargingPractice: Record<
  In["chemistry"],
  { stopBelowV: number; watchBelowV: number; watchAboveV: number; stopAboveV: number }
> = {
  "lead-acid": { stopBelowV: 13.2, watchBelowV: 13.8, watchAboveV: 14.8, stopAboveV: 15 },
  agm: { stopBelowV: 13.2, watchBelowV: 13.8, watchAboveV: 14.8, stopAboveV: 15 },
  gel: { stopBelowV: 13.2, watchBelowV: 13.8, watchAboveV: 14.4, stopAboveV: 14.8 },
  lfp: { stopBelowV: 13.2, watchBelowV: 13.6, watchAboveV: 14.6, stopAboveV: 15 },
};
/** Upper limits fall by so much for each degree above 25 °C. */
const perDegreeV = 0.03;

function judge({ chemistry, nominalV, volts, shoreChargerOff, amps, degreesC, limits }: In): Judgement {
  const scale = nominalV / 12;
  const usual = chargingPractice[chemistry];
  const hotterV = chemistry === "lfp" ? 0 : Math.max(0, (degreesC ?? 25) - 25) * perDegreeV;
  const limit = {
    from: limits?.from ?? generalPractice,
    stopBelowV: limits?.stopBelowV ?? rounded(usual.stopBelowV * scale),
    watchBelowV: limits?.watchBelowV ?? rounded(usual.watchBelowV * scale),
    watchAboveV: limits?.watchAboveV ?? rounded((usual.watchAboveV - hotterV) * scale),
    stopAboveV: limits?.stopAboveV ?? rounded((usual.stopAboveV - hotterV) * scale),
  };
  const shown = `${shownVolts(volts)} V with the engine running`;
  if (volts / scale < 10.5 || volts / scale > 16.5)
    return impossible(
      `${shown} cannot be a ${nominalV} V bank on charge`,
      "Read it once more. If it stays: stop the engine, and leave it to the technician.",
      limit,
    );
  if (volts > limit.stopAboveV)
    return asks(
      "stop",
      `${shown}: too much, above ${shownVolts(limit.stopAboveV)} V`,
      "Stop the engine: the regulator is at fault. Leave it to the technician.",
      limit,
    );
  if (volts > limit.watchAboveV)
    return asks(
      "watch",
      `${shown}: high, above ${shownVolts(limit.watchAboveV)} V`,
      "Feel whether the bank is warm, from a distance; have the regulator looked at.",
      limit,
    );
  if (amps !== undefined && amps > 0 && volts >= limit.stopBelowV) {
    return shoreChargerOff
      ? fine(`${shown}, ${amps} A into the bank`, limit)
      : asks("watch", `${shown}, but the shore charger is on`, "Charger off, then judge the alternator.", limit, {
          provisional: true,
        });
  }
  if (!shoreChargerOff)
    return asks(
      "watch",
      `${shown}, but the shore charger is on: it says nothing of the alternator`,
      "Charger off, wait a minute, read again.",
      limit,
      { provisional: true },
    );
  if (amps !== undefined && amps <= 0)
    return asks(
      "stop",
      `${shown}, and no current goes into the bank`,
      "Look at the belt and the warning lamp; leave it to the technician.",
      limit,
    );
  if (volts < limit.stopBelowV)
    return asks(
      "stop",
      `${shown} is below ${shownVolts(limit.stopBelowV)} V: it does not charge`,
      "Raise the revs and read again. Still low: belt, warning lamp, then the technician.",
      limit,
    );
  if (volts < limit.watchBelowV) {
    const why =
      chemistry === "lfp" ? "about what it rests at: a dead alternator would pass" : "low for an engine that charges";
    return asks(
      "watch",
      `${shown}: ${why}`,
      chemistry === "lfp"
        ? "Read the amps into the bank at its monitor."
        : "Give it ten minutes at charging revs and read again.",
      limit,
    );
  }
  return fine(`${shown}: it charges`, limit);
}

/** Volts with the engine running, by chemistry; the alternator is judged with the shore charger off. */
export const charging: ReadingRule<In> = {
  name: "charging",
  schema,
  fields: [
    { name: "volts", type: "number", least: 0, most: mostVolts },
    { name: "shoreChargerOff", type: "yes-no" },
    { name: "amps", type: "number", least: -1000, most: 1000, optional: true },
    { name: "degreesC", type: "number", least: -20, most: 90, optional: true },
  ],
  number: "volts",
  measured: meterVolts,
  limits: ["stopBelowV", "watchBelowV", "watchAboveV", "stopAboveV"],
  trend: ({ nominalV }) => (0.3 * nominalV) / 12,
  given: ({ file, of, earlier }) => {
    const battery = file.batteries[of];
    return {
      chemistry: battery?.chemistry ?? "lead-acid",
      nominalV: battery?.nominalV ?? 12,
      ...numbersOf(earlier, "volts"),
    };
  },
  sample: (given) => ({ volts: voltsOf(given, 14.2), shoreChargerOff: true }),
  judge,
};
