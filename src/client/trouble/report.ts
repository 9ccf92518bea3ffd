import { useTranslations } from "next-intl";
import type { Fault } from "@/core/faults/fault";
import { safeCheck } from "@/core/faults/lead";
import type { Trouble } from "@/core/faults/trouble";
import type { YachtFile } from "@/core/yacht/schema";
import { useCheckWords, useFaultTitle, useSaidWords } from "./words";

/** What was found, line by line with its time: to be read out, and to be sent. */
export function useReport(
  file: YachtFile,
  clock: (instant: string) => string,
): (fault: Fault, trouble: Trouble | null, reference: string | null) => { head: string; lines: string[] } {
  const t = useTranslations("lead");
  const titleOf = useFaultTitle();
  const wordsOf = useCheckWords(file);
  const saidWords = useSaidWords();
  return (fault, trouble, reference) => {
    const title = titleOf(fault);
    const yacht = file.particulars.name;
    const lines = (trouble?.said ?? []).flatMap(({ about, check: key, heads }) =>
      heads.flatMap(({ at, said }) => {
        const check = fault.checks.find((each) => each.key === key);
        const words = check && wordsOf(check);
        if (about === "safe" && key === safeCheck) return [`${clock(at)} ${t("line-safe")}`];
        if (!words) return [];
        const answer = saidWords(words, said);
        if (about === "tried") return [`${clock(at)} ${t("line-tried", { answer })}`];
        return said === "cannot-find"
          ? [`${clock(at)} ${t("line-cannot-find", { question: words.ask })}`]
          : [`${clock(at)} ${t("line-looked", { question: words.ask, answer })}`];
      }),
    );
    return {
      head: reference === null ? `${yacht}: ${title}` : t("line-head", { yacht, reference, title }),
      lines,
    };
  };
}
