import { createHash, randomInt, randomUUID } from "node:crypto";
import { keepSetUpCode } from "../server/db/set-up-codes";
import { connected } from "./connected";

/** Letters and digits that nobody takes for one another. */
const plain = "ACDEFGHJKLMNPQRTUVWXY34679";

/**
 * Makes a new set-up code, which takes the place of one that nobody used; gives it as it is printed.
 *
 * @param ownerUrl address of the database as its owner
 */
export async function makeSetUpCode(ownerUrl: string): Promise<string> {
  const letters = Array.from({ length: 12 }, () => plain[randomInt(plain.length)]).join("");
  const hash = createHash("sha256").update(letters).digest("hex");
  await connected(ownerUrl, (owner) => keepSetUpCode(owner, randomUUID(), hash));
  return letters.replace(/(.{4})(?=.)/g, "$1-");
}
