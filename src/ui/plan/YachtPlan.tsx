"use client";
import { memo, type CSSProperties, type KeyboardEvent, type ReactNode } from "react";
import { drawnSize } from "@/core/plan/drawn-size";
import { hullShape, type HullParticulars } from "@/core/plan/hull";
import { centreOf, outlinePath } from "@/core/plan/outline";
import { fittingPoints } from "@/core/plan/fitting-points";
import type { Level, Point, YachtFile } from "@/core/yacht/schema";
import { FittingSymbol } from "./FittingSymbol";
import { FurnitureShape, type Furniture } from "./FurnitureShape";
import { pixelsPerM, pointOnPlan } from "./point-on-plan";
import styles from "./YachtPlan.module.css";

/** What is painted first, so that a mast stands on the coachroof and not under it. */
const painted: readonly Furniture["kind"][] = [
  "trampoline",
  "bridge-deck",
  "coachroof",
  "platform",
  "cockpit",
  "tank",
  "bunk",
  "sofa",
  "galley",
  "table",
  "chart-table",
  "companionway",
  "hatch",
  "engine",
  "boom",
  "rail",
  "davits",
  "centreboard",
  "tiller",
  "outboard",
  "head",
  "winch",
  "wheel",
  "windlass",
  "mast",
];

export interface PlanWords {
  port: string;
  starboard: string;
  title: string;
  /** what a place says to a screen reader: its name and what is left there */
  place: (id: string) => string;
  /** a fitting's name, where fittings are shown */
  fitting?: (id: string) => string;
}

interface Props {
  file: Pick<YachtFile, "particulars" | "places" | "furniture" | "fittings">;
  level: Level;
  words: PlanWords;
  current?: string;
  next?: string;
  /** number of things left by place; a place with 0 is done */
  left?: Readonly<Record<string, number>>;
  onPick?: (place: string) => void;
  /** marks to show, in metres aft and to starboard */
  points?: readonly { id: string; at: Point; fresh: boolean }[];
  /** a spot being chosen, and what a tap on the drawing does */
  aim?: Point | null;
  /** fittings to show, by key, and the one that is lit */
  fittings?: readonly string[];
  lit?: string | null;
  onFitting?: (fitting: string) => void;
  onAim?: (at: Point) => void;
  /** what is drawn over her: the way of a walk */
  children?: ReactNode;
}

/** A yacht from above, bow up, drawn from her own file: hull to scale, what a sailor recognises, and her places. */
export const YachtPlan = memo(function YachtPlan({
  file,
  level,
  words,
  current,
  next,
  left,
  onPick,
  points = [],
  aim,
  onAim,
  fittings = [],
  lit = null,
  onFitting,
  children,
}: Props) {
  const size = drawnSize(file);
  const { lengthM, beamM } = size;
  const margin = 0.55;
  const box = {
    x: (-beamM / 2 - margin) * pixelsPerM,
    y: -0.3 * pixelsPerM,
    width: (beamM + 2 * margin) * pixelsPerM,
    height: (lengthM + 0.6) * pixelsPerM,
  };
  const places = Object.entries(file.places).filter(([, place]) => place.level === level);
  return (
    <svg
      className={styles.plan}
      // words keep their size on the screen, whatever the length of the yacht
      style={{ "--scale": lengthM / 12 } as CSSProperties}
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      role="group"
      aria-label={words.title}
      onClick={
        onAim &&
        ((event) => {
          const at = pointOnPlan(event.currentTarget, event.clientX, event.clientY);
          if (at) onAim(at);
        })
      }
    >
      <Hull size={size} />
      {Object.entries(file.furniture)
        .filter(([, piece]) => piece.level === level)
        .sort(([, a], [, b]) => painted.indexOf(a.kind) - painted.indexOf(b.kind))
        .map(([id, piece]) => (
          <FurnitureShape key={id} piece={piece} pixelsPerM={pixelsPerM} />
        ))}
      {places.map(([id, place]) => (
        <PlaceShape
          key={id}
          id={id}
          outline={place.outline as Point[]}
          label={words.place(id)}
          state={id === current ? "here" : left?.[id] === 0 ? "done" : left ? "open" : "plain"}
          onPick={onAim ? undefined : onPick}
        />
      ))}
      {current && next && file.places[current]?.level === level && file.places[next]?.level === level && (
        <Route
          from={centreOf(file.places[current].outline as Point[])}
          to={centreOf(file.places[next].outline as Point[])}
        />
      )}
      {places.map(([id, place]) => (
        <Badge key={id} at={centreOf(place.outline as Point[])} left={left?.[id] ?? 0} here={id === current} />
      ))}
      {points.map((point) => (
        <path key={point.id} d={diamond(point.at, 0.13)} className={point.fresh ? styles.freshMark : styles.mark} />
      ))}
      {children}
      <FittingSpots {...{ file, level, words, fittings, lit, onFitting }} />
      {aim && <Crosshair at={aim} />}
      <SideWords x={box.x} y={(lengthM * pixelsPerM) / 2} port={words.port} starboard={words.starboard} />
    </svg>
  );
});

