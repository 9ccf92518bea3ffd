import { slewing, type Actuator } from "./actuator";
import { propeller, revsFor, type Propeller } from "./engine";
import { radPerDeg, type Force } from "./frames";
import { hullOf, type Hull } from "./hull";
import { rudderForce } from "./rudder";
import type { HandlingInput } from "./schema";
import { windForce } from "./wind";

const wheelDegS = 20;
const thrusterS = 0.3;

/** A boat that can be worked: her hull, and all that pushes her but lines and quays. */
export interface WorkedBoat {
  hull: Hull;
  forces: readonly Force[];
  lever: (engine: number, at: number, to: number) => void;
  wheel: (at: number, toDeg: number) => void;
  thruster: (thruster: number, at: number, to: number) => void;
}

/** Puts a boat together out of her figures. */
export function workedBoat({ boat, wind }: Pick<HandlingInput, "boat" | "wind">): WorkedBoat {
  const hull = hullOf(boat);
  const wheelDeg = slewing(wheelDegS);
  const angle = (at: number) => wheelDeg.at(at) * radPerDeg;
  const { rudders = [], thrusters = [] } = boat;
  // the motor of a day boat without a rudder is what steers her
  const steers = boat.hull === "day-boat" && rudders.length === 0;
  const propellers: Propeller[] = boat.engines.map((engine) => propeller(engine, hull.topMs, steers ? angle : null));
  const tunnels: Actuator[] = thrusters.map(() => slewing(1 / thrusterS));
  return {
    hull,
    forces: [
      hull.resistance,
      windForce(boat, wind),
      ...propellers.map(({ force }) => force),
      ...rudders.map((rudder) => rudderForce(rudder, propellers, angle)),
      ...thrusters.map(({ atM, thrustN }, index): Force => ({ at }) => {
        const y = thrustN * (tunnels[index]?.at(at) ?? 0);
        return { x: 0, y, n: atM * y };
      }),
    ],
    lever: (engine, at, to) => propellers[engine]?.revs.set(at, revsFor(to)),
    wheel: (at, toDeg) => wheelDeg.set(at, toDeg),
    thruster: (thruster, at, to) => tunnels[thruster]?.set(at, to),
  };
}
