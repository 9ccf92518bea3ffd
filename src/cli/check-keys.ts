import pg from "pg";
import { AppError } from "../api/app-error";
import { lastLinks, type BaseLink } from "../server/db/seals";
import { isSignedBy, keyFile, makeSigningKey, publicKey } from "../server/handover/keys";
import { CommandError } from "./command-error";

/**
 * Sees to it that every base has its signing key: a base whose records it has signed keeps the one it has, and one without
 * records gets one.
 *
 * @throws CommandError where a key is missing, broken or another than the records were signed with, saying what to do
 */
export async function checkKeys(ownerUrl: string): Promise<void> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    for (const base of await lastLinks(client)) checkKey(base);
  } finally {
    await client.end();
  }
}

function checkKey({ id, name, hash, signature }: BaseLink): void {
  if (hash === null || signature === null) return makeSigningKey(id);
  const putBack = `Put ${keyFile(id)} back from your backup, then start again. It is never made anew while records are signed with it: they could no longer be proved.`;
  try {
    if (isSignedBy(publicKey(id), { hash, signature })) return;
  } catch (error) {
    if (!(error instanceof AppError)) throw error;
    throw new CommandError(`The signing key of ${name} is missing or broken. ${putBack}`);
  }
  throw new CommandError(`The signing key of ${name} is not the one that its records were signed with. ${putBack}`);
}
