import { offDeg, offM, type Watch } from "@/core/underway/watch";

const [size, edge] = [390, 20];

/** The circle from above, north up: the anchor in its middle, where she has been, and where she is. */
export function CircleDrawing({ watch, lengthM, title }: { watch: Watch; lengthM: number; title: string }) {
  const height = 300;
  const far = Math.max(watch.radiusM * 1.15, ...watch.fixes.slice(-30).map((fix) => offM(watch, fix) * 1.1));
  const scale = (height / 2 - edge) / far;
  const [midX, midY] = [size / 2, height / 2];
  const at = (fix: Watch["fixes"][number]): [number, number] => {
    const [off, turn] = [offM(watch, fix) * scale, (offDeg(watch, fix) * Math.PI) / 180];
    return [midX + off * Math.sin(turn), midY - off * Math.cos(turn)];
  };
  const last = watch.fixes.at(-1);
  const [x, y] = last ? at(last) : [midX, midY];
  const heads = last ? offDeg(watch, last) : 0;
  return (
    <svg viewBox={`0 0 ${size} ${height}`} role="img" aria-label={title}>
      <rect width={size} height={height} fill="var(--done)" />
      <circle cx={midX} cy={midY} r={watch.radiusM * scale} fill="var(--rail)" stroke="var(--kelp)" strokeWidth="2.5" />
      {last && (
        <circle cx={x} cy={y} r={Math.max(4, last.accuracyM * scale)} fill="var(--brass-ground)" fillOpacity="0.6" />
      )}
      <polyline
        points={watch.fixes
          .map((fix) =>
            at(fix)
              .map((each) => each.toFixed(1))
              .join(","),
          )
          .join(" ")}
        fill="none"
        stroke="var(--thin)"
        strokeWidth="1.5"
      />
      <path d={`M${midX} ${midY - 9}v18m-8 -6q8 12 16 0m-12 -8h8`} fill="none" stroke="var(--kelp)" strokeWidth="2.5" />
      <path d={`M${midX} ${midY}L${x} ${y}`} stroke="var(--kelp)" strokeDasharray="3 5" />
      {/* her bow towards the anchor, her length to scale */}
      <g transform={`translate(${x} ${y}) rotate(${heads + 180})`}>
        <path
          d="M0 -10C5 -4 5 4 4 10H-4C-5 4 -5 -4 0 -10Z"
          transform={`scale(${Math.max(0.7, (lengthM * scale) / 20)})`}
          fill="var(--paper)"
          stroke="var(--kelp)"
          strokeWidth="2"
          vectorEffect="non-scaling-stroke"
        />
      </g>
      <path d={`M${size - 22} 40V14m-6 8l6 -8l6 8`} fill="none" stroke="var(--kelp)" strokeWidth="2" />
    </svg>
  );
}
