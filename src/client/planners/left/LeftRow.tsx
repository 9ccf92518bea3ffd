import { useTranslations } from "next-intl";
import type { Verdict } from "@/core/basics/verdict";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "./Left.module.css";

/** One thing that is used up: how it stands, what it is, and till when. */
export interface Left {
  verdict: Verdict;
  name: string;
  figure: string;
  under: string;
}

/** A row of what is left aboard; a tap opens its planner, where it has one. */
export function LeftRow({ left: { verdict, name, figure, under }, onOpen }: { left: Left; onOpen?: () => void }) {
  const t = useTranslations("verdict");
  const inside = (
    <>
      <VerdictMark verdict={verdict} size={22} />
      <span>
        <strong>
          {name}
          <span className={styles.quiet}>, {t(verdict)}. </span>
        </strong>
        <small>{under}</small>
      </span>
      <b>{figure}</b>
    </>
  );
  return (
    <li className={styles.row}>
      {onOpen ? (
        <button type="button" onClick={onOpen}>
          {inside}
        </button>
      ) : (
        <div>{inside}</div>
      )}
    </li>
  );
}
