import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { handle } from "@/server/http/handle";
import { draftView } from "@/server/yacht/draft";
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
      const { document, edited } = await draftView(db, { of: "yachts", slug });
      const declined = (await answeredNotes(db, slug)).flatMap(({ note, answer, words, by }) => (answer === "declined" ? [{ note, words, by }] : []));
      return { yacht: slug, revision: edited.revision, file: document, notes: await notesOf(db, slug), declined };
    }),
  );
});
