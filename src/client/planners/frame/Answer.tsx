import type { ReactNode } from "react";
import type { Verdict } from "@/core/basics/verdict";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "./Planner.module.css";

/** What a planner answers: one figure, large, and what it means beside it. */
export function Answer({ over, figure, children }: { over: string; figure: string; children?: ReactNode }) {
  return (
    <div className={styles.answer} role="status">
      <p>{over}</p>
      <strong>{figure}</strong>
      {children && <div>{children}</div>}
    </div>
  );
}

/** What is to be looked at, or stops: its mark, what it is, and what would mend it. */
export function Reason({ verdict, words, more }: { verdict: Verdict; words: string; more?: string | undefined }) {
  return (
    <p className={styles.reason} data-verdict={verdict}>
      <VerdictMark verdict={verdict} size={22} />
      <span>
        <strong>{words}</strong>
        {more && <span>{more}</span>}
      </span>
    </p>
  );
}

/** Why there is no figure: what is missing, or what her file does not hold. */
export function NoAnswer({ children }: { children: ReactNode }) {
  return (
    <p className={styles.none} role="status">
      {children}
    </p>
  );
}
