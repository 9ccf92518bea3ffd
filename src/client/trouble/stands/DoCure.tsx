"use client";
import { useTranslations } from "next-intl";
import type { AnswerSaid } from "@/core/faults/entry";
import type { Check } from "@/core/faults/fault";
import type { YachtFile } from "@/core/yacht/schema";
import { CheckPicture } from "../CheckPicture";
import styles from "../Trouble.module.css";
import { useCheckWords } from "../words";
import { Wait } from "./Wait";

interface Props {
  file: YachtFile;
  check: Check;
  /** from when on it is tried; null where nothing has to cool */
  until: string | null;
  /** whether she must lie safe meanwhile, asked again while one waits */
  asksSafe: boolean;
  onTried: (said: Extract<AnswerSaid, "works" | "not-yet">) => void;
}

/** What to do about what was found, the wait where a motor cools, and whether it helped. */
export function DoCure({ file, check, until, asksSafe, onTried }: Props) {
  const t = useTranslations("lead");
  const words = useCheckWords(file)(check);
  return (
    <>
      <p className={styles.count}>{words.is}</p>
      <h2>{t("cure-title")}</h2>
      <p className={styles.cure}>{words.cure}</p>
      {until && <Wait key={until} file={file} until={until} asksSafe={asksSafe} />}
      <CheckPicture file={file} check={check} where={words.where} />
      <div className={styles.answers}>
        <button type="button" onClick={() => onTried("works")}>
          {t("works")}
        </button>
        <button type="button" onClick={() => onTried("not-yet")}>
          {t("not-yet")}
        </button>
      </div>
    </>
  );
}
