import { Type } from "@sinclair/typebox";
import { requireReaderOfStay } from "@/server/auth/reader";
import { staffSession } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { object } from "@/server/settlement/conclude";

interface Context {
  params: Promise<{ id: string }>;
}

const Body = Type.Object(
  { line: Type.String({ maxLength: 200 }), words: Type.String({ minLength: 1, maxLength: 1000, pattern: "\\S" }) },
  { additionalProperties: false },
);

/** An objection to a line of a statement that the charterer did not sign: from the boat book, or noted at the desk. */
export const POST = handle<Context>("object", async (request, { params }) => {
  const stayId = idParam((await params).id);
  const baseId = await requireReaderOfStay(stayId);
  const staff = await staffSession();
  const { line, words } = await readJson(request, Body, 4000);
  await withBase(baseId, (db) => object(db, stayId, line, words.trim(), staff?.personId ?? null));
  return Response.json({ objected: line }, { status: 201 });
});
