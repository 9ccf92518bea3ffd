"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import { questionSubject } from "@/core/handover/walk/walk-state";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { useHandover } from "../store/handover-context";
import styles from "./Walk.module.css";

/** A question the skipper asks on the walk; kept, so that it is answered and not asked again at night. */
export function AskSheet({ stop, onClose }: { stop: string; onClose: () => void }) {
  const t = useTranslations("walk");
  const store = useHandover();
  const [words, setWords] = useState("");
  const keep = () => {
    store.record(questionSubject(uuid()), "asked", { words: words.trim(), topic: stop }, "skipper");
    onClose();
  };
  return (
    <Sheet title={t("ask-title")} closeWord={t("close")} onClose={onClose}>
      <div className={styles.sheet}>
        <Field label={t("asked")}>
          {(ids) => (
            <textarea
              {...ids}
              rows={3}
              maxLength={500}
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          )}
        </Field>
        <Button look="main" large disabled={words.trim() === ""} onClick={keep}>
          {t("ask-keep")}
        </Button>
      </div>
    </Sheet>
  );
}
