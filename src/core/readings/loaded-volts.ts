import { Type, type Static } from "@sinclair/typebox";
import {
  asks,
  Chemistry,
  fine,
  generalPractice,
  History,
  type Judgement,
  limitsOf,
  mostVolts,
  NominalV,
  numbersOf,
  type ReadingRule,
  rounded,
  shownVolts,
  voltsOf,
} from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("loaded-volts"),
    chemistry: Chemistry,
    nominalV: NominalV,
    capacityAh: Type.Number({ exclusiveMinimum: 0 }),
    /** after a minute under the load */
    volts: Type.Number(),
    amps: Type.Number(),
    history: History,
    limits: limitsOf({ watchBelowV: Type.Optional(Type.Number()), stopBelowV: Type.Optional(Type.Number()) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

/**
 * Volts of a 12 V bank after a minute under a load of about a twentieth to a fifth of its capacity. Our own rule of thumb,
 * as practice states no figure: a sound lead bank stays above 12.0 V, one below 11.5 V is spent; lithium above 12.8 and 12.5.
 */
const practice = {
  lead: { watchBelowV: 12, stopBelowV: 11.5 },
  lfp: { watchBelowV: 12.8, stopBelowV: 12.5 },
} as const;
/** a load below this share of the capacity says nothing */
const leastShare = 1 / 40;

function judge({ chemistry, nominalV, capacityAh, volts, amps, limits }: In): Judgement {
  const scale = nominalV / 12;
  const usual = practice[chemistry === "lfp" ? "lfp" : "lead"];
  const limit = {
    from: limits?.from ?? generalPractice,
    watchBelowV: limits?.watchBelowV ?? rounded(usual.watchBelowV * scale),
    stopBelowV: limits?.stopBelowV ?? rounded(usual.stopBelowV * scale),
  };
  const said = `${shownVolts(volts)} V under ${amps} A`;
  if (volts / scale < 5 || volts / scale > 15.5)
    return {
      ...asks("stop", `${said} cannot be a ${nominalV} V bank under load`, "Read it once more.", limit),
      askAgain: true,
    };
  if (amps < capacityAh * leastShare)
    return asks(
      "watch",
      `${said}: too small a load for ${capacityAh} Ah`,
      `Switch on about ${Math.round(capacityAh / 20)} A, wait a minute, read again.`,
      limit,
      { provisional: true },
    );
  if (volts < limit.stopBelowV)
    return asks(
      "stop",
      `${said} is below ${shownVolts(limit.stopBelowV)} V: the bank is spent`,
      "Charge it, rest it, try again. Low again: change it.",
      limit,
    );
  if (volts < limit.watchBelowV)
    return asks(
      "watch",
      `${said} is below ${shownVolts(limit.watchBelowV)} V: a weak bank, however well it rests`,
      "Have it tested; clean the clamps.",
      limit,
    );
  return fine(said, limit);
}

/** Volts of a bank under a load that is known: what a rest reading alone lets pass. */
export const loadedVolts: ReadingRule<In> = {
  name: "loaded-volts",
  schema,
  fields: [
    { name: "volts", type: "number", least: 0, most: mostVolts },
    { name: "amps", type: "number", least: 0, most: 1000 },
  ],
  number: "volts",
  limits: ["watchBelowV", "stopBelowV"],
  trend: ({ nominalV }) => (0.3 * nominalV) / 12,
  given: ({ file, of, earlier }) => {
    const battery = file.batteries[of];
    return {
      chemistry: battery?.chemistry ?? "lead-acid",
      nominalV: battery?.nominalV ?? 12,
      capacityAh: battery?.capacityAh ?? 100,
      ...numbersOf(earlier, "volts"),
    };
  },
  sample: (given) => ({
    volts: voltsOf(given, given.chemistry === "lfp" ? 13 : 12.3),
    amps: Math.round(Number(given.capacityAh ?? 100) / 20),
  }),
  judge,
};
