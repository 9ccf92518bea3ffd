import type { FeatureKind } from "@/core/area/area";

/**
 * Our own signs for what lies in the water, each on a field from -9 to 9; a shape for each kind, so that no colour
 * is needed to tell them apart.
 */
const signs: Record<Exclude<FeatureKind, "coast">, { line: string; solid?: string }> = {
  "no-go": { line: "M-8 -8H8V8H-8ZM-8 8L8 -8" },
  harbour: { line: "M-7 7V-5L0 -9L7 -5V7Z", solid: "M-3 0H3V7H-3Z" },
  anchorage: { line: "M0 -8V8M-4 -4H4M-8 2C-7 8 7 8 8 2" },
  mooring: { line: "M0 -6A6 6 0 1 0 0.1 -6M0 6V9", solid: "M0 -2A2 2 0 1 0 0.1 -2" },
  hazard: { line: "M0 -9L9 7H-9Z", solid: "M-1.2 -4H1.2V2H-1.2ZM-1.2 4H1.2V6H-1.2Z" },
  fuel: { line: "M-6 8V-8H3V8ZM3 -2H7V5", solid: "M-4 -6H1V-2H-4Z" },
  water: { line: "M0 -9C6 -1 7 2 7 4A7 5 0 0 1 -7 4C-7 2 -6 -1 0 -9Z" },
  "pump-out": { line: "M-8 -6H8V6H-8ZM-4 0H4M1 -3L4 0L1 3" },
};

/** The sign of a kind of thing, in the colour around it. */
export function AreaSign({
  kind,
  x = 0,
  y = 0,
  scale = 1,
}: {
  kind: FeatureKind;
  x?: number;
  y?: number;
  scale?: number;
}) {
  if (kind === "coast") return null;
  const { line, solid } = signs[kind];
  return (
    <g transform={`translate(${x} ${y}) scale(${scale})`}>
      <path d={line} fill="var(--paper)" stroke="currentColor" strokeWidth="2" strokeLinejoin="round" />
      {solid && <path d={solid} fill="currentColor" />}
    </g>
  );
}
