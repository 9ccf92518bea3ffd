"use client";
import { useTranslations } from "next-intl";
import { faultsOf } from "@/core/faults/fault";
import { troublesOf } from "@/core/faults/trouble";
import type { YachtFile } from "@/core/yacht/schema";
import { WithFaultWords } from "./FaultWords";
import type { TroubleKeeper } from "./keeper";
import styles from "./Trouble.module.css";
import { useFaultTitle } from "./words";

interface Props {
  file: YachtFile;
  keeper: TroubleKeeper;
  clock: (instant: string) => string;
  onFault: (fault: string) => void;
}

/** What is still being looked at, with the base's last answer, on Today. */
export const OpenTroubles = (props: Props) => (
  <WithFaultWords>
    <Rows {...props} />
  </WithFaultWords>
);

function Rows({ file, keeper, clock, onFault }: Props) {
  const t = useTranslations("lead");
  const titleOf = useFaultTitle();
  const faults = faultsOf(file);
  const open = troublesOf(keeper.entries).flatMap(({ id, fault: key, begunAt, end }) => {
    const fault = end === null && faults.find((each) => each.key === key);
    return fault ? [{ id, begunAt, fault }] : [];
  });
  if (open.length === 0) return null;
  return (
    <section className={styles.list} aria-label={t("still-open")}>
      <h2>{t("still-open")}</h2>
      <ul className={styles.rows} data-hits="">
        {open.map(({ id, begunAt, fault }) => {
          const answer = keeper.answers.findLast(({ trouble }) => trouble === id);
          return (
            <li key={id}>
              <button type="button" onClick={() => onFault(fault.key)}>
                <strong>{titleOf(fault)}</strong>
                <small>{answer ? `${t("base-said")}: ${answer.words}` : t("begun-at", { at: clock(begunAt) })}</small>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
