import { Type } from "@sinclair/typebox";
import { openByLink } from "@/server/auth/charter-link";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";

const Body = Type.Object(
  { secret: Type.String({ pattern: "^[\\w-]{20,80}$" }), pin: Type.String({ pattern: "^\\d{4,8}$" }) },
  { additionalProperties: false },
);

export const POST = handle("open-book", async (request) => {
  const { secret, pin } = await readJson(request, Body, 1000);
  await openByLink(secret, pin);
  return Response.json({ open: true });
});
