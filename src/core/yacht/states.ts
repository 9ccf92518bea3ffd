import type { Words } from "../basics/words";
import type { Fitting, FittingKind } from "./parts/fittings";

/** What is drawn: a lever on a pipe, a wheel or knob that turns, a knob one pulls, a switch that tips over. */
export type StateShape = "lever" | "wheel" | "push-pull" | "toggle" | "knob";
/** How it stands in the drawing. */
export type StateStand =
  "in-line" | "across" | "clockwise" | "anticlockwise" | "up" | "middle" | "down" | "left" | "right" | "in" | "out";

/** One stand of a fitting, as it is drawn. */
export interface FittingState {
  at: StateStand;
  /** what it means: a state every yacht has, or the fitting's own word */
  means: "open" | "shut" | "on" | "off" | Words;
  /** whether it is left so when nobody is using it */
  isUsual: boolean;
}

const electric: readonly FittingKind[] = ["switch", "breaker", "fuse"];
const other = {
  "in-line": "across",
  across: "in-line",
  clockwise: "anticlockwise",
  anticlockwise: "clockwise",
  pulled: "in",
  pushed: "out",
} as const;
const shapes = {
  "in-line": "lever",
  across: "lever",
  clockwise: "wheel",
  anticlockwise: "wheel",
  pulled: "push-pull",
  pushed: "push-pull",
} as const satisfies Record<NonNullable<Fitting["opens"]>, StateShape>;

/**
 * How a fitting's stands are drawn, from its facts alone: open or on first. Null where the file does not say how it looks:
 * a guess would be worse than no drawing.
 */
export function statesOf({
  kind,
  opens,
  normally,
  positions,
}: Pick<Fitting, "kind" | "opens" | "normally" | "positions">): { shape: StateShape; states: FittingState[] } | null {
  if (positions) {
    const isUsual = ({ en }: Words) => normally !== undefined && en?.toLowerCase() === normally;
    return {
      shape: positions.shape,
      states: positions.stands.map(({ at, name }) => ({ at, means: name, isUsual: isUsual(name) })),
    };
  }
  if (opens === undefined) return null;
  const [open, shut] = electric.includes(kind) ? (["on", "off"] as const) : (["open", "shut"] as const);
  const at = opens === "pulled" ? "out" : opens === "pushed" ? "in" : opens;
  return {
    shape: shapes[opens],
    states: [
      { at, means: open, isUsual: normally === open },
      { at: other[opens], means: shut, isUsual: normally === shut },
    ],
  };
}
