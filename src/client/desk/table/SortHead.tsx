"use client";
import type { ReactNode } from "react";
import desk from "../shared/Desk.module.css";
import styles from "./DataTable.module.css";

interface Props {
  sorted: false | "asc" | "desc";
  isNumber: boolean;
  onSort: ((event: unknown) => void) | undefined;
  children: ReactNode;
}

const direction = { asc: "ascending", desc: "descending" } as const;

/** The head of a column: a tap sorts by it, and another the other way round. */
export function SortHead({ sorted, isNumber, onSort, children }: Props) {
  return (
    <th scope="col" aria-sort={sorted ? direction[sorted] : undefined} className={isNumber ? desk.number : undefined}>
      <button type="button" className={styles.head} onClick={onSort}>
        {children}
        {sorted && <span aria-hidden="true">{sorted === "asc" ? " ↑" : " ↓"}</span>}
      </button>
    </th>
  );
}
