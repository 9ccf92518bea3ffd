import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";
import canonicalize from "canonicalize";

/** JSON with members sorted and numbers written one way (RFC 8785), so that the same content has the same bytes. */
export function canonicalJson(value: unknown): string {
  const text = canonicalize(value);
  if (text === undefined) throw new TypeError("this value has no JSON form");
  return text;
}

/** SHA-256 of bytes, as 64 lower-case hexadecimal digits. */
export function sha256Hex(bytes: Uint8Array): string {
  return bytesToHex(sha256(bytes));
}

/**
 * SHA-256 over the canonical JSON of a value, hexadecimal.
 *
 * @example digestOf({ b: 1, a: 2 }) === digestOf({ a: 2, b: 1 }) // true
 */
export function digestOf(value: unknown): string {
  return sha256Hex(utf8ToBytes(canonicalJson(value)));
}
