import { hullShape, type HullParticulars } from "@/core/plan/hull";

/** The yacht's own outline in small, bow to the left: stands for her in lists and headers. */
export function HullIcon({
  particulars,
  tone = "open",
  width = 56,
}: {
  particulars: HullParticulars;
  tone?: "open" | "done" | "on-dark";
  width?: number;
}) {
  const { lengthM, beamM } = particulars;
  const scale = width / lengthM;
  const height = beamM * scale;
  const paths = hullShape(particulars, 20).map(
    (outline) =>
      `M${outline.map(([a, b]) => `${(a * scale).toFixed(1)} ${(b * scale + height / 2).toFixed(1)}`).join("L")}Z`,
  );
  const fill = { open: "var(--paper)", done: "var(--done)", "on-dark": "var(--on-deep)" }[tone];
  return (
    <svg width={width} height={height + 4} viewBox={`-2 -2 ${width + 4} ${height + 4}`} aria-hidden="true">
      {paths.map((path) => (
        <path
          key={path}
          d={path}
          fill={fill}
          stroke={tone === "on-dark" ? "var(--on-deep)" : "var(--kelp)"}
          strokeWidth="1.8"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}
