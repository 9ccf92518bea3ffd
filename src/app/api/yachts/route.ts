import { Type } from "@sinclair/typebox";
import { Key } from "@/core/yacht/schema";
import { requirePublisher } from "@/server/auth/publisher";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { newYacht } from "@/server/yacht/new-yacht";

const Body = Type.Object(
  {
    classSlug: Key,
    name: Type.String({ minLength: 1, maxLength: 60, pattern: "\\S" }),
    berth: Type.String({ minLength: 1, maxLength: 20, pattern: "\\S" }),
  },
  { additionalProperties: false },
);

/** Makes a yacht of a class, with a first draft of her file. */
export const POST = handle("new-yacht", async (request) => {
  const staff = await requirePublisher();
  const { classSlug, name, berth } = await readJson(request, Body, 1000);
  return Response.json(
    await withBase(staff.baseId, (db) =>
      newYacht(db, { classSlug, name: name.trim(), berth: berth.trim() }, staff.personId),
    ),
    { status: 201 },
  );
});
