"use client";
import { useTranslations } from "next-intl";
import { useMemo, useState, type ReactNode } from "react";
import { localize } from "@/core/basics/words";
import { asRecorded, kindOf, type Line } from "@/core/handover/lines";
import type { ReadingValue } from "@/core/readings";
import { mayBeLeftOut } from "@/core/readings/rule";
import { saidIn } from "@/messages/line-words";
import { Button } from "@/ui/Button";
import { useHandover, useLine } from "../store/handover-context";
import { ReadFieldInput, parsedField, typedField } from "./ReadFieldInput";
import { Row } from "./Row";
import styles from "./Row.module.css";

/** A line that is nothing but fields to be read off: kept once all of them are there and can be. */
export function FieldsRow({
  line,
  measured,
  children,
}: {
  line: Line;
  /** what an instrument said, by field: it stands in a field until somebody writes there */
  measured?: Readonly<Record<string, number>> | undefined;
  children?: ReactNode;
}) {
  const t = useTranslations();
  const store = useHandover();
  const kind = kindOf(line);
  // a kind that is made of fields records them by their names
  const value = useLine(line).value as ReadingValue | null;
  const fields = useMemo(() => kind.fields?.(line) ?? [], [kind, line]);
  const [typed, setTyped] = useState<Record<string, string>>(() =>
    Object.fromEntries(fields.map(({ name }) => [name, typedField(value?.[name])])),
  );
  const [wrong, setWrong] = useState<string | null>(null);
  const shown = (next: Record<string, string>, name: string): string => {
    const said = measured?.[name];
    return (next[name] ?? "") === "" && said !== undefined && value === null ? String(said) : (next[name] ?? "");
  };
  const commit = (next: Record<string, string>) => {
    setTyped(next);
    const parsed: ReadingValue = {};
    for (const field of fields) {
      const read = parsedField(field, shown(next, field.name));
      if (read === "empty" && mayBeLeftOut(field)) continue;
      if (read === "empty") return setWrong(null);
      if (read === "wrong") return setWrong(field.name);
      parsed[field.name] = read.value;
    }
    setWrong(null);
    const same = value && fields.every(({ name }) => value[name] === parsed[name]);
    if (!same) store.recordLine(line, asRecorded(line, parsed));
  };
  const caution = kind.caution?.(line);
  const asBefore = "given" in line && typeof line.given.lastDate === "string" ? line.given.lastDate : null;
  return (
    <Row
      line={line}
      how={"how" in line ? localize(line.how) : kind.how ? saidIn(t, kind.how(line)) : ""}
      note={
        caution ? saidIn(t, caution) : "gaugeStands" in line && line.gaugeStands ? localize(line.gaugeStands) : null
      }
      wide
    >
      {() => (
        <div className={styles.fields}>
          {asBefore !== null && (typed.date ?? "") === "" && (
            <Button onClick={() => commit({ ...typed, date: asBefore })}>
              {t("field.as-before", { date: asBefore })}
            </Button>
          )}
          {fields.map((field) => (
            <ReadFieldInput
              key={field.name}
              field={field}
              value={shown(typed, field.name)}
              isWrong={wrong === field.name}
              onType={(text) => setTyped({ ...typed, [field.name]: text })}
              onKeep={(text) => commit(text === undefined ? typed : { ...typed, [field.name]: text })}
            />
          ))}
          {children}
        </div>
      )}
    </Row>
  );
}
