"use client";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useState, useSyncExternalStore } from "react";
import { leftBerthAt } from "@/core/handover/addenda/deadlines";
import { addHours } from "@/core/basics/instant";
import { Button } from "@/ui/Button";
import type { BookStore } from "../store/book-store";
import { AddendumWords } from "./AddendumWords";
import styles from "./Book.module.css";
import { ReportForm } from "./ReportForm";
import { useAt } from "./useAt";

/** After the signature: leaving the berth, what may still be reported and until when, late findings with their answers, and the base's visits to be read. */
export function AfterCheckIn({ store }: { store: BookStore }) {
  const t = useTranslations();
  const subscribe = useCallback((listener: () => void) => store.onChange(listener), [store]);
  useSyncExternalStore(
    subscribe,
    () => store.save(),
    () => store.save(),
  );
  const [reporting, setReporting] = useState<{ line: string | null } | null>(null);
  // what makes photos small is on the device before the signal goes
  useEffect(() => void import("../photos/re-encode").catch(() => undefined), []);
  const { afterwards, base } = store.book;
  const at = useAt(base.timeZone);
  if (!afterwards) return null;
  const leftAt = leftBerthAt(store.addenda());
  const read = new Set(store.addenda().flatMap((each) => (each.kind === "acknowledgement" ? [each.to] : [])));
  const waiting = store.waitingAddenda();
  return (
    <section className={styles.part} aria-label={t("after.title")}>
      <h2>{t("after.title")}</h2>
      {leftAt === null ? (
        <>
          <p>{t("after.clock")}</p>
          <Button
            look="main"
            large
            onClick={() => void store.add({ kind: "left-berth", leftAt: new Date().toISOString() })}
          >
            {t("after.leave")}
          </Button>
        </>
      ) : (
        <p>{t("after.left", { at: at(leftAt) })}</p>
      )}
      {afterwards.open.length > 0 && (
        <StillOpen open={afterwards.open} leftAt={leftAt} at={at} onReport={(line) => setReporting({ line })} />
      )}
      {reporting ? (
        <ReportForm key={reporting.line ?? ""} store={store} line={reporting.line} onDone={() => setReporting(null)} />
      ) : (
        <Button onClick={() => setReporting({ line: null })}>{t("after.report")}</Button>
      )}
      {(afterwards.addenda.length > 0 || waiting.length > 0) && (
        <ul className={styles.noted}>
          {afterwards.addenda.map((each) => (
            <li key={each.addendum.id}>
              <div>
                <AddendumWords kept={each} timeZone={base.timeZone} />
                {(each.addendum.kind === "visit" || each.addendum.kind === "answer") && !read.has(each.addendum.id) && (
                  <p>
                    <Button
                      onClick={() => void store.add({ kind: "acknowledgement", to: each.addendum.id, words: "" })}
                    >
                      {t("after.have-read")}
                    </Button>
                  </p>
                )}
              </div>
            </li>
          ))}
          {waiting.map((each) => (
            <WaitingAddendum key={each.id} waiting={each} by={store.book.skipper} timeZone={base.timeZone} />
          ))}
        </ul>
      )}
    </section>
  );
}

/** What could not be tried or was left open at the check-in, and until when it may be reported. */
function StillOpen({
  open,
  leftAt,
  at,
  onReport,
}: {
  open: NonNullable<BookStore["book"]["afterwards"]>["open"];
  leftAt: string | null;
  at: (instant: string) => string;
  onReport: (line: string) => void;
}) {
  const t = useTranslations();
  return (
    <>
      <h3>{t("after.open")}</h3>
      <ul className={styles.open}>
        {open.map((each) => (
          <li key={each.line}>
            <div>
              <strong>{each.name}</strong>
              <p>
                {each.place}, {each.reason}.{" "}
                {leftAt === null
                  ? t("after.within", { hours: each.hours })
                  : t("after.until", { at: at(addHours(leftAt, each.hours)) })}
              </p>
            </div>
            <Button onClick={() => onReport(each.line)} aria-label={`${t("after.report-this")}: ${each.name}`}>
              {t("after.report-this")}
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Something reported on this device, and whether the base has it. */
function WaitingAddendum({
  waiting: { addendum, state, message },
  by,
  timeZone,
}: {
  waiting: ReturnType<BookStore["waitingAddenda"]>[number];
  by: string;
  timeZone: string;
}) {
  const t = useTranslations();
  return (
    <li>
      <div>
        <AddendumWords kept={{ addendum, receivedAt: null, by, about: null, inTime: null }} timeZone={timeZone} />
        <p role="status">
          {state === "refused"
            ? t("after.refused", { message: message ?? "" })
            : state === "there"
              ? t("after.sent")
              : t("after.waiting")}
        </p>
      </div>
    </li>
  );
}
