"use client";
import { useTranslations } from "next-intl";
import type { Check } from "@/core/faults/fault";
import type { CallReason } from "@/core/faults/lead";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import styles from "../Trouble.module.css";
import { useCheckWords } from "../words";

interface Props {
  file: YachtFile;
  reason: CallReason;
  check: Check | null;
  /** where there is more to look at */
  onGoOn: (() => void) | null;
  onLivesWith: () => void;
}

/** Where a crew's part ends: why, what was found, and what to leave as it is until the base has spoken. */
export function ToTheBase({ file, reason, check, onGoOn, onLivesWith }: Props) {
  const t = useTranslations("lead");
  const wordsOf = useCheckWords(file);
  const words = check && wordsOf(check);
  return (
    <>
      <h2>{t("call-title")}</h2>
      <p className={styles.note}>{t(`why-${reason}`)}</p>
      {words && <p>{t("found-it", { words: `${words.ask} ${words.is}.` })}</p>}
      {/* what was tried in vain is not told again */}
      {(reason === "found" || reason === "licensed") && words?.cure && <p className={styles.cure}>{words.cure}</p>}
      {onGoOn && <Button onClick={onGoOn}>{t("go-on")}</Button>}
      <Button look="quiet" onClick={onLivesWith}>
        {t("lives-with")}
      </Button>
    </>
  );
}
