import { lagging, type Actuator } from "./actuator";
import { pushAt, waterKgM3, type Force, type Motion } from "./frames";
import type { Engine } from "./schema";

const leastRevs = 0.25;
const lagS = 1;
/** Speed of the jet at full pull standing still, m/s: from it comes the disc of a propeller whose figures nobody told. */
const fullJetMs = 7;

/** An engine with its propeller. */
export interface Propeller {
  engine: Engine;
  /** revs as a share of full ones, negative astern */
  revs: Actuator;
  /** ahead, N */
  thrustN: (motion: Motion) => number;
  /** what its wash carries aft, N; 0 astern and in neutral */
  washN: (motion: Motion) => number;
  discM2: number;
  force: Force;
}

/** What a lever asks of the revs: none in neutral, else at least a quarter. */
export const revsFor = (lever: number): number =>
  lever === 0 ? 0 : Math.sign(lever) * Math.max(leastRevs, Math.abs(lever));

/**
 * A propeller: pull ahead `thrustAheadN`·n·(n − 0.5·u/top), astern `thrustAsternN`·n², walking sideways astern as n².
 *
 * @param steer angle of the wheel where the motor itself turns with it, rad
 */
export function propeller(engine: Engine, topMs: number, steer: ((at: number) => number) | null): Propeller {
  const revs = lagging(lagS);
  const discM2 = Math.max(engine.thrustAheadN, 1) / (0.5 * waterKgM3 * fullJetMs ** 2);
  const thrustN = ({ at, u }: Motion): number => {
    const n = revs.at(at);
    return n >= 0 ? engine.thrustAheadN * n * (n - (0.5 * u) / topMs) : -engine.thrustAsternN * n * n;
  };
  return {
    engine,
    revs,
    thrustN,
    discM2,
    washN: (motion) => (revs.at(motion.at) > 0 ? Math.max(0, thrustN(motion)) : 0),
    force: (motion) => {
      const n = revs.at(motion.at);
      const thrust = thrustN(motion);
      const angle = steer?.(motion.at) ?? 0;
      const walk = n < 0 ? engine.walkN * n * n : 0;
      // turned with its leading edge to port it pushes the stern to port: she goes to starboard
      return pushAt(engine.atM, thrust * Math.cos(angle), walk - thrust * Math.sin(angle));
    },
  };
}
