"use client";
import { isMirrored, profileOf } from "@/core/plan/profile";
import type { Point, Surface, YachtFile } from "@/core/yacht/schema";
import styles from "./ProfileView.module.css";

const pixelsPerM = 50;

interface Props {
  particulars: YachtFile["particulars"];
  surface: Exclude<Surface, "deck" | "below">;
  title: string;
  words: { bow: string; stern: string; waterline: string; port: string; starboard: string };
  points: readonly { id: string; at: Point; fresh: boolean }[];
  aim?: Point | null;
  onAim?: (at: Point) => void;
}

/** The hull from one side, from ahead or from astern, to set marks on. Seen from port, the bow is on the left; from starboard, on the right. */
export function ProfileView({ particulars, surface, title, words, points, aim, onAim }: Props) {
  const profile = profileOf(surface, particulars);
  const { minA, maxA, minB, maxB } = profile.range;
  const flip = isMirrored(surface);
  const x = (a: number) => (flip ? maxA - a : a - minA) * pixelsPerM;
  const y = (b: number) => (maxB - b) * pixelsPerM;
  const path = (outline: Point[]) => `M${outline.map(([a, b]) => `${x(a).toFixed(1)} ${y(b).toFixed(1)}`).join("L")}Z`;
  const width = (maxA - minA) * pixelsPerM;
  const pad = 26;
  const ends =
    surface === "stern"
      ? [words.port, words.starboard]
      : surface === "bow"
        ? [words.starboard, words.port]
        : flip
          ? [words.stern, words.bow]
          : [words.bow, words.stern];
  return (
    <svg
      className={styles.view}
      viewBox={`${-pad} ${-pad} ${width + 2 * pad} ${y(minB) + 2 * pad}`}
      role="group"
      aria-label={title}
      onClick={
        onAim &&
        ((event) => {
          const matrix = event.currentTarget.getScreenCTM();
          if (!matrix) return;
          const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
          const along = at.x / pixelsPerM;
          onAim([
            Math.round((flip ? maxA - along : along + minA) * 100) / 100,
            Math.round((maxB - at.y / pixelsPerM) * 100) / 100,
          ]);
        })
      }
    >
      {profile.keel && <path d={path(profile.keel)} className={styles.keel} />}
      <path d={path(profile.outline)} className={styles.hull} />
      <path d={`M${-pad / 2} ${y(0)}H${width + pad / 2}`} className={styles.waterline} />
      <text x={0} y={y(minB) + 18} className={styles.word}>
        {ends[0]}
      </text>
      <text x={width} y={y(minB) + 18} className={styles.word} textAnchor="end">
        {ends[1]}
      </text>
      {points.map((point) => (
        <circle
          key={point.id}
          cx={x(point.at[0])}
          cy={y(point.at[1])}
          r="8"
          className={point.fresh ? styles.fresh : styles.mark}
        />
      ))}
      {aim && (
        <g className={styles.crosshair} aria-hidden="true">
          <circle cx={x(aim[0])} cy={y(aim[1])} r="12" />
          <path d={`M${x(aim[0]) - 22} ${y(aim[1])}h44M${x(aim[0])} ${y(aim[1]) - 22}v44`} />
        </g>
      )}
    </svg>
  );
}
