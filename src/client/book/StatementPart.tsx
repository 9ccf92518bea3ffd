"use client";
import { objectToLine, printStatement } from "@/api/stays";
import { AppError } from "@/api/app-error";
import { call, href } from "../api/call";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { BoatBook } from "@/api/schemas/book";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { useMoney } from "../language/useMoney";
import styles from "./Book.module.css";
import { useAt } from "./useAt";
import { useLanguage } from "../language/language";

type Settled = NonNullable<BoatBook["settlement"]>;

/** The signed statement, and, where the charterer did not sign it, the time to object and a way to do so line by line. */
export function StatementPart({
  settlement,
  stayId,
  currency,
  timeZone,
  onChanged,
}: {
  settlement: Settled;
  stayId: string;
  currency: string;
  timeZone: string;
  onChanged: () => void;
}) {
  const t = useTranslations("book");
  const language = useLanguage();
  const at = useAt(timeZone);
  const money = useMoney(currency);
  return (
    <article className={styles.record}>
      <h3>{t("settled", { at: at(settlement.sealedAt) })}</h3>
      <dl className={styles.sums}>
        <dt>{t("due")}</dt>
        <dd>{money(settlement.dueMinor)}</dd>
        <dt>{t("held")}</dt>
        <dd>{money(settlement.heldMinor)}</dd>
        <dt>{t("released")}</dt>
        <dd>{money(settlement.releaseMinor)}</dd>
      </dl>
      {settlement.objectUntil !== null && (
        <p role="status">{t("object-until", { until: at(settlement.objectUntil) })}</p>
      )}
      {settlement.lines.length > 0 && (
        <ul className={styles.noted}>
          {settlement.lines.map((line) => (
            <StatementLine key={line.id} {...{ line, stayId, money, onChanged }} />
          ))}
        </ul>
      )}
      <p className={styles.links}>
        <a
          href={href(printStatement, { params: { id: stayId }, query: { language } })}
          target="_blank"
          rel="noreferrer"
        >
          {t("statement")}
        </a>
      </p>
    </article>
  );
}

/** One line of the statement, what was said to it, and the way to object to it. */
function StatementLine({
  line,
  stayId,
  money,
  onChanged,
}: {
  line: Settled["lines"][number];
  stayId: string;
  money: (minor: number) => string;
  onChanged: () => void;
}) {
  const t = useTranslations("book");
  const [objecting, setObjecting] = useState(false);
  const [words, setWords] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const object = async () => {
    if (words.trim() === "") return setFault(t("object-why"));
    try {
      await call(objectToLine, { params: { id: stayId }, body: { line: line.id, words: words.trim() } });
      setObjecting(false);
      setWords("");
      setFault(null);
      onChanged();
    } catch (error) {
      setFault(error instanceof AppError ? error.message : t("object-no-signal"));
    }
  };
  return (
    <li style={{ display: "grid", gap: 8 }}>
      <span>
        <strong>{line.name}</strong>: {line.how}.{" "}
        {t(`line-${line.state}`, { sum: money(line.state === "closed" ? line.finalMinor : line.atMostMinor) })}
      </span>
      {line.said.map((each) => (
        <span key={each}>{each}</span>
      ))}
      {line.mayObject &&
        (objecting ? (
          <>
            <Field label={t("object-words")} error={fault}>
              {(ids) => (
                <textarea
                  {...ids}
                  rows={3}
                  maxLength={1000}
                  value={words}
                  onChange={(event) => setWords(event.target.value)}
                />
              )}
            </Field>
            <Button look="main" onClick={() => void object()}>
              {t("object-send")}
            </Button>
          </>
        ) : (
          <Button onClick={() => setObjecting(true)} aria-label={`${t("object")}: ${line.name}`}>
            {t("object")}
          </Button>
        ))}
    </li>
  );
}
