import "server-only";
import { createHash, randomBytes } from "node:crypto";

/** A fresh secret of 256 bits, safe in an address or a header. */
export function freshToken(): string {
  return randomBytes(32).toString("base64url");
}

/** What is kept of a secret: its SHA-256, so that a stolen table opens nothing. */
export function tokenHash(token: string): string {
  return createHash("sha256").update(token).digest("hex");
}
