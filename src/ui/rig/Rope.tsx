import type { LineColour } from "@/core/yacht/parts/lines";

/** The colours of lines as dye on rope, not as signs: nothing is said by them alone. */
const dyes: Readonly<Record<LineColour, string>> = {
  white: "#f4f1e8",
  red: "#b3261e",
  blue: "#20528f",
  green: "#2e6b3a",
  yellow: "#d9a900",
  orange: "#c8640a",
  black: "#22252a",
  grey: "#8d9196",
  violet: "#6a4a8c",
  brown: "#6e4a2f",
};

/** A length of rope with its fleck, from one point down to another. */
export function Rope({
  x,
  fromY,
  toY,
  colour,
  fleck,
}: {
  x: number;
  fromY: number;
  toY: number;
  colour: LineColour;
  fleck?: LineColour | undefined;
}) {
  const d = `M${x} ${fromY}V${toY}`;
  return (
    <g fill="none" strokeLinecap="butt">
      <path d={d} stroke="var(--kelp)" strokeWidth="11" />
      <path d={d} stroke={dyes[colour]} strokeWidth="8" />
      {fleck && <path d={d} stroke={dyes[fleck]} strokeWidth="8" strokeDasharray="5 9" />}
    </g>
  );
}
