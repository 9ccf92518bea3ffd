import pg from "pg";
import { AppError } from "../api/app-error";
import { keysOf } from "../server/db/keys";
import type { Queryable } from "../server/db/pool";
import { lastLinks, type BaseLink } from "../server/db/seals";
import { isSignedBy, keyFile, publicKeyOf } from "../server/keys/key-file";
import { makeFirstKey } from "../server/keys/signing";
import { CommandError } from "./command-error";

/**
 * Sees to it that every base has the signing key it uses: a base whose records it has signed keeps the one it has, and one
 * without records gets its first.
 *
 * @throws CommandError where a key is missing, broken or another than the records were signed with, saying what to do
 */
export async function checkKeys(ownerUrl: string): Promise<void> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    for (const base of await lastLinks(client)) await checkKey(client, base);
  } finally {
    await client.end();
  }
}

async function checkKey(owner: Queryable, { id, name, hash, signature, keyNumber }: BaseLink): Promise<void> {
  const keys = await keysOf(owner, id);
  const last = keys.at(-1);
  if (!last && hash === null) return makeFirstKey(owner, id);
  const number = last?.number ?? 1;
  const putBack = `Put ${keyFile(id, number)} back from your backup, then start again. It is never made anew while records are signed with it: they could no longer be proved.`;
  const inPlace = openKey(id, number);
  if (inPlace === null)
    throw new CommandError(
      `The signing key of ${name} is missing or broken. ${putBack} If it is wrapped, set BRINECOVE_KEY_PASSPHRASE.`,
    );
  // links of before keys had numbers are proved with the file that is there, which becomes the first of the row
  const signedWith = keys.find((key) => key.number === keyNumber)?.publicKey ?? inPlace;
  const isTheirs =
    (last === undefined || last.publicKey === inPlace) &&
    (hash === null || signature === null || isSignedBy(signedWith, { hash, signature }));
  if (!isTheirs)
    throw new CommandError(`The signing key of ${name} is not the one that its records were signed with. ${putBack}`);
  if (!last) await makeFirstKey(owner, id);
}

/** The public part of a key file; null where it is missing, broken or wrapped with another passphrase. */
function openKey(baseId: string, number: number): string | null {
  try {
    return publicKeyOf(baseId, number);
  } catch (error) {
    if (error instanceof AppError) return null;
    throw error;
  }
}
