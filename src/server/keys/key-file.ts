import "server-only";
import { createPrivateKey, createPublicKey, generateKeyPairSync, sign, verify, type KeyObject } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { AppError } from "@/api/app-error";

/** Where a base's signing keys lie: beside the data and not in the database, so that who can write rows cannot forge a chain. */
export const keyFile = (baseId: string, number: number): string =>
  join(
    process.env.BRINECOVE_DATA ?? ".data",
    "keys",
    // the first key of a base was kept without a number before keys had any
    number === 1 ? `${baseId}.pem` : `${baseId}.${number}.pem`,
  );

/** What opens the key files, where they are wrapped; none where they are not. */
const passphrase = (): string | undefined => process.env.BRINECOVE_KEY_PASSPHRASE || undefined;

const written = (key: KeyObject): string =>
  key
    .export({
      type: "pkcs8",
      format: "pem",
      ...(passphrase() === undefined ? {} : { cipher: "aes-256-cbc", passphrase: passphrase() }),
    })
    .toString();

/** Makes a base's signing key of a number (Ed25519). One that is there is left as it is. */
export function makeKeyFile(baseId: string, number: number): void {
  const file = keyFile(baseId, number);
  if (existsSync(file)) return;
  mkdirSync(join(file, ".."), { recursive: true, mode: 0o700 });
  const { privateKey } = generateKeyPairSync("ed25519");
  writeFileSync(file, written(privateKey), { mode: 0o600, flag: "wx" });
}

/** Writes a key file anew, wrapped with the passphrase that is set now or with none; whole or not at all. */
export function rewriteKeyFile(baseId: string, number: number, openedWith: string | undefined): void {
  const file = keyFile(baseId, number);
  const key = createPrivateKey({ key: readFileSync(file, "utf8"), ...(openedWith ? { passphrase: openedWith } : {}) });
  writeFileSync(`${file}.new`, written(key), { mode: 0o600 });
  renameSync(`${file}.new`, file);
}

/**
 * The key is never made anew here: a new one beside old links would let nobody tell a lost key from a forged chain.
 *
 * @throws AppError `key-missing` where the file is not there, cannot be read as a key, or its passphrase is not set
 */
function privateKeyOf(baseId: string, number: number): KeyObject {
  try {
    const key = readFileSync(keyFile(baseId, number), "utf8");
    return createPrivateKey({ key, ...(passphrase() === undefined ? {} : { passphrase: passphrase() }) });
  } catch {
    throw new AppError("key-missing");
  }
}

/** Signs a hash with one of a base's keys; base64. */
export function signWith(baseId: string, number: number, hash: string): string {
  return sign(null, Buffer.from(hash, "hex"), privateKeyOf(baseId, number)).toString("base64");
}

/** The public part of one of a base's key files, PEM. */
export function publicKeyOf(baseId: string, number: number): string {
  return createPublicKey(privateKeyOf(baseId, number)).export({ type: "spki", format: "pem" }).toString();
}

/** Whether a signature over a hash was made with a key; not, too, where the key or the signature is none. */
export function isSignedBy(pem: string, { hash, signature }: { hash: string; signature: string }): boolean {
  try {
    const bytes = Buffer.from(signature, "base64");
    // base64 has several ways to write the same bytes; one of them is the signature
    return (
      bytes.toString("base64") === signature && verify(null, Buffer.from(hash, "hex"), createPublicKey(pem), bytes)
    );
  } catch {
    return false;
  }
}
