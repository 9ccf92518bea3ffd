"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Button } from "@/ui/Button";
import type { BookStore } from "../store/book-store";
import styles from "./Book.module.css";
import { IncidentForm } from "./IncidentForm";
import { useAt } from "./useAt";

const dayMs = 24 * 3600 * 1000;
const todo = ["fuel", "waste", "gas", "rubbish", "valves", "keys", "extras"] as const;

/** Before she comes back: when and where, what to do before, and what happened on the way, told in one's own words. */
export function ComingBack({ store, nowMs }: { store: BookStore; nowMs: number }) {
  const t = useTranslations("coming-back");
  const [telling, setTelling] = useState(false);
  const { stay, yacht, base } = store.book;
  const isNear = Date.parse(stay.endsAt) - nowMs < dayMs * 1.5;
  const at = useAt(base.timeZone)(stay.endsAt);
  return (
    <section className={styles.part} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <p>{t("when", { at, berth: yacht.berth })}</p>
      <details open={isNear}>
        <summary>{t("before")}</summary>
        <ul className={styles.changes}>
          {todo.map((each) => (
            <li key={each}>{t(`do-${each}`)}</li>
          ))}
        </ul>
      </details>
      {telling ? (
        <IncidentForm store={store} nowMs={nowMs} onDone={() => setTelling(false)} />
      ) : (
        <Button onClick={() => setTelling(true)}>{t("tell")}</Button>
      )}
    </section>
  );
}
