import { hullOutline } from "@/core/plan/hull";

/** The yacht's own outline in small, bow to the left: stands for her in lists and headers. */
export function HullIcon({ lengthM, beamM, tone = "open", width = 56 }: { lengthM: number; beamM: number; tone?: "open" | "done" | "on-dark"; width?: number }) {
  const scale = width / lengthM;
  const height = beamM * scale;
  const points = hullOutline(lengthM, beamM, undefined, 20).map(([a, b]) => `${(a * scale).toFixed(1)} ${(b * scale + height / 2).toFixed(1)}`);
  const fill = tone === "done" ? "#cdd9cd" : "var(--paper)";
  return (
    <svg width={width} height={height + 4} viewBox={`-2 -2 ${width + 4} ${height + 4}`} aria-hidden="true">
      <path d={`M${points.join("L")}Z`} fill={fill} stroke={tone === "on-dark" ? "var(--paper)" : "var(--kelp)"} strokeWidth="1.8" strokeLinejoin="round" />
    </svg>
  );
}
