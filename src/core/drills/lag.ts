/** A figure that follows another with a lag: exact for any step (first order). */
export const follow = (now: number, towards: number, dtS: number, lagS: number): number =>
  towards + (now - towards) * Math.exp(-dtS / lagS);
