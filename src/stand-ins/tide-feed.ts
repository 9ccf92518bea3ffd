/** Who says so, on screen: nobody must take it for a tide table. */
export const simulatedTideFrom = "simulated tide";

const hourMs = 3_600_000;
/** From high water to low water, hours: half of the twelve hours and twenty-five minutes of a half-daily tide. */
const halfTideH = 6.2103;
/** From springs to springs, hours. */
const fortnightH = 14.765 * 24;
const meanM = 1.3;
/** Half of the range at its mean; a quarter more at springs, and less at neaps. */
const halfRangeM = 1;

/**
 * High and low water at the Sallow Isles between two instants, with one turn before and one after them, above the lowest
 * tide: a half-daily tide of about two metres, the same whenever it is asked.
 */
export function simulatedTide(fromMs: number, toMs: number): { at: string; heightM: number }[] {
  const first = Math.floor(fromMs / hourMs / halfTideH);
  const last = Math.ceil(toMs / hourMs / halfTideH);
  return Array.from({ length: last - first + 1 }, (_, index) => {
    const turn = first + index;
    const atH = turn * halfTideH;
    const swing = halfRangeM * (1 + 0.25 * Math.cos((2 * Math.PI * atH) / fortnightH));
    const heightM = Math.round((meanM + (turn % 2 === 0 ? swing : -swing)) * 100) / 100;
    return { at: new Date(Math.round((atH * hourMs) / 60_000) * 60_000).toISOString(), heightM };
  });
}
