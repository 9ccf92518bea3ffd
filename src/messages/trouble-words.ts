import { localize } from "@/core/basics/words";
import type { AnswerSaid } from "@/core/faults/entry";
import type { Check, Fault } from "@/core/faults/fault";
import { safeCheck } from "@/core/faults/lead";
import type { Trouble } from "@/core/faults/trouble";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import type { Translator } from "./translator";

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
export function faultTitle(t: Translator, { kind, part }: Pick<Fault, "kind" | "part">, language?: string): string {
  const title = t(`fault.${kind as "no-water"}`);
  return part === null ? title : t("lead.of-part", { title, part: localize(part.name, language) });
}

/** The words of a fault's check, with her own names and figures in them. */
export function checkWords(t: Translator, file: YachtFile, check: Check, language?: string): CheckWords {
  const fitting = file.fittings[check.fitting ?? ""];
  const values = {
    ...check.figures,
    name: fitting ? localizeFigures(file, fitting.name, language) : "",
    minutes: check.waitMinutes ?? 0,
  };
  const keyOf = (part: string) => `fault-check.${check.code}_${part}` as "fault-check.breaker_ask";
  const say = (part: string) => t(keyOf(part), values);
  const mayHave = (part: string) => (t.has(keyOf(part)) ? say(part) : null);
  return {
    ask: say("ask"),
    look: mayHave("look"),
    is: say("is"),
    not: say("not"),
    cure: mayHave("cure"),
    where: [
      localize(file.places[check.place]?.name ?? { en: check.place }, language),
      fitting && localize(fitting.where, language),
    ]
      .filter(Boolean)
      .join(": "),
  };
}

/** What an answer says. */
export function saidWords(t: Translator, check: Pick<CheckWords, "is" | "not">, said: AnswerSaid): string {
  switch (said) {
    case "is":
      return check.is;
    case "not":
      return check.not;
    case "cannot-find":
      return t("lead.cannot-find");
    case "works":
    case "not-yet":
    case "went-on":
      return t(`lead.answer-${said}`);
    case "yes":
      return t("lead.still-yes");
    case "no":
      return t("lead.still-no");
  }
}

/** What was found, line by line with its time: to be read out, and to be sent. */
export function troubleLines(
  t: Translator,
  file: YachtFile,
  fault: Fault,
  { said: all }: Pick<Trouble, "said">,
  clock: (instant: string) => string,
): string[] {
  return all.flatMap(({ about, check: key, heads }) =>
    heads.flatMap(({ at, said }) => {
      const check = fault.checks.find((each) => each.key === key);
      if (about === "safe" && key === safeCheck) return [`${clock(at)} ${t("lead.line-safe")}`];
      if (!check) return [];
      const words = checkWords(t, file, check);
      const answer = saidWords(t, words, said);
      if (about === "tried") return [`${clock(at)} ${t("lead.line-tried", { answer })}`];
      const line =
        said === "cannot-find"
          ? t("lead.line-cannot-find", { question: words.ask })
          : t("lead.line-looked", { question: words.ask, answer });
      const isLicensed = said === "is" && check.found === "licensed";
      return [`${clock(at)} ${line}${isLicensed ? ` ${t("lead.line-licensed")}` : ""}`];
    }),
  );
}
