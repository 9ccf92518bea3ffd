import "server-only";
import { randomInt } from "node:crypto";
import { v7 as uuid } from "uuid";
import { addHours } from "@/core/basics/instant";
import { makeGrant } from "../auth/grant";
import { forgetAttempts, throttle } from "../auth/throttle";
import { tokenHash } from "../auth/token";
import { now } from "../clock";
import { pool, withBase, type Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import { handoverBundle } from "./bundle";

/** Letters and digits that are not taken for one another when read aloud in the wind. */
const letters = "ACDEFHJKLMNPRTUVWXY3479";
const hoursValid = 6;

/** Makes the code by which crew join a handover; an earlier one stops working. */
export async function makeJoinCode(db: Queryable, handoverId: string): Promise<{ code: string; until: string }> {
  const code = Array.from({ length: 6 }, () => letters[randomInt(letters.length)]).join("");
  const until = addHours(now(), hoursValid);
  await db.query(
    "insert into join_code (id, base_id, handover_id, code_hash, created_at, expires_at) values ($1, current_base(), $2, $3, clock_timestamp(), $4)",
    [uuid(), handoverId, tokenHash(`join ${code}`), until],
  );
  return { code, until };
}

/**
 * Joins a handover by its code, under a name of one's own: the device may record on the skipper's side, for that person.
 * Guessing is slowed down by the code's first letters.
 *
 * @throws Refusal for a code that opens nothing: never made, run out, replaced by a newer one, or of a signed handover
 */
export async function joinByCode(code: string, name: string) {
  const plain = code.toUpperCase().replaceAll(/[^A-Z0-9]/g, "");
  const { rows } = await pool().query<{ base_id: string; handover_id: string }>(
    "select * from find_join_code($1, $2)",
    [tokenHash(`join ${plain}`), now()],
  );
  const found = rows[0];
  const key = `join ${plain.slice(0, 2)}`;
  if (!found) {
    await throttle(key);
    throw new Refusal(
      404,
      "no-such-code",
      "This code opens nothing: it has run out, a newer one was made, or it was misread. Have the briefer show it again.",
    );
  }
  await forgetAttempts(key);
  return withBase(found.base_id, async (db) => {
    const personId = uuid();
    await db.query("insert into person (id, base_id, name) values ($1, $2, $3)", [
      personId,
      found.base_id,
      name.trim(),
    ]);
    const grant = await makeGrant(db, found.base_id, found.handover_id, personId, "skipper");
    return {
      handover: found.handover_id,
      grant,
      bundle: await handoverBundle(db, found.handover_id, personId, "skipper"),
    };
  });
}
