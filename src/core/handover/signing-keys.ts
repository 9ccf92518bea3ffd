import { digestOf } from "../basics/digest";

/** A base's signing key as it is published: its place in the row of its keys, and what binds it to the one before. */
export interface PublishedKey {
  /** from 1; the last is in use */
  number: number;
  /** PEM */
  publicKey: string;
  madeAt: string;
  /** over `keyDigest`, by the key before and by the key itself; null for the first, which nothing stands before */
  byPrevious: string | null;
  byOwn: string | null;
}

/** What both the old key and the new one sign when the base changes keys: neither can be put in the row without the other. */
export function keyDigest(base: string, number: number, publicKey: string, previous: string): string {
  return digestOf({ base, number, publicKey, previous });
}

/**
 * The numbers of keys that do not follow from the one before them.
 *
 * @param isSigned whether a signature over a hash was made by a public key
 */
export function strayKeys(
  base: string,
  keys: readonly PublishedKey[],
  isSigned: (pem: string, hash: string, signature: string) => boolean,
): number[] {
  return keys.flatMap((key, index) => {
    const { number, publicKey, byPrevious, byOwn } = key;
    if (number !== index + 1) return [number];
    const before = keys[index - 1];
    if (!before) return byPrevious === null && byOwn === null ? [] : [number];
    const hash = keyDigest(base, number, publicKey, before.publicKey);
    const isBound =
      byPrevious !== null &&
      byOwn !== null &&
      isSigned(before.publicKey, hash, byPrevious) &&
      isSigned(publicKey, hash, byOwn);
    return isBound ? [] : [number];
  });
}
