import "server-only";
import type { SurveyBundle } from "@/api/schemas/draft";
import { absentParts, type AbsentPart } from "@/core/yacht/note/absent";
import { answeredNotes, notesOf } from "../db/notes";
import type { Queryable } from "../db/pool";
import { classFileOf, draftView } from "./draft";

/** One can stand before it. */
const isSeen = (part: AbsentPart): part is AbsentPart & SurveyBundle["absent"][number] =>
  part.place !== null && (part.collection === "fittings" || part.collection === "inventory");

/** What a phone takes along to walk a yacht: her draft as it stands, and what others have noted. */
export async function surveyBundle(db: Queryable, slug: string, personId: string): Promise<SurveyBundle> {
  const view = await draftView(db, { of: "yachts", slug });
  const { document, edited } = view;
  const absent = absentParts(document, await classFileOf(db, view)).filter(isSeen);
  return {
    yacht: slug,
    me: personId,
    revision: edited.revision,
    file: document,
    notes: await notesOf(db, slug),
    declined: (await answeredNotes(db, slug)).flatMap(({ note, answer, words, by }) =>
      answer === "declined" ? [{ note, words, by }] : [],
    ),
    absent: absent.map(({ collection, key, name, place }) => ({ collection, key, name, place })),
  };
}
