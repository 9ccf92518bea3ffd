import { absentParts, type AbsentPart } from "@/core/yacht/note/absent";
import type { SurveyBundle } from "@/formats/draft";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { classFileOf, draftView } from "@/server/yacht/draft";
import { answeredNotes, notesOf } from "@/server/yacht/notes";

interface Context {
  params: Promise<{ slug: string }>;
}

/** What a phone takes along to walk a yacht: her draft as it stands, and what others have noted. */
export const GET = handle<Context>("survey", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  return Response.json(
    await withBase(staff.baseId, async (db) => {
      const view = await draftView(db, { of: "yachts", slug });
      const { document, edited } = view;
      const declined = (await answeredNotes(db, slug)).flatMap(({ note, answer, words, by }) =>
        answer === "declined" ? [{ note, words, by }] : [],
      );
      const isSeen = (part: AbsentPart): part is AbsentPart & SurveyBundle["absent"][number] =>
        part.place !== null && (part.collection === "fittings" || part.collection === "inventory");
      const absent = absentParts(document, await classFileOf(db, view))
        .filter(isSeen)
        .map(({ collection, key, name, place }) => ({ collection, key, name, place }));
      return {
        yacht: slug,
        me: staff.personId,
        revision: edited.revision,
        file: document,
        notes: await notesOf(db, slug),
        declined,
        absent,
      };
    }),
  );
});
