import { placeOf, radPerDeg, type Motion } from "@/core/handling/frames";
import { pivotM } from "@/core/handling/pivot";
import { outlineOf } from "@/core/handling/outline";
import type { HandlingRun } from "./handling-run";
import styles from "./Handling.module.css";

const path = (points: readonly (readonly [number, number])[]) => points.map(([x, y]) => `${x},${-y}`).join(" ");

/** The scene from above, north up: quays, others, her lines, and she as she lies now. */
export function SceneView({
  run,
  words,
  replayed = null,
}: {
  run: HandlingRun;
  words: string;
  replayed?: Motion | null;
}) {
  const { scene, boat } = run;
  const motion = replayed ?? run.motion;
  const pivot = pivotM(motion, boat.lengthM);
  const [west, south, east, north] = scene.viewM;
  const { quay = [], lines = [], wind } = scene.input;
  const hull = outlineOf(boat).map(([ahead, side]) => `${side},${-ahead}`);
  const wheelDeg = run.standsAt("wheel");
  return (
    <svg
      className={styles.scene}
      viewBox={`${west} ${-north} ${east - west} ${north - south}`}
      role="img"
      aria-label={words}
      style={{ aspectRatio: `${east - west} / ${north - south}` }}
    >
      {quay.map((points) => (
        <polyline key={path(points)} points={path(points)} data-quay="" />
      ))}
      {scene.others.map((points) => (
        <polygon key={path(points)} points={path(points)} data-other="" />
      ))}
      {lines
        .filter(({ id }) => run.fast.includes(id))
        .map(({ id, boatAtM, shoreAtM }) => {
          const [x, y] = placeOf(motion, boatAtM);
          return <line key={id} x1={x} y1={-y} x2={shoreAtM[0]} y2={-shoreAtM[1]} data-line="" />;
        })}
      {scene.ball && <circle cx={scene.ball[0]} cy={-scene.ball[1]} r={boat.lengthM * 0.035} data-ball="" />}
      {replayed && <polyline points={path(run.trail.map(({ x, y }) => [x, y]))} data-trail="" />}
      {run.ghost && !replayed && (
        <polygon
          points={hull.join(" ")}
          transform={`translate(${run.ghost.x} ${-run.ghost.y}) rotate(${run.ghost.heading / radPerDeg})`}
          data-ghost=""
        />
      )}
      <g transform={`translate(${motion.x} ${-motion.y}) rotate(${motion.heading / radPerDeg})`}>
        <polygon points={hull.join(" ")} data-hull="" />
        {pivot !== null && <circle cx="0" cy={-pivot} r={boat.lengthM * 0.02} data-pivot="" />}
        {(boat.rudders ?? []).map(({ atM: [ahead, side] }) => (
          <line
            key={side}
            x1={side}
            y1={-ahead}
            x2={side}
            y2={-ahead + boat.lengthM * 0.09}
            transform={`rotate(${-wheelDeg} ${side} ${-ahead})`}
            data-rudder=""
          />
        ))}
      </g>
      {wind && wind.kn > 0 && (
        <g
          transform={`translate(${west + boat.lengthM * 0.45} ${-north + boat.lengthM * 0.45}) rotate(${wind.fromDeg + 180}) scale(${boat.lengthM / 40})`}
          data-wind=""
        >
          <path d="M0 12 V-12 M-5 -5 L0 -12 L5 -5" />
        </g>
      )}
    </svg>
  );
}
