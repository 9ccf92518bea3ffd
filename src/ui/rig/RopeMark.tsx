import type { LineColour } from "@/core/yacht/parts/lines";
import { Rope } from "./Rope";

/** A line's colour and fleck in small, beside its name. */
export const RopeMark = ({ colour, fleck }: { colour: LineColour; fleck?: LineColour | undefined }) => (
  <svg viewBox="0 0 14 44" width="14" height="44" aria-hidden="true">
    <Rope x={7} fromY={1} toY={43} colour={colour} fleck={fleck} />
  </svg>
);
