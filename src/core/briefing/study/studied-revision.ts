import type { StudyAnswer } from "./answer";

/**
 * The revision of a yacht's file that was studied last; null where nothing of her was. What somebody tells of himself or
 * asks is of no yacht, and goes along to the next one.
 */
export function studiedRevision(answers: readonly StudyAnswer[]): number | null {
  const ofHer = answers.filter(({ about }) => about === "topic" || about === "check");
  return ofHer.length === 0 ? null : Math.max(...ofHer.map(({ revision }) => revision));
}
