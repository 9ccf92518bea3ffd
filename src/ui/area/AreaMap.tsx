import { geoMercator, geoPath, type GeoPermissibleObjects } from "d3-geo";
import { useMemo } from "react";
import type { Area, FeatureKind, Geometry } from "@/core/area/area";
import { pointOf } from "@/core/area/around";
import { AreaSign } from "./AreaSign";

const [width, height, edge] = [640, 460, 26];

/** GeoJSON winds its rings against the clock, d3 with it: each is turned round before it is drawn. */
function wound(geometry: Geometry): GeoPermissibleObjects {
  const turn = (rings: number[][][]) => rings.map((ring) => [...ring].reverse());
  if (geometry.type === "Point") return { type: "Point", coordinates: geometry.coordinates };
  return geometry.type === "Polygon"
    ? { type: "Polygon", coordinates: turn(geometry.coordinates) }
    : { type: "MultiPolygon", coordinates: geometry.coordinates.map(turn) };
}

/** How an area is drawn: paths of ground and zones, points of all else, and how long a mile is. */
function drawing(area: Area) {
  const all = area.features.map(({ geometry }) => wound(geometry));
  const projection = geoMercator().fitExtent(
    [
      [edge, edge],
      [width - edge, height - edge],
    ],
    { type: "GeometryCollection", geometries: all as never },
  );
  const path = geoPath(projection);
  const at = (position: number[]): [number, number] => projection([position[0] ?? 0, position[1] ?? 0]) ?? [0, 0];
  const [lon = 0, lat = 0] = area.base.position;
  const mile = Math.abs(at([lon, lat + 1 / 60])[1] - at([lon, lat])[1]);
  return {
    paths: all.map((each) => path(each) ?? ""),
    points: area.features.map((each) => at(pointOf(each))),
    base: at(area.base.position),
    at,
    mile,
  };
}

type Drawn = ReturnType<typeof drawing>;

interface Props {
  area: Area;
  title: string;
  words: { north: string; mile: string; base: string };
  /** what is shown besides coasts, zones and hazards, which always are */
  kinds: readonly FeatureKind[];
  /** the feature that is looked at */
  lit: number | null;
  /** where this device is, where that is known */
  own: number[] | null;
  /** a way through them, from position to position */
  way?: readonly (readonly number[])[];
  onPick: (index: number) => void;
}

/** The waters of a base: coasts, zones and signs, a mile to measure by; a tap picks what is there. */
export function AreaMap({ area, title, words, kinds, lit, own, way, onPick }: Props) {
  const drawn = useMemo(() => drawing(area), [area]);
  const ownAt = own && drawn.at(own);
  return (
    <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={title} style={{ width: "100%", display: "block" }}>
      <rect width={width} height={height} fill="var(--soft)" />
      <Ground area={area} drawn={drawn} lit={lit} onPick={onPick} />
      <g transform={`translate(${drawn.base[0]} ${drawn.base[1]}) scale(1.3)`}>
        <path d="M-1 0V-24L13 -18L-1 -12" fill="var(--kelp)" stroke="var(--kelp)" strokeWidth="2">
          <title>{words.base}</title>
        </path>
      </g>
      <Signs area={area} drawn={drawn} kinds={kinds} lit={lit} onPick={onPick} />
      {way && way.length > 1 && (
        <path
          d={way.map((each, i) => `${i === 0 ? "M" : "L"}${drawn.at([...each]).join(" ")}`).join("")}
          fill="none"
          stroke="var(--brass)"
          strokeWidth="5"
          strokeDasharray="2 9"
          strokeLinecap="round"
        />
      )}
      {ownAt && <circle cx={ownAt[0]} cy={ownAt[1]} r="9" fill="var(--paper)" stroke="var(--kelp)" strokeWidth="5" />}
      <Measure mile={drawn.mile} words={words} />
    </svg>
  );
}

/** Coasts, and zones that one keeps out of. */
function Ground({ area, drawn, lit, onPick }: Pick<Props, "area" | "lit" | "onPick"> & { drawn: Drawn }) {
  return area.features.map(({ properties: { kind, name } }, i) =>
    kind === "coast" ? (
      <path
        key={i}
        d={drawn.paths[i]}
        fill="var(--brass-ground)"
        stroke="var(--kelp)"
        strokeWidth="1.5"
        strokeLinejoin="round"
      />
    ) : kind === "no-go" ? (
      <path
        key={i}
        d={drawn.paths[i]}
        onClick={() => onPick(i)}
        cursor="pointer"
        fill="var(--alarm-ground)"
        fillOpacity="0.5"
        stroke="var(--alarm)"
        strokeWidth={lit === i ? 4 : 2}
        strokeDasharray="7 4"
      >
        <title>{name}</title>
      </path>
    ) : null,
  );
}

/** What is a point: its sign, and the name of the one that is looked at. */
function Signs({
  area,
  drawn,
  kinds,
  lit,
  onPick,
}: Pick<Props, "area" | "kinds" | "lit" | "onPick"> & { drawn: Drawn }) {
  const litAt = lit === null ? undefined : drawn.points[lit];
  return (
    <>
      {area.features.map(({ properties: { kind, name } }, i) => {
        if (kind === "coast" || kind === "no-go" || (kind !== "hazard" && !kinds.includes(kind))) return null;
        const [x, y] = drawn.points[i] ?? [0, 0];
        return (
          <g
            key={i}
            onClick={() => onPick(i)}
            cursor="pointer"
            color={kind === "hazard" ? "var(--alarm)" : "var(--kelp)"}
          >
            <title>{name}</title>
            <circle cx={x} cy={y} r="24" fill={lit === i ? "var(--brass)" : "transparent"} />
            <AreaSign kind={kind} x={x} y={y} scale={1.5} />
          </g>
        );
      })}
      {litAt && (
        <text
          x={Math.min(Math.max(litAt[0], 110), width - 110)}
          y={Math.max(litAt[1] - 30, 26)}
          textAnchor="middle"
          fontSize="26"
          fontWeight="700"
          fill="var(--kelp)"
          stroke="var(--paper)"
          strokeWidth="5"
          paintOrder="stroke"
        >
          {area.features[lit ?? 0]?.properties.name}
        </text>
      )}
    </>
  );
}

/** How long a mile is, and where north is. */
function Measure({ mile, words }: { mile: number; words: Props["words"] }) {
  const nm = mile > 120 ? 1 : mile > 40 ? 2 : 5;
  return (
    <g fill="var(--kelp)">
      <g stroke="var(--kelp)" strokeWidth="2" fill="none">
        <path d={`M20 ${height - 22}v8h${mile * nm}v-8`} />
        <path d={`M${width - 26} 44V16m-7 9l7 -9l7 9`} />
      </g>
      <text x={28 + mile * nm} y={height - 10} fontSize="20">
        {nm} {words.mile}
      </text>
      <text x={width - 26} y="66" textAnchor="middle" fontSize="20" fontWeight="700">
        {words.north}
      </text>
    </g>
  );
}
