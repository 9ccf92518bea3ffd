import { Type } from "@sinclair/typebox";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";
import { publishFile } from "@/server/yacht/publish";

interface Context {
  params: Promise<{ slug: string }>;
}

const Body = Type.Object(
  { document: Type.Unknown(), onRevision: Type.Integer({ minimum: 1 }), why: Type.String({ maxLength: 500 }), accepts: Type.Record(Type.String({ maxLength: 300 }), Type.String({ maxLength: 500 })) },
  { additionalProperties: false },
);

/** Publishes a file as the yacht's next revision. */
export const POST = handle<Context>("publish-file", async (request, { params }) => {
  const staff = await requireStaff();
  if (!staff.roles.some((role) => role === "manager" || role === "technician")) throw new Refusal(403, "not-yours", "Yacht files are published by the base manager or a technician.");
  const { slug } = await params;
  const { document, ...rest } = await readJson(request, Body, 2_100_000);
  return Response.json(await withBase(staff.baseId, (db) => publishFile(db, { slug, document, ...rest }, staff.personId)), { status: 201 });
});
