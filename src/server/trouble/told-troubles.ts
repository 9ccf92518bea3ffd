import "server-only";
import type { ToldTrouble } from "@/api/schemas/told-trouble";
import type { Words } from "@/core/basics/words";
import { languages } from "@/core/basics/languages";
import { faultsOf } from "@/core/faults/fault";
import { causeOf } from "@/core/faults/lead";
import { troublesOf } from "@/core/faults/trouble";
import { isOfTrouble } from "@/core/underway/log/entry";
import type { YachtFile } from "@/core/yacht/schema";
import { translatorOf, type Translator } from "@/messages/translator";
import { checkWords, faultTitle } from "@/messages/trouble-words";
import { boatLogOf } from "../db/boat-log";
import { answersOfAll } from "../db/calls";
import type { Queryable } from "../db/pool";

/** What a crew told was wrong under way, in words: it is known at the check-out, and nobody is blamed for it anew. */
export async function toldTroubles(db: Queryable, stayId: string, file: YachtFile): Promise<ToldTrouble[]> {
  const faults = faultsOf(file);
  const answers = (await answersOfAll(db, [stayId])).get(stayId) ?? [];
  return troublesOf((await boatLogOf(db, stayId)).filter(isOfTrouble)).map((trouble) => {
    const fault = faults.find(({ key }) => key === trouble.fault);
    const cause = fault && causeOf(fault, trouble);
    return {
      id: trouble.id,
      title: fault ? inWords((t, language) => faultTitle(t, fault, language)) : { en: trouble.fault },
      found: cause ? inWords((t, language) => checkWords(t, file, cause, language).is) : null,
      begunAt: trouble.begunAt,
      outcome: trouble.end?.outcome ?? null,
      said: [trouble.calls.at(-1)?.words ?? "", trouble.end?.words ?? ""].filter(Boolean),
      answer: answers.findLast((answer) => answer.trouble === trouble.id)?.words ?? null,
    };
  });
}

const inWords = (say: (t: Translator, language: string) => string): Words =>
  Object.fromEntries(languages.map((language) => [language, say(translatorOf(language), language)])) as Words;
