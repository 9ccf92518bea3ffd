import { InputError } from "../../basics/calculation";
import { forgiven, requireOnce } from "../quantity";
import type { Chemistry, Power, PowerInput } from "./schema";

const stepH = 0.25;

/** What a bank of each kind takes in: a share of its capacity, full to some percent and then less and less; and what of it stays. */
const banks: Readonly<Record<Chemistry, { bulk: number; untilPercent: number; full: number; efficiency: number }>> = {
  "lead-acid": { bulk: 0.25, untilPercent: 80, full: 0.02, efficiency: 0.85 },
  agm: { bulk: 0.25, untilPercent: 80, full: 0.02, efficiency: 0.9 },
  gel: { bulk: 0.25, untilPercent: 80, full: 0.02, efficiency: 0.9 },
  lfp: { bulk: 0.5, untilPercent: 95, full: 0.05, efficiency: 0.98 },
};

/** Share of its capacity that a bank takes in at a percent, amperes for each ampere-hour. */
export function acceptance(chemistry: Chemistry, percent: number): number {
  const { bulk, untilPercent, full } = banks[chemistry];
  if (percent <= untilPercent) return bulk;
  return bulk + ((full - bulk) * (percent - untilPercent)) / (100 - untilPercent);
}

/** What an alternator gives at some revs: nothing below its first point, straight between points, its last figure above. */
export function alternatorAmps(points: PowerInput["alternator"], rpm: number): number {
  const above = points.findIndex((point) => point.rpm > rpm);
  if (above === 0 || points.length === 0) return 0;
  const [low, high] = [points[(above < 0 ? points.length : above) - 1], points[above]];
  if (!low) return 0;
  if (!high) return low.amps;
  return low.amps + ((high.amps - low.amps) * (rpm - low.rpm)) / (high.rpm - low.rpm);
}

/** The bank over some hours, what it needs, and what to switch off first. */
export function power(input: PowerInput): Power {
  const { bank, hours, loads, want } = input;
  const steps = Math.round(hours / stepH);
  const percent = seriesOf(input, steps, 0);
  return {
    percent,
    floorAtH: floorAt(percent, bank.floorPercent),
    engineHours: want === null ? null : engineHoursFor(input, want),
    dropFirst: dropFirst(input, loads, steps),
  };
}

const hourOf = ({ startHour }: PowerInput, step: number): number => Math.floor(startHour + step * stepH) % 24;

/**
 * Percent at the start and after each step.
 *
 * @param extraSteps how many steps before the wanted hour the engine runs besides what is planned
 */
function seriesOf(input: PowerInput, steps: number, extraSteps: number): number[] {
  const { bank, want } = input;
  const { efficiency } = banks[bank.chemistry];
  const byStep = want === null ? 0 : Math.round(want.byH / stepH);
  const extra = want === null ? 0 : alternatorAmps(input.alternator, want.rpm);
  const series = [bank.percent];
  let percent = bank.percent;
  for (let step = 0; step < steps; step++) {
    const isExtra = step < byStep && step >= byStep - extraSteps;
    const netA = netAmps(input, step, isExtra ? extra : 0);
    const taken = netA > 0 ? Math.min(netA, acceptance(bank.chemistry, percent) * bank.capacityAh) * efficiency : netA;
    percent = Math.min(100, Math.max(0, percent + (100 * taken * stepH) / bank.capacityAh));
    series.push(percent);
  }
  return series;
}

/** What comes in less what goes out, amperes. Of two runs of the engine at once the one that gives more counts. */
function netAmps(input: PowerInput, step: number, extraA: number): number {
  const [atH, hour] = [step * stepH, hourOf(input, step)];
  const runs = <T extends { fromH: number; toH: number }>(list: readonly T[]) =>
    list.find(({ fromH, toH }) => fromH <= atH && atH < toH);
  const engine = runs(input.engine);
  const engineA = Math.max(engine ? alternatorAmps(input.alternator, engine.rpm) : 0, extraA);
  const outA = input.loads.reduce((sum, load) => sum + (load.ampsByHour[hour] ?? 0), 0);
  return engineA + (input.solarAmpsByHour[hour] ?? 0) + (runs(input.shore)?.amps ?? 0) - outA;
}

function floorAt(percent: readonly number[], floorPercent: number): number | null {
  if ((percent[0] ?? 0) <= floorPercent) return 0;
  const after = percent.findIndex((each) => each <= floorPercent);
  if (after < 0) return null;
  const [before, then] = [percent[after - 1] ?? 0, percent[after] ?? 0];
  return stepH * (after - 1 + (before - floorPercent) / (before - then));
}

/** The shortest run that ends at the wanted hour and brings the bank to the wanted percent, in quarter hours told as hours. */
function engineHoursFor(input: PowerInput, want: NonNullable<PowerInput["want"]>): number | null {
  const byStep = Math.round(want.byH / stepH);
  const reaches = (extraSteps: number) => (seriesOf(input, byStep, extraSteps)[byStep] ?? 0) >= want.percent - forgiven;
  for (let extraSteps = 0; extraSteps <= byStep; extraSteps++) if (reaches(extraSteps)) return extraSteps * stepH;
  return null;
}

/** Ampere-hours nearer than this are equal: sums of the same figures in another order. */
const equalAh = 1e-9;

function dropFirst(input: PowerInput, loads: PowerInput["loads"], steps: number): string | null {
  let most: { id: string; ah: number } | null = null;
  for (const { id, keep, ampsByHour } of loads) {
    if (keep) continue;
    let ah = 0;
    for (let step = 0; step < steps; step++) ah += (ampsByHour[hourOf(input, step)] ?? 0) * stepH;
    if (most === null || ah > most.ah + equalAh) most = { id, ah };
  }
  return most?.id ?? null;
}

/** Refuses what a schema cannot: runs that overlap, revs that do not rise, an hour beyond the end. */
export function checkPowerInput({ loads, shore, alternator, engine, hours, want }: PowerInput): void {
  requireOnce(
    loads.map(({ id }) => id),
    (at) => `/loads/${at}/id`,
  );
  checkRuns(shore, "/shore");
  checkRuns(engine, "/engine");
  alternator.forEach(({ rpm }, at) => {
    if (at > 0 && rpm <= (alternator[at - 1]?.rpm ?? 0))
      throw new InputError(`/alternator/${at}/rpm`, "the points of the alternator come with rising revs");
  });
  if (want !== null && want.byH > hours)
    throw new InputError("/want/byH", `this is beyond the ${hours} hours that are looked at`);
}

function checkRuns(runs: readonly { fromH: number; toH: number }[], where: string): void {
  runs.forEach(({ fromH, toH }, at) => {
    if (fromH > toH) throw new InputError(`${where}/${at}/toH`, "a run ends after it begins");
    const other = runs.findIndex((each, index) => index < at && each.fromH < toH && fromH < each.toH);
    if (other >= 0) throw new InputError(`${where}/${at}`, `this run overlaps with ${where}/${other}`);
  });
}
