import type { SideView, ViewPoint } from "@/core/underway/side-view";
import type { YachtFile } from "@/core/yacht/schema";

const [width, edge] = [390, 14];

/** How a mark is painted, by the word of its colour; another word is drawn as an open ring. */
const paints: Readonly<Record<string, string>> = {
  white: "#ffffff",
  red: "#b3261e",
  blue: "#2a5aa0",
  green: "#2a7a3f",
  yellow: "#e8b021",
  orange: "#d96b12",
  black: "#14110f",
  grey: "#8a8a86",
};

interface Props {
  view: SideView;
  marks: YachtFile["groundTackle"][string]["marks"];
  lengthM: number;
  words: { title: string; high: string; now: string; low: string };
}

/** The anchored boat from the side, to one scale both ways: ground, water now and at its highest, line and marks. */
export function SideDrawing({ view, marks, lengthM, words }: Props) {
  const { roller, waterM } = view;
  const mastM = lengthM * 0.45;
  const scale = (width - 2 * edge) / Math.max(roller.alongM + lengthM, 10);
  const topM = Math.max(roller.aboveM, waterM.high) + mastM;
  const groundPx = 26;
  const height = Math.max(120, topM * scale + groundPx + 8);
  const x = ({ alongM }: Pick<ViewPoint, "alongM">) => edge + alongM * scale;
  const y = (aboveM: number) => height - groundPx - aboveM * scale;
  const path = view.line.map(
    (point, at) => `${at === 0 ? "M" : "L"}${x(point).toFixed(1)} ${y(point.aboveM).toFixed(1)}`,
  );
  return (
    <svg viewBox={`0 0 ${width} ${height.toFixed(0)}`} role="img" aria-label={words.title}>
      <rect y={y(waterM.high)} width={width} height={height - y(waterM.high)} fill="var(--done)" />
      <rect y={height - groundPx} width={width} height={groundPx} fill="var(--soft)" />
      <WaterLine y={y(waterM.low)} words={words.low} dashed below />
      {waterM.now - waterM.low > 0.2 && waterM.high - waterM.now > 0.2 && (
        <WaterLine y={y(waterM.now)} words="" dashed />
      )}
      <WaterLine y={y(waterM.high)} words={words.high} />
      <Hull
        x={x(roller)}
        waterY={y(waterM.high)}
        rollerY={y(roller.aboveM)}
        lengthPx={lengthM * scale}
        mastPx={mastM * scale}
      />
      <path d={path.join("")} fill="none" stroke="var(--kelp)" strokeWidth="3" strokeLinejoin="round" />
      {view.ropeFrom && (
        <path
          d={`M${x(view.ropeFrom) - 5} ${y(view.ropeFrom.aboveM) - 5}l10 10m0 -10l-10 10`}
          stroke="var(--kelp)"
          strokeWidth="2.5"
        />
      )}
      <path d={`M${edge - 8} ${y(0) - 12}l10 11l-12 2`} fill="none" stroke="var(--kelp)" strokeWidth="3" />
      {view.marks.map((point) => (
        <Mark
          key={point.atM}
          x={x(point)}
          y={y(point.aboveM)}
          atM={point.atM}
          colour={marks[point.index]?.colour.en ?? ""}
        />
      ))}
    </svg>
  );
}

function WaterLine({
  y,
  words,
  dashed = false,
  below = false,
}: {
  y: number;
  words: string;
  dashed?: boolean;
  below?: boolean;
}) {
  return (
    <g>
      <path
        d={`M0 ${y}H${width}`}
        stroke={dashed ? "var(--brass)" : "var(--kelp)"}
        strokeWidth="2"
        strokeDasharray={dashed ? "5 4" : undefined}
      />
      {words && (
        <text
          x={edge}
          y={below ? y + 15 : y - 6}
          fontSize="13"
          fontWeight="700"
          fill={dashed ? "var(--brass-ink)" : "var(--kelp)"}
        >
          {words}
        </text>
      )}
    </g>
  );
}

/** A hull as plain as a sign: bow over the roller, a mast where it stands. */
function Hull({
  x,
  waterY,
  rollerY,
  lengthPx,
  mastPx,
}: {
  x: number;
  waterY: number;
  rollerY: number;
  lengthPx: number;
  mastPx: number;
}) {
  const [stern, under] = [x + lengthPx, Math.max(4, lengthPx * 0.05)];
  const deck = Math.min(rollerY, waterY - 3);
  return (
    <g stroke="var(--kelp)" strokeWidth="2" fill="var(--paper)" strokeLinejoin="round">
      <path d={`M${x + lengthPx * 0.42} ${deck}V${deck - mastPx}`} />
      <path
        d={`M${x} ${deck}H${stern}V${waterY}q${-lengthPx * 0.1} ${under} ${-lengthPx * 0.35} ${under}H${x + lengthPx * 0.3}Q${x + lengthPx * 0.06} ${waterY + under} ${x} ${deck}Z`}
      />
    </g>
  );
}

/** A mark of the chain where it lies, painted as it is, with its metres beside it. */
function Mark({ x, y, atM, colour }: { x: number; y: number; atM: number; colour: string }) {
  return (
    <g className="chain-mark">
      <circle cx={x} cy={y} r="6" fill={paints[colour.toLowerCase()] ?? "none"} stroke="var(--kelp)" strokeWidth="2" />
      <text x={x} y={y - 10} fontSize="12" textAnchor="middle" fontWeight="700" fill="var(--kelp)">
        {atM}
      </text>
    </g>
  );
}
