"use client";
import { useTranslations } from "next-intl";
import type { AnswerSaid } from "@/core/faults/entry";
import type { Check } from "@/core/faults/fault";
import { isForBase } from "@/core/faults/lead";
import type { YachtFile } from "@/core/yacht/schema";
import { CheckPicture } from "../CheckPicture";
import styles from "../Trouble.module.css";
import { useCheckWords } from "../words";

interface Props {
  file: YachtFile;
  check: Check;
  /** which of how many it is; none where it is asked once more */
  count: { number: number; of: number } | null;
  /** what was said before, where it is asked once more */
  before?: AnswerSaid | null;
  onSay: (said: "is" | "not" | "cannot-find") => void;
}

/** One question, where to look, and big answers. */
export function AskCheck({ file, check, count, before = null, onSay }: Props) {
  const t = useTranslations("lead");
  const words = useCheckWords(file)(check);
  const said = [
    ["is", words.is],
    ["not", words.not],
    ["cannot-find", t(check.fitting === null ? "cannot-tell" : "cannot-find")],
  ] as const;
  return (
    <>
      {count && <p className={styles.count}>{t("number", count)}</p>}
      <h2>{words.ask}</h2>
      <CheckPicture file={file} check={check} where={words.where} />
      {words.look && <p>{words.look}</p>}
      {isForBase(check) && <p>{t(check.found === "licensed" ? "licensed-only" : "call-first")}</p>}
      <div className={styles.answers}>
        {said.map(([each, label]) => (
          <button
            key={each}
            type="button"
            aria-pressed={before === null ? undefined : before === each}
            onClick={() => onSay(each)}
          >
            {label}
          </button>
        ))}
      </div>
      {check.found === "cure" && check.waitMinutes !== null && (
        <p className={styles.note}>{t("wait-note", { minutes: check.waitMinutes })}</p>
      )}
    </>
  );
}
