"use client";
import { useTranslations } from "next-intl";
import { useDeferredValue, useMemo, useState } from "react";
import { faultsOf } from "@/core/faults/fault";
import { makeFaultFinder } from "@/core/faults/find";
import { troublesOf } from "@/core/faults/trouble";
import { systems, type YachtFile } from "@/core/yacht/schema";
import { Field } from "@/ui/Field";
import type { TroubleKeeper } from "./keeper";
import styles from "./Trouble.module.css";
import { useFaultTitle } from "./words";

interface Props {
  file: YachtFile;
  keeper: TroubleKeeper;
  clock: (instant: string) => string;
  onFault: (fault: string) => void;
}

/** What is wrong, said in one's own words or found by system: for who does not know the word for the thing. */
export function TroubleList({ file, keeper, clock, onFault }: Props) {
  const t = useTranslations();
  const titleOf = useFaultTitle();
  const [ask, setAsk] = useState("");
  const asked = useDeferredValue(ask);
  const faults = useMemo(() => faultsOf(file), [file]);
  const titled = faults.map((fault) => ({ key: fault.key, system: fault.system, title: titleOf(fault) }));
  const fault = useTranslations("fault");
  const find = useMemo(() => makeFaultFinder(faults, ({ kind }) => fault(kind as "no-water")), [faults, fault]);
  const hits = useMemo(() => find(asked, 4), [find, asked]);
  const open = troublesOf(keeper.entries).filter(({ end }) => end === null);
  const row = ({ key, title }: { key: string; title: string }, under?: string) => (
    <li key={key}>
      <button type="button" onClick={() => onFault(key)}>
        <strong>{title}</strong>
        {under && <small>{under}</small>}
      </button>
    </li>
  );
  return (
    <section className={styles.list} aria-label={t("lead.list-title")}>
      <h2>{t("lead.list-title")}</h2>
      {open.length > 0 && (
        <>
          <h3>{t("lead.still-open")}</h3>
          <ul className={styles.rows}>
            {open.flatMap(({ id, fault: key, begunAt }) => {
              const known = titled.find((each) => each.key === key);
              const answer = keeper.answers.findLast(({ trouble }) => trouble === id);
              return known ? row(known, answer?.words ?? t("lead.begun-at", { at: clock(begunAt) })) : [];
            })}
          </ul>
        </>
      )}
      <Field label={t("lead.ask")} hint={asked.trim() === "" ? t("lead.ask-hint") : undefined}>
        {(ids) => (
          <input
            {...ids}
            type="search"
            autoComplete="off"
            maxLength={200}
            value={ask}
            onChange={({ target }) => setAsk(target.value)}
          />
        )}
      </Field>
      {asked.trim() !== "" && (
        <ul className={styles.rows} data-hits="" aria-live="polite">
          {hits.length === 0 && <li className={styles.none}>{t("lead.none")}</li>}
          {hits.flatMap(({ key }) => {
            const known = titled.find((each) => each.key === key);
            return known ? row(known) : [];
          })}
        </ul>
      )}
      <h3>{t("lead.by-system")}</h3>
      {systems.map((system) => {
        const of = titled.filter((each) => each.system === system);
        return of.length === 0 ? null : (
          <details key={system} className={styles.system}>
            <summary>
              {t(`system.${system}`)} <small>{of.length}</small>
            </summary>
            <ul className={styles.rows}>{of.map((each) => row(each))}</ul>
          </details>
        );
      })}
    </section>
  );
}
