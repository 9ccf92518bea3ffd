"use client";
import { printAboardCard, readAboard } from "@/api/aboard";
import { AppError } from "@/api/app-error";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useState, type SubmitEvent } from "react";
import type { AboardBook } from "@/api/schemas/book";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { HullIcon } from "@/ui/plan/HullIcon";
import { call, href } from "../api/call";
import styles from "../book/Book.module.css";
import { NoSignalState } from "../offline/NoSignalState";
import { keepAboard, keptAboard } from "../store/aboard-store";
import { EmergencyButton } from "../parts/EmergencyButton";
import { YachtBook, type StartAt } from "../book/YachtBook";

/** What the code posted aboard opens: `#CODE`, or from a label `#CODE/place` or `#CODE/fitting/key`. Nothing personal. */
export function AboardShell() {
  const t = useTranslations();
  const [book, setBook] = useState<AboardBook | null>(null);
  const [start, setStart] = useState<StartAt>({});
  const [fault, setFault] = useState<string | null>(null);
  const [openCode, setOpenCode] = useState("");
  const [keptBytes, setKeptBytes] = useState<number | null>(null);
  const load = useCallback(
    async (code: string, at: StartAt = {}) => {
      setOpenCode(code);
      try {
        const opened = await call(readAboard, { params: { code } });
        setStart(at);
        setBook(opened);
        setFault(null);
        setKeptBytes(await keepAboard(code, opened).catch(() => null));
      } catch (error) {
        // without signal it opens as this device kept it
        const kept = error instanceof AppError ? null : await keptAboard(code).catch(() => null);
        if (kept) {
          setStart(at);
          return setBook(kept);
        }
        setFault(error instanceof AppError ? error.message : t("desk.no-signal"));
      }
    },
    [t],
  );
  useEffect(() => {
    const [code, at, fitting] = decodeURIComponent(location.hash.slice(1)).split("/");
    // opening what the address names is what this effect is for
    // eslint-disable-next-line react-hooks/set-state-in-effect
    if (code) void load(code, at === "fitting" ? { fitting } : { place: at });
  }, [load]);
  const open = (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    const code = String(new FormData(event.currentTarget).get("code")).trim().toUpperCase();
    if (code !== "") void load(code);
  };
  if (!book) {
    return (
      <main className={styles.alone}>
        <h1>{t("aboard.code")}</h1>
        <form onSubmit={open} style={{ display: "grid", gap: 16 }}>
          <Field label={t("aboard.ask")} error={fault}>
            {(ids) => (
              <input {...ids} name="code" autoComplete="off" autoCapitalize="characters" maxLength={20} required />
            )}
          </Field>
          <Button type="submit" look="main" large>
            {t("aboard.open")}
          </Button>
        </form>
      </main>
    );
  }
  const { particulars } = book.yacht.file;
  return (
    <div className={styles.page}>
      <header className={styles.top}>
        <div>
          <h1>{book.yacht.name}</h1>
          <p>{t("aboard.words")}</p>
          <p>
            <a href={`tel:${book.base.phone.replaceAll(" ", "")}`}>{t("book.call", { phone: book.base.phone })}</a> ·{" "}
            <a href={href(printAboardCard, { params: { code: openCode } })} target="_blank" rel="noreferrer">
              {t("card.link")}
            </a>
          </p>
        </div>
        <HullIcon particulars={particulars} tone="on-dark" width={84} />
      </header>
      <EmergencyButton file={book.yacht.file} />
      <main className={styles.part}>
        {keptBytes !== null && <NoSignalState shell="/aboard" bytes={keptBytes} />}
        <YachtBook file={book.yacht.file} start={start} />
      </main>
    </div>
  );
}
