import "server-only";
import { createPrivateKey, createPublicKey, generateKeyPairSync, sign, verify, type KeyObject } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { AppError } from "@/api/app-error";

/** Where a base's signing key lies: beside the data and not in the database, so that who can write rows cannot forge a chain. */
export const keyFile = (baseId: string): string => join(process.env.BRINECOVE_DATA ?? ".data", "keys", `${baseId}.pem`);

/** Makes a base's signing key (Ed25519) when the base is set up. One that is there is left as it is. */
export function makeSigningKey(baseId: string): void {
  const file = keyFile(baseId);
  if (existsSync(file)) return;
  mkdirSync(join(file, ".."), { recursive: true, mode: 0o700 });
  const { privateKey } = generateKeyPairSync("ed25519");
  writeFileSync(file, privateKey.export({ type: "pkcs8", format: "pem" }), { mode: 0o600, flag: "wx" });
}

/**
 * The key is never made anew here: a new one beside old links would let nobody tell a lost key from a forged chain.
 *
 * @throws AppError `key-missing` where the file is not there or cannot be read as a key
 */
function signingKey(baseId: string): KeyObject {
  try {
    return createPrivateKey(readFileSync(keyFile(baseId), "utf8"));
  } catch {
    throw new AppError("key-missing");
  }
}

/** Signs a chain link's hash; base64. */
export function signHash(baseId: string, hash: string): string {
  return sign(null, Buffer.from(hash, "hex"), signingKey(baseId)).toString("base64");
}

/** The base's public key, PEM. */
export function publicKey(baseId: string): string {
  return createPublicKey(signingKey(baseId)).export({ type: "spki", format: "pem" }).toString();
}

/** Whether a signature over a hash was made with the base's key. */
export function isSignedBy(pem: string, { hash, signature }: { hash: string; signature: string }): boolean {
  return verify(null, Buffer.from(hash, "hex"), createPublicKey(pem), Buffer.from(signature, "base64"));
}

/** Whether the base's own key made a signature. */
export const isSigned = (baseId: string, hash: string, signature: string): boolean =>
  isSignedBy(publicKey(baseId), { hash, signature });
