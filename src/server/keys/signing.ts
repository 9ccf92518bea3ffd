import "server-only";
import { AppError } from "@/api/app-error";
import { keyDigest, type PublishedKey } from "@/core/handover/signing-keys";
import { now } from "../clock";
import { addKey, keysOf } from "../db/keys";
import type { Queryable } from "../db/pool";
import { isSignedBy, makeKeyFile, publicKeyOf, signWith } from "./key-file";

/** A signature by the key that a base has in use. */
export interface BaseSignature {
  signature: string;
  keyNumber: number;
  publicKey: string;
}

/**
 * Signs a hash with the base's key in use.
 *
 * @throws AppError `key-missing` where that key's file is missing, broken or another one
 */
export async function signForBase(db: Queryable, baseId: string, hash: string): Promise<BaseSignature> {
  const key = (await keysOf(db, baseId)).at(-1);
  if (!key) throw new AppError("key-missing");
  const signature = signWith(baseId, key.number, hash);
  if (!isSignedBy(key.publicKey, { hash, signature })) throw new AppError("key-missing");
  return { signature, keyNumber: key.number, publicKey: key.publicKey };
}

/** Whether one of the base's own keys made a signature. */
export async function isSignedForBase(
  db: Queryable,
  baseId: string,
  hash: string,
  signature: string,
): Promise<boolean> {
  return (await keysOf(db, baseId)).some(({ publicKey }) => isSignedBy(publicKey, { hash, signature }));
}

/** Makes a base's first key when the base is set up. One that is there is left as it is. */
export async function makeFirstKey(db: Queryable, baseId: string): Promise<void> {
  if ((await keysOf(db, baseId)).length > 0) return;
  makeKeyFile(baseId, 1);
  await addKey(db, baseId, {
    number: 1,
    publicKey: publicKeyOf(baseId, 1),
    madeAt: now(),
    byPrevious: null,
    byOwn: null,
  });
}

/**
 * Changes a base's key: the next one signs from now on. Both sign for the change; the file is there before the row, so
 * that a stop in between leaves the old key in use.
 */
export async function nextKey(owner: Queryable, baseId: string): Promise<PublishedKey> {
  const before = (await keysOf(owner, baseId)).at(-1);
  if (!before) throw new AppError("key-missing");
  const number = before.number + 1;
  makeKeyFile(baseId, number);
  const publicKey = publicKeyOf(baseId, number);
  const hash = keyDigest(baseId, number, publicKey, before.publicKey);
  const key: PublishedKey = {
    number,
    publicKey,
    madeAt: now(),
    byPrevious: signWith(baseId, before.number, hash),
    byOwn: signWith(baseId, number, hash),
  };
  await addKey(owner, baseId, key);
  return key;
}
