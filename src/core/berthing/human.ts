/** What a human does otherwise than was meant, in one trial. */
export interface Human {
  /** s between what is seen and what is done */
  delayS: number;
  /** how much more or less the wind blows than it was told, as a factor */
  wind: number;
  /** how far a lever is put against what was meant, as a factor */
  lever: number;
  /** by how much the wheel is off, degrees */
  wheelDeg: number;
}

/** How far a human is off (rules of thumb of the trade): reaction 0.3 to 2 s, wind ± 30 %, lever ± 20 %, wheel ± 5 degrees. */
const delayS = [0.3, 2] as const;
const windShare = 0.3;
const leverShare = 0.2;
const wheelDeg = 5;

/** A number of the Halton sequence, 0 to 1: spread evenly, and the same every time. */
function halton(index: number, base: number): number {
  let [sum, share] = [0, 1 / base];
  for (let left = index; left > 0; left = Math.floor(left / base), share /= base) sum += (left % base) * share;
  return sum;
}

/** The humans of so many trials: spread over what humans do, deterministic, the first one without an error. */
export const humans = (trials: number): Human[] =>
  Array.from({ length: trials }, (_, at) => {
    if (at === 0) return { delayS: 1, wind: 1, lever: 1, wheelDeg: 0 };
    const about = (base: number) => 2 * halton(at, base) - 1;
    return {
      delayS: delayS[0] + halton(at, 2) * (delayS[1] - delayS[0]),
      wind: 1 + windShare * about(3),
      lever: 1 + leverShare * about(5),
      wheelDeg: wheelDeg * about(7),
    };
  });
