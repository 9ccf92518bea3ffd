import type { FittingKind } from "@/core/yacht/parts/fittings";
import { FittingSymbol } from "./FittingSymbol";
import styles from "./FittingPicture.module.css";

/** A drawn sample in place of a photo; it says so in its caption. */
export function FittingPicture({ kind, caption }: { kind: FittingKind; caption: string }) {
  return (
    <figure className={styles.picture}>
      <svg viewBox="-30 -20 60 40" aria-hidden="true">
        <path d="M-30 13H30" stroke="currentColor" strokeWidth="0.5" />
        <FittingSymbol kind={kind} scale={1.25} />
      </svg>
      <figcaption>{caption}</figcaption>
    </figure>
  );
}
