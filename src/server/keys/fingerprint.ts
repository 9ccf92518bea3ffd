import { createHash, createPublicKey } from "node:crypto";

/** The first eight bytes of a key's SHA-256: enough to compare by telephone with what the base says. */
export const fingerprint = (pem: string): string =>
  createHash("sha256")
    .update(createPublicKey(pem).export({ type: "spki", format: "der" }))
    .digest("hex")
    .slice(0, 16);
