import "server-only";
import { randomInt } from "node:crypto";
import { v7 as uuid } from "uuid";
import { addHours } from "@/core/basics/instant";
import { makeGrant } from "../auth/grant";
import { forgetAttempts, throttleCode } from "../auth/throttle";
import { tokenHash } from "../auth/token";
import { now } from "../clock";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { countJoined } from "../db/grants";
import { takeTurns } from "../db/locks";
import { staffNames } from "../db/staff";
import { addPerson } from "../db/people";
import { addJoinCode, findJoinCode } from "../db/ways-in";
import { AppError } from "@/api/app-error";
import { handoverBundle } from "./bundle";

/** Letters and digits that are not taken for one another when read aloud in the wind. */
const letters = "ACDEFHJKLMNPRTUVWXY3479";
/** Eight of 23 letters: 78 thousand million codes. */
const codeLetters = 8;
const hoursValid = 6;
/** A dozen people with a phone and a tablet each, and some that were opened twice. */
const mostJoined = 40;
/** A name as an eye reads it, whatever its letters and spaces are made of. */
const asRead = (name: string) =>
  name
    .normalize("NFKC")
    .toLowerCase()
    .replaceAll(/[^\p{L}\p{N}]+/gu, "");

/** Makes the code by which crew join a handover; an earlier one stops working. */
export async function makeJoinCode(db: Queryable, handoverId: string): Promise<{ code: string; until: string }> {
  const code = Array.from({ length: codeLetters }, () => letters[randomInt(letters.length)]).join("");
  const until = addHours(now(), hoursValid);
  await addJoinCode(db, handoverId, tokenHash(`join ${code}`), until);
  return { code, until };
}

/**
 * Joins a handover by its code, under a name of one's own: the device may record on the skipper's side, for that person.
 * Guessing is slowed down by the code and over all codes.
 *
 * @throws AppError for a code that opens nothing: never made, run out, replaced by a newer one, or of a signed handover;
 * for the name of somebody of the base; and for more devices than any crew has
 */
export async function joinByCode(code: string, name: string) {
  const plain = code.toUpperCase().replaceAll(/[^A-Z0-9]/g, "");
  await throttleCode("join", plain);
  const found = await findJoinCode(tokenHash(`join ${plain}`), now());
  if (!found) throw new AppError("no-such-join-code");
  await forgetAttempts(`join ${plain}`);
  return inBaseTransaction(found.baseId, async (db) => {
    await takeTurns(db, `join ${found.handoverId}`);
    if ((await countJoined(db, found.handoverId)) >= mostJoined) throw new AppError("too-many-joined");
    if ((await staffNames(db)).some((each) => asRead(each) === asRead(name)))
      throw new AppError("name-of-staff", {}, "name");
    const personId = uuid();
    await addPerson(db, personId, name.trim());
    const grant = await makeGrant(db, found.handoverId, personId, "skipper");
    return {
      handover: found.handoverId,
      grant: grant.token,
      bundle: await handoverBundle(db, found.handoverId, grant),
    };
  });
}
