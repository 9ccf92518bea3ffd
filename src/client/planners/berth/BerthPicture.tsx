import { useTranslations } from "next-intl";
import type { BerthingInput } from "@/core/berthing/schema";
import type { ShownBerthing } from "@/core/berthing/shown";
import { outlineOf } from "@/core/handling/outline";
import type { Translator } from "@/messages/translator";
import styles from "./Berth.module.css";

/** She is drawn every so many seconds of the way, and where it ends. */
const drawnEveryS = 6;
/** Room about what is drawn, in lengths. */
const marginLengths = 0.6;

type Track = ShownBerthing["tracks"][number]["usual"];

const path = (points: readonly (readonly [number, number])[]) => points.map(([x, y]) => `${x},${-y}`).join(" ");

/** The way out from above, north up: as it goes without an error, and faint, how it went at its worst. */
export function BerthPicture({ input, shown, way }: { input: BerthingInput; shown: ShownBerthing; way: string }) {
  const t = useTranslations() as unknown as Translator;
  const { lengthM } = input.boat;
  const track = shown.tracks.find((each) => each.way === way);
  if (!track) return null;
  const hull = outlineOf(input.boat)
    .map(([ahead, side]) => `${side},${-ahead}`)
    .join(" ");
  const [west, south, east, north] = boundsOf([...track.usual, ...track.worst], shown.others, marginLengths * lengthM);
  const [wide, high] = [east - west, north - south];
  const { fromDeg, kn } = input.wind;
  const hulls = (rows: Track, kind: "usual" | "worst") =>
    drawn(rows).map(({ x, y, headingDeg }, at) => (
      <polygon
        key={`${kind} ${at}`}
        points={hull}
        transform={`translate(${x} ${-y}) rotate(${headingDeg})`}
        data-hull={kind}
        data-first={at === 0 ? "" : undefined}
      />
    ));
  return (
    <svg
      className={styles.scene}
      viewBox={`${west} ${-north} ${wide} ${high}`}
      role="img"
      aria-label={t("berthing.picture", {
        way: t(`berthing-way.${way as "straight"}`),
        knots: Math.round(kn),
        from: Math.round(fromDeg),
      })}
    >
      <polyline points={path(shown.quay as [number, number][])} data-quay="" />
      {shown.others.map((points) => (
        <polygon key={path(points)} points={path(points)} data-other="" />
      ))}
      {hulls(track.worst, "worst")}
      {hulls(track.usual, "usual")}
      {kn > 0 && (
        <g
          transform={`translate(${west + lengthM * 0.35} ${-north + lengthM * 0.35}) rotate(${fromDeg + 180}) scale(${lengthM / 45})`}
          data-wind=""
        >
          <path d="M0 12 V-12 M-5 -5 L0 -12 L5 -5" />
        </g>
      )}
    </svg>
  );
}

/** Rows are half seconds: the first, every few seconds, and the last. */
const drawn = (rows: Track): Track => rows.filter((_, at) => at % (drawnEveryS * 2) === 0 || at === rows.length - 1);

function boundsOf(
  rows: Track,
  others: ShownBerthing["others"],
  marginM: number,
): [west: number, south: number, east: number, north: number] {
  const points = [...rows.map(({ x, y }): [number, number] => [x, y]), ...others.flat()];
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return [Math.min(...xs) - marginM, Math.min(...ys) - marginM, Math.max(...xs) + marginM, Math.max(...ys) + marginM];
}
