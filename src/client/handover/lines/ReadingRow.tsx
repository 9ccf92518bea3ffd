"use client";
import { useTranslations, type AppConfig } from "next-intl";
import { useMemo, useState } from "react";
import { say } from "@/core/basics/words";
import type { ReadingValue } from "@/core/handover/aspects";
import { lineSubject, type ReadingLine } from "@/core/handover/list";
import { fetchedOf, isCorrected, judgeReading } from "@/core/handover/state";
import { readingRules } from "@/core/readings";
import { mayBeLeftOut, type ReadField } from "@/core/readings/rule";
import { fetchedWords, readingWords } from "@/messages/line-words";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { useCell, useHandover } from "../context";
import { Row } from "./Row";
import styles from "./Row.module.css";

type Draft = Record<string, string | boolean>;
type FieldName = Exclude<keyof AppConfig["Messages"]["field"], symbol>;

function optionsOf(
  t: ReturnType<typeof useTranslations<never>>,
  field: Extract<ReadField, { type: "choice" | "yes-no" }>,
): { value: string; word: string }[] {
  if (field.type === "yes-no") return (["yes", "no"] as const).map((value) => ({ value, word: t(`option.${value}`) }));
  return field.options.map((value) => ({ value, word: t(`option.${field.name}-${value}` as "option.looks-clean") }));
}

/** A value to be read off; judged at once by its rule. */
export function ReadingRow({ line }: { line: ReadingLine }) {
  const t = useTranslations();
  const store = useHandover();
  const cell = useCell(lineSubject(line.id), "reading");
  const value = cell && !cell.fork ? (cell.value as ReadingValue) : null;
  const rule = readingRules[line.reading];
  const fields = useMemo(
    () =>
      (rule?.fields ?? []).filter(
        (field) => !(field.type === "number" && field.unless !== undefined && line.given[field.unless] === true),
      ),
    [rule, line],
  );
  const [draft, setDraft] = useState<Draft>(() =>
    Object.fromEntries(fields.map((field) => [field.name, asDraft(value?.[field.name])])),
  );
  const fetchedCell = useCell(lineSubject(line.id), "fetched");
  const fetched = fetchedCell ? fetchedOf(store.folded(), line) : null;
  // what the boat measured stands in the field until somebody writes there
  const shown = (next: Draft, name: string) => {
    const measured = fetched?.values[name];
    return next[name] === "" && measured !== undefined && value === null ? String(measured) : next[name];
  };
  const [wrong, setWrong] = useState<string | null>(null);
  const judgement = value ? judgeReading(line, value) : null;
  const history = (line.given.history as number[] | undefined)?.join(" · ");

  const commit = (next: Draft) => {
    setDraft(next);
    const parsed: ReadingValue = {};
    for (const field of fields) {
      const read = parse(field, shown(next, field.name));
      if (read === "empty" && mayBeLeftOut(field)) continue;
      if (read === "empty") return setWrong(null);
      if (read === "wrong") return setWrong(field.name);
      parsed[field.name] = read.value;
    }
    setWrong(null);
    const same = value && fields.every((field) => value[field.name] === parsed[field.name]);
    if (!same) store.recordLine(line, parsed);
  };

  return (
    <Row
      line={line}
      cell={cell}
      verdict={judgement?.verdict ?? null}
      says={value && readingWords(t, line.reading, value)}
      how={say(line.how, "en")}
      wide
    >
      {() => (
        <div className={styles.fields}>
          {fields.map((field) =>
            field.type === "choice" || field.type === "yes-no" ? (
              <div key={field.name} className={styles.free}>
                <p aria-hidden="true">{t(`field.${field.name as FieldName}`)}</p>
                <Choice
                  label={t(`field.${field.name as FieldName}`)}
                  options={optionsOf(t, field)}
                  value={(draft[field.name] as string) || null}
                  onChoose={(chosen) => commit({ ...draft, [field.name]: chosen })}
                />
              </div>
            ) : (
              <Field
                key={field.name}
                label={t(`field.${field.name as FieldName}`)}
                error={wrong === field.name ? t(`field.wrong-${field.type}`) : null}
              >
                {(ids) => (
                  <input
                    {...ids}
                    type={field.type === "date" ? "month" : "text"}
                    inputMode={field.type === "number" ? "decimal" : undefined}
                    placeholder={field.type === "date" ? "2027-06" : undefined}
                    autoComplete="off"
                    value={String(shown(draft, field.name) ?? "")}
                    onChange={(event) =>
                      field.type === "date"
                        ? commit({ ...draft, [field.name]: event.target.value })
                        : setDraft({ ...draft, [field.name]: event.target.value })
                    }
                    onBlur={() => commit(draft)}
                    onKeyDown={(event) => {
                      if (event.key === "Enter") commit(draft);
                    }}
                  />
                )}
              </Field>
            ),
          )}
          {fetched && (
            <p className={styles.judged}>
              {t(value && isCorrected(value, fetched) ? "boat-data.corrected" : "boat-data.said", {
                from: fetched.from,
                value: fetchedWords(t, fetched.values),
              })}{" "}
              {!value && t("boat-data.part")}
            </p>
          )}
          {history && <p className={styles.judged}>{t("reading.last", { history })}</p>}
          {judgement && (judgement.verdict !== "fine" || judgement.provisional) && (
            <p className={styles.judged} role="status">
              {judgement.askAgain && <strong className={styles.again}>{t("reading.again")} </strong>}
              <strong>{judgement.why}.</strong> {judgement.do} {t("reading.limit", { from: judgement.limit.from })}
            </p>
          )}
        </div>
      )}
    </Row>
  );
}

const asDraft = (value: number | string | boolean | undefined): string =>
  value === undefined ? "" : typeof value === "boolean" ? (value ? "yes" : "no") : String(value);

function parse(
  field: ReadField,
  typed: string | boolean | undefined,
): "empty" | "wrong" | { value: number | string | boolean } {
  const text = String(typed ?? "").trim();
  if (text === "") return "empty";
  if (field.type === "choice") return { value: text };
  if (field.type === "yes-no") return { value: text === "yes" };
  if (field.type === "date") return /^\d{4}-\d{2}(-\d{2})?$/.test(text) ? { value: text } : "wrong";
  const number = Number(text.replace(",", "."));
  return Number.isFinite(number) && number >= field.least && number <= field.most ? { value: number } : "wrong";
}
