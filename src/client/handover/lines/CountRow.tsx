"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { say } from "@/core/basics/words";
import type { CountValue, FoundInValue } from "@/core/handover/aspects";
import { lineSubject, type CountLine } from "@/core/handover/list";
import { valueWords } from "@/messages/line-words";
import { useCell, useHandover } from "../context";
import { FoundElsewhere } from "./FoundElsewhere";
import { Row } from "./Row";
import styles from "./Row.module.css";

const most = 9999;

/** A thing to be counted. It starts empty, never at the expected figure. */
export function CountRow({ line }: { line: CountLine }) {
  const t = useTranslations();
  const store = useHandover();
  const cell = useCell(lineSubject(line.id), "count");
  const value = cell && !cell.fork ? (cell.value as CountValue) : null;
  const count = value?.count ?? null;
  const elsewhere = useCell(lineSubject(line.id), "found-in");
  const place = elsewhere && !elsewhere.fork ? (elsewhere.value as FoundInValue).place : null;
  // what is being typed; null when nobody types, and the count itself is shown
  const [draft, setDraft] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const set = (next: number) => {
    setWrong(false);
    setDraft(null);
    if (next !== count) store.recordLine(line, { count: next });
  };
  const commit = () => {
    const typed = draft?.trim() ?? "";
    if (typed === "") return setDraft(null);
    const next = Number(typed);
    if (!Number.isInteger(next) || next < 0 || next > most) return setWrong(true);
    set(next);
  };
  const verdict =
    count === null ? null : count === line.expected ? "fine" : count < line.expected && line.safety ? "stop" : "watch";
  const where = say(line.where, "en");
  const isShownBefore = store.bundle.list.rules?.expectedShown === "before";
  return (
    <Row
      line={line}
      cell={cell}
      verdict={verdict}
      says={
        value &&
        (place === null
          ? valueWords(t, line, value)
          : `${valueWords(t, line, value)}, ${t("elsewhere.found", { place: say(store.bundle.list.places.find((each) => each.id === place)?.name ?? { en: place }, "en") })}`)
      }
      how={`${line.perPerson ? t("count.per-person", { where, aboard: store.bundle.list.stay.aboard }) : where}${isShownBefore && count === null ? ` ${t("count.expected", { expected: line.expected })}` : ""}`}
      more={<FoundElsewhere line={line} />}
    >
      {(labelId) => (
        <>
          <div className={styles.stepper} role="group" aria-labelledby={labelId}>
            <button
              type="button"
              aria-label={count === null ? t("count.none") : t("count.less")}
              onClick={() => set(Math.max(0, (count ?? 0) - 1))}
            >
              −
            </button>
            <input
              inputMode="numeric"
              autoComplete="off"
              aria-label={t("count.field")}
              aria-invalid={wrong}
              placeholder="·····"
              value={draft ?? (count === null ? "" : String(count))}
              onChange={(event) => setDraft(event.target.value)}
              onBlur={commit}
              onKeyDown={(event) => {
                if (event.key === "Enter") commit();
              }}
            />
            <button type="button" aria-label={t("count.more")} onClick={() => set(Math.min(most, (count ?? 0) + 1))}>
              +
            </button>
          </div>
          {wrong && (
            <p className={styles.error} role="alert">
              {t("count.wrong", { most })}
            </p>
          )}
        </>
      )}
    </Row>
  );
}
