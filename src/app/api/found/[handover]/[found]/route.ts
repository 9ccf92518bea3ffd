import { Type } from "@sinclair/typebox";
import { foundStates, type FoundState } from "@/core/upkeep/found";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { noteFound } from "@/server/upkeep/found-things";

interface Context {
  params: Promise<{ handover: string; found: string }>;
}

const Body = Type.Object(
  {
    state: Type.Unsafe<FoundState>({ type: "string", enum: [...foundStates] }),
    words: Type.String({ minLength: 1, maxLength: 300, pattern: "\\S" }),
  },
  { additionalProperties: false },
);

/** Notes what became of a thing that a crew left aboard. */
export const POST = handle<Context>("found-thing", async (request, { params }) => {
  const staff = await requireStaff();
  const { handover, found } = await params;
  const { state, words } = await readJson(request, Body, 2000);
  await withBase(staff.baseId, (db) =>
    noteFound(db, idParam(handover), idParam(found), state, words.trim(), staff.personId),
  );
  return Response.json({ state }, { status: 201 });
});
