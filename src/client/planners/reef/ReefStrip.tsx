import type { ReefHour } from "@/core/underway/reef";

const [width, height, top, bottom] = [390, 150, 14, 26];

interface Props {
  hours: readonly ReefHour[];
  reefs: readonly { id: string; fromKn: number; word: string }[];
  /** whether her table goes by the wind that is drawn: only then are its rows drawn across it */
  isTrue: boolean;
  clock: (at: string) => string;
  title: string;
}

/** The hours to come: the wind as a column, its gusts above, and lit where a reef is due. */
export function ReefStrip({ hours, reefs, isTrue, clock, title }: Props) {
  const most =
    Math.max(
      20,
      ...hours.map(({ gustKn }) => gustKn),
      ...(isTrue ? reefs.slice(0, 2).map(({ fromKn }) => fromKn) : []),
    ) * 1.06;
  const y = (kn: number) => height - bottom - (kn / most) * (height - bottom - top);
  const step = (width - 20) / hours.length;
  return (
    <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={title}>
      {hours.map(({ at, windKn, gustKn, set }, index) => (
        <g key={at}>
          <rect x={10 + index * step + 1} y={y(gustKn)} width={step - 2} height={y(0) - y(gustKn)} fill="var(--soft)" />
          <rect
            x={10 + index * step + 1}
            y={y(windKn)}
            width={step - 2}
            height={y(0) - y(windKn)}
            fill={set === null ? "var(--thin-2)" : "var(--brass)"}
          />
          {set !== null && set !== hours[index - 1]?.set && (
            <text x={10 + index * step} y={y(gustKn) - 3} fontSize="12" fontWeight="700" fill="var(--brass-ink)">
              {reefs.find(({ id }) => id === set)?.word}
            </text>
          )}
          {index % 6 === 0 && index < hours.length - 3 && (
            <text x={10 + index * step} y={height - 8} fontSize="12" fill="var(--kelp)">
              {clock(at)}
            </text>
          )}
        </g>
      ))}
      {isTrue &&
        reefs
          .filter(({ fromKn }) => fromKn < most)
          .map(({ id, fromKn, word }) => (
            <g key={id}>
              <path d={`M0 ${y(fromKn)}H${width}`} stroke="var(--kelp)" strokeDasharray="4 4" />
              <text x={width - 6} y={y(fromKn) - 3} fontSize="12" fontWeight="700" textAnchor="end" fill="var(--kelp)">
                {word}
              </text>
            </g>
          ))}
      <path d={`M0 ${y(0)}H${width}`} stroke="var(--kelp)" strokeWidth="2" />
    </svg>
  );
}
