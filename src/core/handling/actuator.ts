/** Something that follows what it is set to: exact for any moment, so that no step of the integration blurs it. */
export interface Actuator {
  set: (at: number, to: number) => void;
  at: (at: number) => number;
}

/** Follows with a first-order lag, s. */
export function lagging(lagS: number): Actuator {
  let [since, from, to] = [0, 0, 0];
  const value = (at: number) => to + (from - to) * Math.exp(-Math.max(0, at - since) / lagS);
  return {
    at: value,
    set: (at, target) => {
      [from, to, since] = [value(at), target, at];
    },
  };
}

/** Follows at an even pace, units a second. */
export function slewing(perS: number): Actuator {
  let [since, from, to] = [0, 0, 0];
  const value = (at: number) => {
    const gone = perS * Math.max(0, at - since);
    return Math.abs(to - from) <= gone ? to : from + Math.sign(to - from) * gone;
  };
  return {
    at: value,
    set: (at, target) => {
      [from, to, since] = [value(at), target, at];
    },
  };
}
