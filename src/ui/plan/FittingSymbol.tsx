import type { FittingKind } from "@/core/yacht/parts/fittings";

/** Our own small drawings, each on a field from -10 to 10: strokes, and what is filled. */
const drawings: Record<FittingKind, { line: string; solid?: string }> = {
  valve: { line: "M-9 0H9M0 0L5 -8", solid: "M-4 -3H4V3H-4Z" },
  seacock: { line: "M-8 8H8M0 8V-1M0 -1L6 -7", solid: "M-4 -3H4V2H-4Z" },
  breaker: { line: "M-7 -9H7V9H-7ZM-3 -5H3M-3 5H3", solid: "M-3 -3H3V1H-3Z" },
  fuse: { line: "M-9 0H-5M5 0H9M-5 -4H5V4H-5ZM-5 0C-2 -4 2 4 5 0" },
  switch: { line: "M-7 -5H7V5H-7Z", solid: "M0 -5H7V5H0Z" },
  filler: { line: "M0 -9A9 9 0 1 0 0.1 -9M-4 0H4M0 -4V4" },
  pump: { line: "M-6 9V0H6V9ZM0 0V-9M-5 -9H5" },
  gauge: { line: "M-9 5A9.5 9.5 0 0 1 9 5M0 5L5 -3M-9 5H9" },
  control: { line: "M-8 7H8M0 7V-3", solid: "M-4 -9H4V-3H-4Z" },
  locker: { line: "M-9 -6H9V8H-9ZM-9 -1H9M-2 3H2" },
  extinguisher: { line: "M-4 -3C-4 -6 4 -6 4 -3V9H-4ZM0 -6V-9M0 -9H6M-4 2H4" },
  battery: { line: "M-9 -5H9V8H-9ZM-6 -5V-8M6 -5V-8M-5 2H-1M3 2H7M5 0V4" },
  tank: { line: "M-9 -6H9V6H-9ZM-9 0C-6 -3 -3 3 0 0C3 -3 6 3 9 0" },
  "cut-off": { line: "M-9 0H9M-5 -7L5 7M5 -7L-5 7" },
  bung: { line: "M-6 -8H6L3 8H-3ZM-9 -8H9" },
  lamp: { line: "M-4 3A6 6 0 1 1 4 3ZM-3 6H3M-2 9H2" },
  strainer: { line: "M-7 -8H7L4 8H-4ZM-5 -2H5M-4 3H4M0 -8V8" },
  socket: { line: "M0 -9A9 9 0 1 0 0.1 -9", solid: "M-4 -2H-2V2H-4ZM2 -2H4V2H2Z" },
  remote: { line: "M-5 -9H5V9H-5Z", solid: "M-2 -6H2V-2H-2ZM-2 1H2V5H-2Z" },
  handle: { line: "M-8 5C-8 -7 8 -7 8 5M-8 5V8M8 5V8" },
  winch: { line: "M0 -9A9 9 0 1 0 0.1 -9M0 -5A5 5 0 1 0 0.1 -5M0 0L8 -5" },
  clutch: { line: "M-9 6H9M-9 6L-3 -3H5L9 6M-1 -3L7 -9" },
  cleat: { line: "M-9 -4H9M-4 -4V5H4V-4M-7 5H7" },
  "life-raft": { line: "M-9 -4C-9 -8 9 -8 9 -4V4C9 8 -9 8 -9 4ZM-9 0H9M0 -7V7" },
  detector: { line: "M-8 -8H8V8H-8ZM-4 0A4 4 0 0 1 4 0M-6 3A7 7 0 0 1 6 3", solid: "M-1.5 3H1.5V6H-1.5Z" },
};

/** The drawing of a kind of fitting, in the colour of the text around it. */
export function FittingSymbol({
  kind,
  x = 0,
  y = 0,
  scale = 1,
}: {
  kind: FittingKind;
  x?: number;
  y?: number;
  scale?: number;
}) {
  const { line, solid } = drawings[kind];
  return (
    <g transform={`translate(${x} ${y}) scale(${scale})`}>
      <path d={line} fill="none" stroke="currentColor" strokeWidth="2" strokeLinecap="round" strokeLinejoin="round" />
      {solid && <path d={solid} fill="currentColor" />}
    </g>
  );
}
