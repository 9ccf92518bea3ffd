"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import styles from "./Row.module.css";

/** Asks for words to what was chosen, and keeps nothing without them. */
export function WhyField({
  label,
  hint,
  onKeep,
  onBack,
}: {
  label: string;
  hint?: string | undefined;
  onKeep: (words: string) => void;
  onBack: () => void;
}) {
  const t = useTranslations();
  const [words, setWords] = useState("");
  const [empty, setEmpty] = useState(false);
  const keep = () => {
    const said = words.trim();
    if (said === "") setEmpty(true);
    else onKeep(said);
  };
  return (
    <div className={styles.ask}>
      <Field label={label} error={empty ? t("test.words-missing") : null} hint={hint}>
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
      <Button onClick={onBack}>{t("common.back")}</Button>
    </div>
  );
}
