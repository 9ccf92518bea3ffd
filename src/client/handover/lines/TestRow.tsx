"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { say } from "@/core/basics/words";
import type { ResultValue } from "@/core/handover/aspects";
import { testVerdict } from "@/core/handover/state";
import { lineSubject, type TestLine } from "@/core/handover/list";
import { valueWords } from "@/messages/line-words";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { useCell, useHandover } from "../context";
import { Row } from "./Row";
import styles from "./Row.module.css";

type Result = ResultValue["result"];
const tried: Result[] = ["works", "works-but", "fails", "not-tried"];
const shown: Result[] = ["shown", "fails", "not-tried"];

/** A thing to be tried by the skipper's own hand. */
export function TestRow({ line }: { line: TestLine }) {
  const t = useTranslations();
  const store = useHandover();
  const cell = useCell(lineSubject(line.id), "result");
  const value = cell && !cell.fork ? (cell.value as ResultValue) : null;
  const [asking, setAsking] = useState<Exclude<Result, "works" | "shown"> | null>(null);
  const [words, setWords] = useState("");
  const [empty, setEmpty] = useState(false);
  const choose = (result: Result) => {
    setEmpty(false);
    setWords("");
    if (result !== "works" && result !== "shown") return setAsking(result);
    setAsking(null);
    store.recordLine(line, { result });
  };
  const keep = () => {
    const said = words.trim();
    if (!asking) return;
    if (said === "") return setEmpty(true);
    store.recordLine(
      line,
      asking === "not-tried"
        ? { result: asking, reason: said, withinHours: line.waitHours }
        : { result: asking, remark: said },
    );
    setAsking(null);
  };
  const isPrep = store.bundle.list.kind === "prep";
  const results = line.when === "shown" ? shown : tried;
  return (
    <Row
      line={line}
      cell={cell}
      verdict={value && testVerdict(line, value)}
      says={value && valueWords(t, line, value)}
      how={say(line.how, "en")}
      note={line.caution && say(line.caution, "en")}
      tag={isPrep ? undefined : t(line.when === "shown" ? "test.only-shown" : "test.skipper")}
      below={
        asking && (
          <div className={styles.ask}>
            <Field
              label={t(`test.ask-${asking}`)}
              error={empty ? t("test.words-missing") : null}
              hint={
                asking === "not-tried"
                  ? line.waitHours
                    ? t("test.within", { hours: line.waitHours })
                    : t("test.alongside")
                  : undefined
              }
            >
              {(ids) => (
                <input
                  {...ids}
                  maxLength={500}
                  value={words}
                  autoFocus
                  onChange={(event) => setWords(event.target.value)}
                  onKeyDown={(event) => {
                    if (event.key === "Enter") keep();
                  }}
                />
              )}
            </Field>
            <Button look="main" onClick={keep}>
              {t("common.keep")}
            </Button>
            <Button onClick={() => setAsking(null)}>{t("common.back")}</Button>
          </div>
        )
      }
    >
      {() => (
        <Choice
          label={say(line.name, "en")}
          options={results.map((result) => ({
            value: result,
            word: isPrep && result !== "shown" ? t(`test.prep-${result}`) : t(`test.${result}`),
          }))}
          value={asking ?? value?.result ?? null}
          onChoose={choose}
        />
      )}
    </Row>
  );
}
