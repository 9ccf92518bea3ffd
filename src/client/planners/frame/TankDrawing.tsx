const [width, height, edge] = [390, 110, 20];

interface Props {
  capacity: number;
  low: number;
  high: number;
  /** of what is in it, what is kept */
  reserve: number;
  words: { title: string; level: string; reserve: string };
}

/** A tank from the side: what is surely in it, what may be, and what is kept back. */
export function TankDrawing({ capacity, low, high, reserve, words }: Props) {
  const scale = (width - 2 * edge) / Math.max(capacity, 1);
  const [top, deep] = [26, 46];
  const bar = (from: number, to: number, fill: string) => (
    <rect x={edge + from * scale} y={top} width={Math.max(0, to - from) * scale} height={deep} fill={fill} />
  );
  return (
    <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={words.title}>
      <rect x={edge} y={top} width={width - 2 * edge} height={deep} fill="var(--paper)" />
      {bar(0, low, "var(--thin-2)")}
      {bar(0, reserve, "var(--brass)")}
      {bar(low, high, "var(--soft)")}
      <rect
        x={edge}
        y={top}
        width={width - 2 * edge}
        height={deep}
        rx="4"
        fill="none"
        stroke="var(--kelp)"
        strokeWidth="2.5"
      />
      {[0.25, 0.5, 0.75].map((share) => (
        <path
          key={share}
          d={`M${edge + share * (width - 2 * edge)} ${top + deep - 9}v9`}
          stroke="var(--kelp)"
          strokeWidth="2"
        />
      ))}
      <text
        x={Math.min(width - edge, Math.max(edge + 40, edge + low * scale))}
        y={top - 8}
        fontSize="15"
        fontWeight="700"
        textAnchor="end"
        fill="var(--kelp)"
      >
        {words.level}
      </text>
      {reserve > 0 && (
        <text x={edge} y={top + deep + 20} fontSize="14" fill="var(--kelp)">
          {words.reserve}
        </text>
      )}
    </svg>
  );
}
