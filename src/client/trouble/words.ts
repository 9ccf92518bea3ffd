import { useTranslations } from "next-intl";
import type { AnswerSaid } from "@/core/faults/entry";
import type { Check, Fault } from "@/core/faults/fault";
import type { YachtFile } from "@/core/yacht/schema";
import type { Translator } from "@/messages/translator";
import { checkWords, faultTitle, saidWords, type CheckWords } from "@/messages/trouble-words";

const useWords = (): Translator => useTranslations() as unknown as Translator;

/** What a fault is called, and which part of her has it. */
export function useFaultTitle(): (fault: Pick<Fault, "kind" | "part">) => string {
  const t = useWords();
  return (fault) => faultTitle(t, fault);
}

/** The words of a fault's checks, with her own names and figures in them. */
export function useCheckWords(file: YachtFile): (check: Check) => CheckWords {
  const t = useWords();
  return (check) => checkWords(t, file, check);
}

/** What an answer says. */
export function useSaidWords(): (check: Pick<CheckWords, "is" | "not">, said: AnswerSaid) => string {
  const t = useWords();
  return (check, said) => saidWords(t, check, said);
}
