"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import { localize } from "@/core/basics/words";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { useHandover } from "../store/handover-context";
import styles from "./Sheets.module.css";

/** A thing that is on no list: what it looks like, how many, and where it lies. */
export function UnlistedThingSheet({ place, onClose }: { place: string; onClose: () => void }) {
  const t = useTranslations();
  const store = useHandover();
  const [words, setWords] = useState("");
  const [count, setCount] = useState("1");
  const [tried, setTried] = useState(false);
  const number = Number(count);
  const countWrong = !Number.isInteger(number) || number < 1 || number > 9999;
  const here = store.bundle.list.places.find((each) => each.id === place);
  const keep = () => {
    setTried(true);
    if (words.trim() === "" || countWrong) return;
    store.record(`found:${uuid()}`, "found", { place, words: words.trim(), count: number });
    onClose();
  };
  return (
    <Sheet
      title={t("found.ask", { place: here ? localize(here.name) : place })}
      closeWord={t("common.close")}
      onClose={onClose}
      foot={
        <Button look="main" large onClick={keep}>
          {t("common.keep")}
        </Button>
      }
    >
      <div className={styles.stack}>
        <p>{t("found.hint")}</p>
        <Field label={t("found.what")} error={tried && words.trim() === "" ? t("found.what-missing") : null}>
          {(ids) => (
            <input
              {...ids}
              maxLength={500}
              value={words}
              autoFocus
              onChange={(event) => setWords(event.target.value)}
            />
          )}
        </Field>
        <Field label={t("found.count")} error={tried && countWrong ? t("count.wrong", { most: 9999 }) : null}>
          {(ids) => (
            <input {...ids} inputMode="numeric" value={count} onChange={(event) => setCount(event.target.value)} />
          )}
        </Field>
      </div>
    </Sheet>
  );
}
