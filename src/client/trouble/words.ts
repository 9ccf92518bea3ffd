import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { AnswerSaid } from "@/core/faults/entry";
import type { Check, Fault } from "@/core/faults/fault";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";

/** What a check says: its question, how one looks, what one may see, and its cure. */
export interface CheckWords {
  ask: string;
  look: string | null;
  is: string;
  not: string;
  cure: string | null;
  /** her place, and exactly where there */
  where: string;
}

/** What a fault is called, and which part of her has it. */
export function useFaultTitle(): (fault: Pick<Fault, "kind" | "part">) => string {
  const t = useTranslations();
  return ({ kind, part }) => {
    const title = t(`fault.${kind}` as "fault.no-water");
    return part === null ? title : t("lead.of-part", { title, part: localize(part.name) });
  };
}

/** The words of a fault's checks, with her own names and figures in them. */
export function useCheckWords(file: YachtFile): (check: Check) => CheckWords {
  const t = useTranslations("fault-check");
  return (check) => {
    const fitting = file.fittings[check.fitting ?? ""];
    const values = {
      ...check.figures,
      name: fitting ? localizeFigures(file, fitting.name) : "",
      minutes: check.waitMinutes ?? 0,
    };
    const say = (part: string) => t(`${check.code}_${part}` as "breaker_ask", values);
    const has = (part: string) => t.has(`${check.code}_${part}` as "breaker_ask");
    return {
      ask: say("ask"),
      look: has("look") ? say("look") : null,
      is: say("is"),
      not: say("not"),
      cure: has("cure") ? say("cure") : null,
      where: [localize(file.places[check.place]?.name ?? { en: check.place }), fitting && localize(fitting.where)]
        .filter(Boolean)
        .join(": "),
    };
  };
}

/** What an answer says. */
export function useSaidWords(): (check: Pick<CheckWords, "is" | "not">, said: AnswerSaid) => string {
  const t = useTranslations("lead");
  return (check, said) => {
    switch (said) {
      case "is":
        return check.is;
      case "not":
        return check.not;
      case "cannot-find":
        return t("cannot-find");
      case "works":
      case "not-yet":
      case "went-on":
        return t(`answer-${said}`);
      case "yes":
        return t("still-yes");
      case "no":
        return t("still-no");
    }
  };
}
