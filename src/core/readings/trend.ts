import { median } from "../basics/median";
import { asks, rounded, type Judgement } from "./rule";

/** How far a reading lies from the last of the same thing: by how much, and to which side. */
export interface OutOfLine {
  usual: number;
  by: number;
  way: "higher" | "lower";
}

/** A median of absolute deviations is so much smaller than a standard deviation, where values scatter evenly. */
const madToSigma = 1.4826;

/**
 * Whether a value is out of line with the last five of the same yacht: further from their median than three times their
 * usual scatter, and than the least difference that such a reading can show. Fewer than three say nothing.
 *
 * @param history oldest first
 * @param leastBy a difference that the instrument or the eye makes by itself
 * @example outOfLine([14.2, 14.1, 14.2, 14.3], 13.5, 0.3) // { usual: 14.2, by: 0.7, way: "lower" }
 */
export function outOfLine(history: readonly number[], value: number, leastBy: number): OutOfLine | null {
  const last = history.slice(-5);
  const usual = last.length < 3 ? null : median(last);
  if (usual === null) return null;
  const scatter = median(last.map((each) => Math.abs(each - usual))) ?? 0;
  const by = rounded(Math.abs(value - usual));
  if (by <= Math.max(leastBy, 3 * madToSigma * scatter) + 1e-9) return null;
  return { usual, by, way: value > usual ? "higher" : "lower" };
}

/** A judgement that is fine by its limits, and worth a look where the value is out of line with the last ones. */
export function besideUsual(
  judgement: Judgement,
  history: readonly number[],
  value: number,
  leastBy: number,
): Judgement {
  if (judgement.verdict !== "fine" || judgement.provisional) return judgement;
  const line = outOfLine(history, value, leastBy);
  if (line === null) return judgement;
  const { verdict: _, why, do: __, limit, ...extra } = judgement;
  return asks(
    "watch",
    `${why}; ${line.by} ${line.way} than the last ones, usually about ${line.usual}`,
    "Inside the limits, and not as it always is: look for a reason.",
    limit,
    extra,
  );
}
