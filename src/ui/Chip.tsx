import type { ReactNode } from "react";
import type { Verdict } from "@/core/basics/verdict";
import styles from "./Chip.module.css";
import { VerdictMark } from "./VerdictMark";

/** A short word on how something stands, with its verdict mark. */
export function Chip({ verdict, children }: { verdict: Verdict; children: ReactNode }) {
  return (
    <span className={`${styles.chip} ${styles[verdict]}`}>
      <VerdictMark verdict={verdict} />
      <span>{children}</span>
    </span>
  );
}
