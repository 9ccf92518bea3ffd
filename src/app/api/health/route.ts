import { pool } from "@/server/db/pool";
import { handle } from "@/server/http/handle";

export const GET = handle("health", async () => {
  await pool().query("select 1");
  return Response.json({ status: "ok", database: "ok" });
});
