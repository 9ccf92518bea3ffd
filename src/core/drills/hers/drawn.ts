import { statesOf, type StateShape, type StateStand } from "../../yacht/states";
import type { FittingPurpose } from "../../yacht/parts/purposes";
import type { YachtFile } from "../../yacht/schema";

/** How a control of a drill is drawn on her: what it looks like, and how it stands for each of its values. */
export interface DrawnControl {
  shape: StateShape;
  at: Readonly<Record<string, StateStand>>;
}

type Fitting = YachtFile["fittings"][string];

/** What a file may call a stand that a drill has a word of its own for. */
const alsoCalled: Readonly<Record<string, string>> = { manual: "on" };

/** How one fitting is drawn; null where her file does not say how it looks. */
function drawnAs(fitting: Fitting): DrawnControl | null {
  const drawn = statesOf(fitting);
  if (!drawn) return null;
  const at: Record<string, StateStand> = {};
  for (const { at: stand, means } of drawn.states) {
    const name = typeof means === "string" ? means : (means.en ?? "").toLowerCase();
    at[stand] ??= stand;
    at[alsoCalled[name] ?? name] = stand;
  }
  return { shape: drawn.shape, at };
}

const purposed = ({ fittings }: YachtFile, purpose: FittingPurpose): Fitting[] =>
  Object.values(fittings).filter((fitting) => fitting.purpose === purpose && fitting.outOfUse === undefined);
const named = ({ fittings }: YachtFile, ...keys: (string | undefined)[]): Fitting[] =>
  keys.flatMap((key) => fittings[key ?? ""] ?? []);

/** Which of her fittings stand for a drill's controls, by device; `part` is which of several heads it is. */
const standFor: Readonly<
  Record<string, (file: YachtFile, part: string | undefined) => Readonly<Record<string, readonly Fitting[]>>>
> = {
  engine: (file) => ({
    seacock: purposed(file, "raw-water-seacock"),
    isolator: purposed(file, "engine-battery-switch"),
  }),
  windlass: (file) => ({
    breaker: purposed(file, "windlass-breaker"),
    switch: purposed(file, "windlass-switch"),
  }),
  sources: (file) => ({
    main: purposed(file, "shore-breaker"),
    "gen-seacock": named(file, ...Object.values(file.generators).map(({ seacock }) => seacock)),
  }),
  gas: (file) => {
    const [its] = Object.values(file.gas);
    return { bottle: named(file, its?.bottleValve), tap: named(file, its?.tap), switch: named(file, its?.tap) };
  },
  head: (file, part) => {
    const pumped = Object.entries(file.heads).filter(([, { kind }]) => kind !== "portable");
    const its = pumped.find(([key]) => part === undefined || key === part)?.[1];
    return {
      intake: purposed(file, "head-inlet").filter(({ place }) => place === its?.place),
      outlet: named(file, its?.outlet, file.tanks[its?.tank ?? ""]?.valve),
    };
  },
  water: (file) =>
    Object.fromEntries(Object.entries(file.tanks).map(([key, { valve }]) => [`valve:${key}`, named(file, valve)])),
  bilge: (file) => ({ switch: purposed(file, "bilge-switch") }),
  batteries: (file) => ({
    "switch:engine": purposed(file, "engine-battery-switch"),
    "switch:service": purposed(file, "service-battery-switch"),
    "switch:negative": purposed(file, "negative-battery-switch"),
  }),
  lights: (file) => ({
    "three-way": purposed(file, "navigation-lights-switch"),
    "anchor-light": purposed(file, "anchor-light-switch"),
  }),
};

/**
 * How the valves, switches and breakers of a drill look on her, by control. Several fittings stand for one control only
 * where all look alike; what her file does not tell is not drawn.
 */
export function drawnControls(file: YachtFile, drill: { device: string; key: string }): Record<string, DrawnControl> {
  const fittings = standFor[drill.device]?.(file, drill.key.split(".")[1]) ?? {};
  return Object.fromEntries(
    Object.entries(fittings).flatMap(([control, its]) => {
      const [first, ...others] = its.map(drawnAs);
      return first && others.every((each) => JSON.stringify(each) === JSON.stringify(first)) ? [[control, first]] : [];
    }),
  );
}
