import { Type } from "@sinclair/typebox";
import { joinByCode } from "@/server/handover/join";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";

const Joining = Type.Object(
  {
    code: Type.String({ minLength: 4, maxLength: 20 }),
    name: Type.String({ minLength: 1, maxLength: 80, pattern: "\\S" }),
  },
  { additionalProperties: false },
);

/** Joins a handover by its code with a device of one's own. */
export const POST = handle("join-handover", async (request) => {
  const { code, name } = await readJson(request, Joining, 1000);
  return Response.json(await joinByCode(code, name), { status: 201 });
});
