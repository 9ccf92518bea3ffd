import type { InClutch } from "@/core/yacht/rig/clutch-rows";
import { Rope } from "./Rope";

const stepX = 46;
const gapX = 34;

/** Where each clutch stands: those of the other side of the companionway a little apart. */
const places = (lines: readonly InClutch[]): number[] => {
  const xs: number[] = [];
  lines.forEach(({ line }, i) => {
    const before = lines[i - 1]?.line.side;
    xs.push(i === 0 ? stepX / 2 : (xs[i - 1] ?? 0) + stepX + (before !== line.side ? gapX : 0));
  });
  return xs;
};

/**
 * A row of clutches as it lies before who stands at it: each rope in its colours, the clutch with its number, and a
 * winch where one takes it.
 */
export function ClutchMap({
  lines,
  title,
  lit,
}: {
  lines: readonly InClutch[];
  title: string;
  /** the line that is asked for */
  lit?: string | undefined;
}) {
  const xs = places(lines);
  const widthX = (xs.at(-1) ?? 0) + stepX / 2;
  return (
    <svg viewBox={`0 0 ${widthX} 150`} role="img" aria-label={title} style={{ width: "100%", maxWidth: widthX * 1.6 }}>
      {lines.map(({ key, line }, i) => {
        const x = xs[i] ?? 0;
        const isLit = lit === key;
        const isFaint = lit !== undefined && !isLit;
        return (
          <g key={key} opacity={isFaint ? 0.45 : 1}>
            <Rope x={x} fromY={2} toY={line.winch ? 104 : 132} colour={line.colour} fleck={line.fleck} />
            <g stroke="var(--kelp)" strokeWidth={isLit ? 4 : 2} strokeLinejoin="round">
              <path d={`M${x - 15} 34H${x + 15}V76H${x - 15}Z`} fill={isLit ? "var(--brass-ground)" : "var(--paper)"} />
              <path d={`M${x - 7} 34V20L${x + 7} 26V34`} fill="var(--soft)" />
              {line.winch && <circle cx={x} cy="120" r="15" fill="var(--paper)" />}
              {line.winch && <path d={`M${x} 120l11 -6`} fill="none" strokeLinecap="round" />}
            </g>
            <text x={x} y="62" textAnchor="middle" fontSize="20" fontWeight="700" fill="var(--kelp)">
              {i + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
