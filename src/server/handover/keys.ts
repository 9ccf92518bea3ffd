import "server-only";
import { createPrivateKey, createPublicKey, generateKeyPairSync, sign, type KeyObject } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";

/** The base's signing key (Ed25519), kept in a file beside the data and not in the database, so that who can write rows cannot forge a chain. */
function signingKey(baseId: string): KeyObject {
  const folder = join(process.env.BRINECOVE_DATA ?? ".data", "keys");
  const file = join(folder, `${baseId}.pem`);
  if (!existsSync(file)) {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    const { privateKey } = generateKeyPairSync("ed25519");
    writeFileSync(file, privateKey.export({ type: "pkcs8", format: "pem" }), { mode: 0o600, flag: "wx" });
  }
  return createPrivateKey(readFileSync(file, "utf8"));
}

/** Signs a chain link's hash; base64. */
export function signHash(baseId: string, hash: string): string {
  return sign(null, Buffer.from(hash, "hex"), signingKey(baseId)).toString("base64");
}

/** The base's public key, PEM. */
export function publicKey(baseId: string): string {
  return createPublicKey(signingKey(baseId)).export({ type: "spki", format: "pem" }).toString();
}