/** Her hull to scale, with the toe rail of a monohull. */
function Hull({ size }: { size: HullParticulars }) {
  const hulls = hullShape(size).map((outline) => outlinePath(outline, pixelsPerM));
  const inner =
    size.hull === "catamaran"
      ? ""
      : hullShape({ ...size, lengthM: size.lengthM - 0.5, beamM: size.beamM - 0.32 })
          .map((outline) =>
            outlinePath(
              outline.map(([a, b]): Point => [a + 0.3, b]),
              pixelsPerM,
            ),
          )
          .join("");
  return (
    <>
      {hulls.map((hull) => (
        <path key={hull} d={hull} className={styles.hull} />
      ))}
      <path d={inner} className={styles.toeRail} />
    </>
  );
}

/** The fittings of a level that are shown, each where it is; the one that was found stands out. */
function FittingSpots({
  file,
  level,
  words,
  fittings = [],
  lit = null,
  onFitting,
}: Pick<Props, "file" | "level" | "words" | "fittings" | "lit" | "onFitting">) {
  return Object.entries(fittingPoints(file, fittings))
    .filter(([key]) => file.places[file.fittings[key]?.place ?? ""]?.level === level)
    .map(([key, at]) => (
      <FittingSpot
        key={key}
        kind={file.fittings[key]?.kind ?? "control"}
        at={at}
        label={words.fitting?.(key) ?? key}
        isLit={key === lit}
        onPick={onFitting && (() => onFitting(key))}
      />
    ));
}

/** Port and starboard along the sides, as one stands facing forward. */
function SideWords({ x, y, port, starboard }: { x: number; y: number; port: string; starboard: string }) {
  return (
    <>
      <text className={styles.port} x={x + 14} y={y} transform={`rotate(-90 ${x + 14} ${y})`}>
        {port}
      </text>
      <text className={styles.starboard} x={-x - 14} y={y} transform={`rotate(90 ${-x - 14} ${y})`}>
        {starboard}
      </text>
    </>
  );
}

function PlaceShape({
  id,
  outline,
  label,
  state,
  onPick,
}: {
  id: string;
  outline: Point[];
  label: string;
  state: "here" | "done" | "open" | "plain";
  onPick?: (id: string) => void;
}) {
  const pick = onPick && {
    role: "button",
    tabIndex: 0,
    "aria-label": label,
    "aria-current": state === "here" ? ("location" as const) : undefined,
    onClick: () => onPick(id),
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key !== "Enter" && event.key !== " ") return;
      event.preventDefault();
      onPick(id);
    },
  };
  return (
    <g className={`${styles.place} ${styles[state]} ${onPick ? styles.pickable : ""}`} {...pick}>
      <path d={outlinePath(outline, pixelsPerM)} />
    </g>
  );
}

function FittingSpot({
  kind,
  at: [aftM, starboardM],
  label,
  isLit,
  onPick,
}: {
  kind: YachtFile["fittings"][string]["kind"];
  at: Point;
  label: string;
  isLit: boolean;
  onPick?: () => void;
}) {
  const keys = (event: KeyboardEvent) => {
    if (event.key !== "Enter" && event.key !== " ") return;
    event.preventDefault();
    onPick?.();
  };
  const pick = onPick && { role: "button", tabIndex: 0, onClick: onPick, onKeyDown: keys };
  return (
    <g
      className={`${styles.fitting} ${isLit ? styles.lit : ""}`}
      transform={`translate(${starboardM * pixelsPerM} ${aftM * pixelsPerM})`}
      aria-label={label}
      {...(pick ?? { role: "img" })}
    >
      <title>{label}</title>
      <circle r="8.5" />
      <FittingSymbol kind={kind} scale={0.55} />
    </g>
  );
}

/** How many things are left at a place; over the way to the next one, so that it can be read. */
function Badge({ at: [aftM, starboardM], left, here }: { at: Point; left: number; here: boolean }) {
  if (left === 0) return null;
  return (
    <g className={`${styles.badge} ${here ? styles.badgeHere : ""}`} aria-hidden="true">
      <circle cx={starboardM * pixelsPerM} cy={aftM * pixelsPerM} r="14" />
      <text x={starboardM * pixelsPerM} y={aftM * pixelsPerM + 5.5}>
        {left}
      </text>
    </g>
  );
}

function Route({ from, to }: { from: Point; to: Point }) {
  const points = [from, to].map(([aftM, starboardM]) => `${starboardM * pixelsPerM} ${aftM * pixelsPerM}`);
  return <path d={`M${points.join("L")}`} className={styles.route} aria-hidden="true" />;
}

function diamond([aftM, starboardM]: Point, halfM: number): string {
  const x = starboardM * pixelsPerM;
  const y = aftM * pixelsPerM;
  const r = halfM * pixelsPerM;
  return `M${x} ${y - r}L${x + r} ${y}L${x} ${y + r}L${x - r} ${y}Z`;
}

function Crosshair({ at: [aftM, starboardM] }: { at: Point }) {
  const x = starboardM * pixelsPerM;
  const y = aftM * pixelsPerM;
  return (
    <g className={styles.crosshair} aria-hidden="true">
      <circle cx={x} cy={y} r="11" />
      <path d={`M${x - 20} ${y}H${x + 20}M${x} ${y - 20}V${y + 20}`} />
    </g>
  );
}
