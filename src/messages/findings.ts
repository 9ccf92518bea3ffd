import { graver, type Verdict } from "@/core/basics/verdict";
import { usualLanguage } from "@/core/basics/languages";
import { localize } from "@/core/basics/words";
import type { Folded } from "@/core/handover/fold";
import type { HandoverList } from "@/core/handover/list";
import { lineSubject } from "@/core/handover/lines";
import { foundIn, foundThings, newMarks, photosOf, remarksOf, statusOf } from "@/core/handover/state";
import { markWords, valueWords } from "./line-words";
import type { Translator } from "./translator";

/** One thing that is not "all here, all fine", in words. */
export interface Finding {
  id: string;
  place: string;
  name: string;
  verdict: Verdict;
  words: string;
  photos: string[];
}

/** What differs from "all here, all fine": what both read before they sign, what the copy shows first. */
export function findings(t: Translator, list: HandoverList, folded: Folded, language = usualLanguage): Finding[] {
  const placeName = new Map(list.places.map((place) => [place.id, localize(place.name, language)]));
  const rank = new Map(list.places.map((place, index) => [localize(place.name, language), index]));
  const remarks = (subject: string) =>
    remarksOf(folded, subject).map(({ side, words }) => t(`remark.said-${side}`, { words }));
  const found: Finding[] = [];
  for (const line of list.lines) {
    const standing = statusOf(folded, line);
    const subject = lineSubject(line.id);
    const said = remarks(subject);
    if (standing.step === "open") continue;
    const verdict = standing.step === "fork" ? "stop" : standing.verdict;
    const moved = foundIn(folded, line);
    if (verdict === "fine" && said.length === 0 && moved === null) continue;
    const why =
      standing.step === "done" && standing.judgement && standing.verdict !== "fine"
        ? `: ${standing.judgement.why}`
        : "";
    const words = standing.step === "fork" ? t("line.fork") : `${valueWords(t, line, standing.value)}${why}`;
    found.push({
      id: line.id,
      place: placeName.get(line.place) ?? "",
      name: localize(line.name, language),
      verdict: moved === null ? verdict : graver(verdict, "watch"),
      words: [
        words,
        ...(moved === null ? [] : [t("elsewhere.found", { place: placeName.get(moved) ?? moved })]),
        ...said,
      ].join(" · "),
      photos: photosOf(folded, subject),
    });
  }
  for (const { id, mark, cell } of newMarks(folded)) {
    found.push({
      id: `mark:${id}`,
      place: placeName.get(mark.place) ?? "",
      name: t("mark.new"),
      verdict: "watch",
      words: [markWords(t, mark), ...remarks(cell.subject)].join(" · "),
      photos: photosOf(folded, cell.subject),
    });
  }
  for (const { id, found: thing, cell } of foundThings(folded)) {
    found.push({
      id: `found:${id}`,
      place: placeName.get(thing.place) ?? "",
      name: t("found.title"),
      verdict: "watch",
      words: t("found.words", { count: thing.count, words: thing.words }),
      photos: photosOf(folded, cell.subject),
    });
  }
  return found.sort((a, b) => (rank.get(a.place) ?? 0) - (rank.get(b.place) ?? 0));
}
