import { Type, type Static } from "@sinclair/typebox";
import { median } from "../basics/median";
import { graver, type Verdict } from "../basics/verdict";
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
  shownVolts as shown,
  type Judgement,
  type ReadingRule,
  voltsOf,
} from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("battery-rest"),
    chemistry: Chemistry,
    duty: Type.Union([Type.Literal("service"), Type.Literal("starter"), Type.Literal("drive"), Type.Literal("device")]),
    nominalV: NominalV,
    volts: Type.Number(),
    /** hours without charger, solar or load */
    restHours: Type.Number({ minimum: 0 }),
    history: History,
    limits: limitsOf({ watchBelowV: Type.Optional(Type.Number()), stopBelowV: Type.Optional(Type.Number()) }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;
type Point = readonly [volts: number, percent: number];

/** Rest volts of a 12 V bank against charge, highest first. Source: the base's distilled practice, general figures. */
const deepCycle: readonly Point[] = [
  [12.73, 100],
  [12.62, 90],
  [12.5, 80],
  [12.37, 70],
  [12.24, 60],
  [12.1, 50],
  [11.96, 40],
  [11.81, 30],
  [11.66, 20],
  [11.51, 10],
];
const starter: readonly Point[] = [
  [12.65, 100],
  [12.45, 75],
  [12.24, 50],
  [12.06, 25],
  [11.89, 0],
];
const sealed: readonly Point[] = [
  [12.85, 100],
  [12.65, 80],
  [12.5, 70],
  [12.3, 50],
  [12.1, 30],
  [11.9, 15],
  [11.7, 0],
];

function tableFor(chemistry: In["chemistry"], duty: In["duty"]): readonly Point[] | null {
  if (chemistry === "lfp") return null;
  if (chemistry === "agm" || chemistry === "gel") return sealed;
  return duty === "starter" ? starter : deepCycle;
}

/** Percent of charge by the table, linear between its points, 100 above it and 0 below it. */
function chargePercent(table: readonly Point[], volts12: number): number {
  const first = table[0];
  if (!first || volts12 >= first[0]) return 100;
  for (let i = 1; i < table.length; i++) {
    const [highV, highPercent] = table[i - 1] as Point;
    const [lowV, lowPercent] = table[i] as Point;
    if (volts12 >= lowV) return lowPercent + ((volts12 - lowV) / (highV - lowV)) * (highPercent - lowPercent);
  }
  return 0;
}

/** Volts at rest of a 12 V bank below which it is watched, and below which nobody leaves with it. */
export function practiceLimits(
  chemistry: In["chemistry"],
  duty: In["duty"],
): { watchBelowV: number; stopBelowV: number } {
  if (chemistry === "lfp") return { watchBelowV: 12.9, stopBelowV: 12.5 };
  // a windlass or thruster asks a great current for a short time, as a starter does; a drive bank is drawn down slowly
  if (duty === "starter" || duty === "device") return { watchBelowV: 12.5, stopBelowV: 12.2 };
  return { watchBelowV: chemistry === "lead-acid" ? 12.4 : 12.45, stopBelowV: 12.0 };
}

function judge(input: In): Judgement {
  const scale = input.nominalV / 12;
  const volts12 = rounded(input.volts / scale);
  const practice = practiceLimits(input.chemistry, input.duty);
  const limit = {
    from: input.limits?.from ?? generalPractice,
    watchBelowV: input.limits?.watchBelowV ?? rounded(practice.watchBelowV * scale),
    stopBelowV: input.limits?.stopBelowV ?? rounded(practice.stopBelowV * scale),
  };
  if (volts12 < 10.5 || volts12 > 15.5) {
    const why = `${shown(input.volts)} V cannot be a sound ${input.nominalV} V bank at rest`;
    const what =
      "Read it once more. If it stays: a dead cell, a flat bank or a faulty meter. Leave it to the technician.";
    return impossible(why, what, limit, { stateOfChargePercent: null });
  }
  const table = tableFor(input.chemistry, input.duty);
  const percent = table ? Math.round(chargePercent(table, volts12)) : null;
  if (input.restHours < 1) {
    return asks(
      "watch",
      "Rested less than an hour: volts at rest say nothing yet",
      "Charger and loads off, wait, read again.",
      limit,
      {
        provisional: true,
        stateOfChargePercent: null,
      },
    );
  }
  const provisional = input.restHours < 4;
  const extra = { provisional, stateOfChargePercent: percent };
  if (volts12 > (input.chemistry === "lfp" ? 13.6 : 13.2)) {
    return asks(
      "watch",
      `${shown(input.volts)} V is too high for rest: still being charged`,
      "Charger and solar off, wait, read again.",
      limit,
      extra,
    );
  }
  // general practice says "at 12.9 and below" of lithium, and "below" of all others; a file's own limits are "below"
  const inclusive = input.chemistry === "lfp" && input.limits === undefined;
  const under = (limitV: number) => input.volts < limitV || (inclusive && input.volts === limitV);
  const charge = percent === null ? "" : `, about ${percent} % charged`;
  let verdict: Verdict = "fine";
  let why = `${shown(input.volts)} V at rest${charge}`;
  let what = "";
  if (under(limit.stopBelowV)) {
    verdict = "stop";
    why = `${shown(input.volts)} V at rest is below ${shown(limit.stopBelowV)} V${charge}`;
    what = "Charge it, let it rest, read again. Low again: have the bank looked at.";
  } else if (under(limit.watchBelowV)) {
    verdict = "watch";
    why = `${shown(input.volts)} V at rest is below ${shown(limit.watchBelowV)} V${charge}`;
    what = "Charge it before she leaves and read it again.";
  }
  const usual = median((input.history ?? []).slice(-5));
  // a hair's tolerance keeps 12.7 against 12.5 from being "more than 0.2" by binary fractions
  if (usual !== null && Math.abs(input.volts - usual) > 0.2 * scale + 1e-9) {
    const way = input.volts < usual ? "lower" : "higher";
    const by = shown(Math.abs(input.volts - usual));
    if (verdict === "fine") what = "Look for a reason: a load left on, a loose clamp, an ageing bank.";
    verdict = graver(verdict, "watch");
    why = `${why}; ${by} V ${way} than its usual rest`;
  }
  return verdict === "fine" ? fine(why, limit, extra) : asks(verdict, why, what, limit, extra);
}

/** Volts of a bank at rest against charge, limits and its own last readings. */
export const batteryRest: ReadingRule<In> = {
  name: "battery-rest",
  schema,
  fields: [
    { name: "volts", type: "number", least: 0, most: mostVolts },
    { name: "restHours", type: "number", least: 0, most: 1000 },
  ],
  number: "volts",
  measured: meterVolts,
  limits: ["watchBelowV", "stopBelowV"],
  given: ({ file, of, earlier }) => {
    const battery = file.batteries[of];
    if (!battery) return {};
    const { chemistry, duty, nominalV, limits } = battery;
    return { chemistry, duty, nominalV, ...numbersOf(earlier, "volts"), ...(limits ? { limits } : {}) };
  },
  sample: (given) => ({ volts: voltsOf(given, given.duty === "starter" ? 12.64 : 12.78), restHours: 6 }),
  judge,
};
