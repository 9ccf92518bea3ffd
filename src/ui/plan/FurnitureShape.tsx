import { outlinePath } from "@/core/plan/outline";
import type { Point, YachtFile } from "@/core/yacht/schema";
import styles from "./YachtPlan.module.css";

export type Furniture = YachtFile["furniture"][string];

/** One thing that a sailor recognises at once, drawn thin and quiet. */
export function FurnitureShape({ piece, pixelsPerM }: { piece: Furniture; pixelsPerM: number }) {
  const path = piece.outline ? outlinePath(piece.outline as Point[], pixelsPerM) : "";
  const [aftM, starboardM] = piece.at ?? [0, 0];
  const x = starboardM * pixelsPerM;
  const y = aftM * pixelsPerM;
  const r = ((piece.sizeM ?? 0.2) * pixelsPerM) / 2;
  switch (piece.kind) {
    case "mast":
      return <ellipse cx={x} cy={y} rx={r * 0.8} ry={r * 1.2} className={styles.solid} />;
    case "winch":
      return (
        <>
          <circle cx={x} cy={y} r={r} className={styles.thin} />
          <circle cx={x} cy={y} r={r * 0.35} className={styles.solid} />
        </>
      );
    case "wheel":
      return (
        <g className={styles.thin}>
          <circle cx={x} cy={y} r={r} />
          <path d={`M${x - r} ${y}H${x + r}M${x} ${y - r}V${y + r}`} />
        </g>
      );
    case "windlass":
      return (
        <g className={styles.thin}>
          <rect x={x - r} y={y - r * 0.8} width={r * 2} height={r * 1.6} rx="2" />
          <circle cx={x + r * 0.3} cy={y} r={r * 0.5} />
        </g>
      );
    case "head":
      return (
        <g className={styles.thin}>
          <ellipse cx={x} cy={y} rx={r * 0.8} ry={r} />
          <ellipse cx={x} cy={y} rx={r * 0.45} ry={r * 0.6} />
        </g>
      );
    case "coachroof":
    case "platform":
      return <path d={path} className={styles.area} />;
    case "engine":
    case "boom":
    case "tiller":
    case "outboard":
      return <path d={path} className={styles.strong} />;
    case "tank":
    case "trampoline":
    case "centreboard":
      return <path d={path} className={styles.dashed} />;
    default:
      return <path d={path} className={styles.thin} />;
  }
}
