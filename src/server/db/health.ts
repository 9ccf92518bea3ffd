import "server-only";
import { pool } from "./pool";

/** Asks the database for a sign of life. */
export async function databaseAnswers(): Promise<{ status: "ok"; database: "ok" }> {
  await pool().query("select 1");
  return { status: "ok", database: "ok" };
}
