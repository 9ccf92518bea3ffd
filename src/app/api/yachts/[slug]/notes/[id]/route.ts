import { Type } from "@sinclair/typebox";
import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { answerNote } from "@/server/yacht/notes";

interface Context {
  params: Promise<{ slug: string; id: string }>;
}

const Body = Type.Object(
  {
    answer: Type.Union([Type.Literal("taken-over"), Type.Literal("declined")]),
    words: Type.String({ maxLength: 300 }),
  },
  { additionalProperties: false },
);

/** Takes a note's changes over into the draft, or declines it with a word. */
export const POST = handle<Context>("answer-note", async (request, { params }) => {
  const staff = await requirePublisher();
  const { slug, id } = await params;
  const { answer, words } = await readJson(request, Body, 2000);
  await withBase(staff.baseId, (db) => answerNote(db, slug, idParam(id), answer, words, staff.personId));
  return Response.json({ answer }, { status: 201 });
});
