"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { Check } from "@/core/faults/fault";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import styles from "../Trouble.module.css";
import { useCheckWords } from "../words";

interface Props {
  file: YachtFile;
  check: Check | null;
  onKeep: (words: string) => void;
}

/** The end: what it was, and what the base should know; kept with the charter, so that nobody is blamed for it. */
export function WorksAgain({ file, check, onKeep }: Props) {
  const t = useTranslations("lead");
  const wordsOf = useCheckWords(file);
  const words = check && wordsOf(check);
  const [text, setText] = useState("");
  return (
    <>
      <h2>{t("ended-title")}</h2>
      <p className={styles.cure}>
        {words ? t("ended-was", { words: `${words.ask} ${words.is}.` }) : t("ended-nothing")}
      </p>
      <Field label={t("anything")}>
        {(ids) => (
          <textarea {...ids} rows={2} maxLength={500} value={text} onChange={({ target }) => setText(target.value)} />
        )}
      </Field>
      <Button look="main" large onClick={() => onKeep(text.trim())}>
        {t("keep")}
      </Button>
      <p>{t("kept")}</p>
    </>
  );
}
