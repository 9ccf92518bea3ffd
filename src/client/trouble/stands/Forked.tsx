"use client";
import { useTranslations } from "next-intl";
import type { AnswerSaid, TroubleAnswer } from "@/core/faults/entry";
import type { Check } from "@/core/faults/fault";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "../Trouble.module.css";
import { CheckPicture } from "../CheckPicture";
import { useCheckWords, useSaidWords } from "../words";

interface Props {
  file: YachtFile;
  check: Check;
  heads: readonly TroubleAnswer[];
  clock: (instant: string) => string;
  onSay: (said: AnswerSaid) => void;
}

/** Two telephones gave different answers: both are shown, and a person says which is so. */
export function Forked({ file, check, heads, clock, onSay }: Props) {
  const t = useTranslations("lead");
  const words = useCheckWords(file)(check);
  const saidWords = useSaidWords();
  return (
    <>
      <p className={styles.count}>{t("fork")}</p>
      <h2>{words.ask}</h2>
      <CheckPicture file={file} check={check} where={words.where} />
      <p className={styles.note}>{t("fork-words")}</p>
      <div className={styles.answers}>
        {heads.map(({ id, said, at }) => (
          <button key={id} type="button" onClick={() => onSay(said)}>
            {saidWords(words, said)} <small>{clock(at)}</small>
          </button>
        ))}
      </div>
    </>
  );
}
