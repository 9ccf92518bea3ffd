import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { Anchoring } from "@/core/planners/anchor/schema";
import { byMarks } from "@/core/underway/marks";
import { lineColours } from "@/core/yacht/parts/lines";
import type { YachtFile } from "@/core/yacht/schema";
import { useLanguage } from "../../language/language";
import { Answer } from "../frame/Answer";
import { useShown } from "../frame/units";

type Tackle = YachtFile["groundTackle"][string];

/** How much to let out, in metres and in the marks of her chain, and what takes the load then. */
export function LetOut({ answer, tackle, isOwn }: { answer: Anchoring; tackle: Tackle; isOwn: boolean }) {
  const t = useTranslations("anchoring");
  const shown = useShown()("m");
  const marked = useMarkWords(tackle);
  const { letOutM, chainM, ropeM } = answer;
  return (
    <Answer over={t(isOwn ? "you-let-out" : "let-out")} figure={shown.words(letOutM)}>
      {ropeM > 0 ? (
        <span>
          {t(chainM > 0 ? "chain-and-rope" : "rope-alone", { chain: shown.words(chainM), rope: shown.words(ropeM) })}
        </span>
      ) : (
        <span>{marked(letOutM)}</span>
      )}
    </Answer>
  );
}

/** Where a length of chain lies by its marks, in words. */
function useMarkWords({ marks }: Tackle): (lengthM: number) => string {
  const t = useTranslations("anchoring");
  const language = useLanguage();
  const shown = useShown()("m");
  const rig = useTranslations("rig");
  // the usual colours have their words in every language, whatever the file was written in
  const colour = ({ colour: told }: Tackle["marks"][number]) => {
    const usual = lineColours.find((each) => each === localize(told));
    return usual && !told[language] ? rig(`colour-${usual}`) : localize(told, language);
  };
  return (lengthM) => {
    const by = byMarks(marks, lengthM);
    switch (by.at) {
      case "unmarked":
        return t("unmarked");
      case "mark":
        return t("at-mark", { colour: colour(by.mark) });
      case "half-way":
        return t("half-way", { from: colour(by.from), to: colour(by.to) });
      case "before":
        return t("before-mark", { by: shown.words(by.byM), colour: colour(by.mark) });
      case "after":
        return by.next
          ? t("after-mark", { by: shown.words(by.byM), colour: colour(by.mark), next: colour(by.next) })
          : t("after-last", { by: shown.words(by.byM), colour: colour(by.mark) });
    }
  };
}
