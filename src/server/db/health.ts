import "server-only";
import { pool } from "./pool";

/** Asks the database for a sign of life. */
export async function databaseAnswers(): Promise<void> {
  await pool().query("select 1");
}
