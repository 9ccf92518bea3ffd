"use client";
import { centreOf } from "@/core/plan/outline";
import type { Level, Point, YachtFile } from "@/core/yacht/schema";
import { pixelsPerM } from "./point-on-plan";
import styles from "./YachtPlan.module.css";

/** A walk as it is drawn: its places in the order they are gone to, each with the numbers of the stops taken there. */
export interface PlaceOnWalk {
  place: string;
  first: number;
  last: number;
}

interface Props {
  places: YachtFile["places"];
  level: Level;
  walk: readonly PlaceOnWalk[];
  /** the place that is lit */
  lit: string | null;
}

const numbers = ({ first, last }: PlaceOnWalk): string => (first === last ? `${first}` : `${first}–${last}`);
/** Width of a figure on the plan, in its own pixels. */
const figureWidth = 8.5;
const lineHeight = 19;

/** The way of a walk on one level, with the numbers of its stops where they are taken. */
export function WalkOnPlan({ places, level, walk, lit }: Props) {
  const at = (id: string): Point | null => {
    const place = places[id];
    return place?.level === level ? centreOf(place.outline as Point[]) : null;
  };
  const ways = walk.flatMap((step, index) => {
    const [from, to] = [at(walk[index - 1]?.place ?? ""), at(step.place)];
    return from && to ? [{ id: `${index}`, from, to }] : [];
  });
  const numbered = new Map<string, string[]>();
  for (const step of walk) numbered.set(step.place, [...(numbered.get(step.place) ?? []), numbers(step)]);
  return (
    <g aria-hidden="true">
      {ways.map(({ id, from, to }) => (
        <path
          key={id}
          className={styles.route}
          d={`M${[from, to].map(([aftM, starboardM]) => `${starboardM * pixelsPerM} ${aftM * pixelsPerM}`).join("L")}`}
        />
      ))}
      {[...numbered].map(([id, runs]) => {
        const centre = at(id);
        if (!centre) return null;
        const [x, y] = [centre[1] * pixelsPerM, centre[0] * pixelsPerM];
        const width = Math.max(...runs.map(({ length }) => length)) * figureWidth + 14;
        const top = y - (runs.length * lineHeight) / 2;
        return (
          <g key={id} className={`${styles.badge} ${id === lit ? styles.badgeHere : ""}`}>
            <rect x={x - width / 2} y={top - 3} width={width} height={runs.length * lineHeight + 6} rx="12" />
            {runs.map((run, line) => (
              <text key={run} x={x} y={top + line * lineHeight + 14.5}>
                {run}
              </text>
            ))}
          </g>
        );
      })}
    </g>
  );
}
