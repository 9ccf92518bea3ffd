/** What the simulated gateways of the demo's yachts measure: hours run, shares of tanks, volts. Nobody's boat. */
const measured: Readonly<
  Record<
    string,
    {
      name: string;
      hours: Record<string, number>;
      tanks: Record<string, Record<string, number>>;
      volts: Record<string, number>;
    }
  >
> = {
  "gannet-rock": {
    name: "Gannet Rock",
    hours: { main: 628.4, generator: 341.2 },
    tanks: { fuel: { main: 0.985 }, freshWater: { fore: 1, aft: 0.97, third: 0.94 } },
    volts: { service: 12.74, starter: 12.66 },
  },
  "two-lanterns": {
    name: "Two Lanterns",
    hours: { port: 1321.7, starboard: 1319.2 },
    tanks: { fuel: { starboard: 0.98, port: 0.97 }, freshWater: { starboard: 1, port: 0.96 } },
    volts: { service: 12.71, starterPort: 12.63, starterStarboard: 12.6 },
  },
};

const source = "simulated-gateway.0";

/**
 * A Signal K vessel document (`/signalk/v1/api/vessels/self`) of the simulated gateway on a demo yacht, or null where
 * she has none. SI units, as Signal K has them: seconds run, shares of 1, volts.
 */
export function simulatedVessel(slug: string, timestamp: string): Record<string, unknown> | null {
  const boat = Object.hasOwn(measured, slug) ? measured[slug] : undefined;
  if (!boat) return null;
  const leaf = (value: number) => ({ value, $source: source, timestamp });
  const each = <In, Out>(of: Record<string, In>, make: (value: In) => Out) =>
    Object.fromEntries(Object.entries(of).map(([key, value]) => [key, make(value)]));
  return {
    uuid: `urn:mrn:signalk:uuid:00000000-0000-4000-8000-${[...slug]
      .reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 1e12, 7)
      .toString()
      .padStart(12, "0")}`,
    // the name is shown with every value: nobody must take it for the boat's own meter
    name: `${boat.name}, simulated boat data`,
    propulsion: each(boat.hours, (hours) => ({ runTime: leaf(hours * 3600) })),
    tanks: each(boat.tanks, (tanks) => each(tanks, (share) => ({ currentLevel: leaf(share) }))),
    electrical: { batteries: each(boat.volts, (volts) => ({ voltage: leaf(volts) })) },
  };
}
