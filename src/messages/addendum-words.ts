import type { KeptAddendum } from "@/core/handover/addenda/kept";
import type { Translator } from "./translator";

/**
 * One thing added to a signed record, in a sentence: what, by whom, when made and when received, and whether in time.
 *
 * @param at how an instant is written
 */
export function addendumWords(
  t: Translator,
  { addendum, receivedAt, by, about, inTime }: KeptAddendum,
  at: (instant: string) => string,
): string {
  const who = by ?? "";
  const times = `${who}, ${receivedAt === null ? t("after.made", { at: at(addendum.at) }) : t("after.times", { made: at(addendum.at), received: at(receivedAt) })}`;
  switch (addendum.kind) {
    case "left-berth":
      return t("after.said-left", { at: at(addendum.leftAt), by: who });
    case "late-finding":
      return [
        `${about ? `${about.name}, ${about.place}` : t("after.finding")}: ${addendum.words}`,
        times,
        ...(inTime === false ? [t("after.too-late")] : []),
        ...(addendum.photos.length > 0 ? [t("after.photos", { photos: addendum.photos.length })] : []),
      ].join(" · ");
    case "incident":
      return [
        `${t(`incident.${addendum.what}`)}, ${addendum.happenedOn}: ${addendum.words}`,
        times,
        ...(addendum.photos.length > 0 ? [t("after.photos", { photos: addendum.photos.length })] : []),
      ].join(" · ");
    case "answer":
      return [
        `${t(`after.answer-${addendum.answer}`)}${addendum.words.trim() === "" ? "" : `: ${addendum.words}`}`,
        times,
      ].join(" · ");
    case "visit":
      return [
        `${t("after.visit")}: ${addendum.words}${addendum.touched.some(({ count }) => count !== null) ? ` (${t("after.touched", { lines: addendum.touched.length })})` : ""}`,
        times,
      ].join(" · ");
    case "acknowledgement":
      return t("after.read-by", { by: who, at: at(addendum.at) });
  }
}
