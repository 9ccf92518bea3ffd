import { createPublicKey } from "node:crypto";
import { readFileSync } from "node:fs";
import { KeysAnswer } from "../../api/schemas/keys";
import { parseAs } from "../../formats/validate";
import { CommandError } from "../command-error";
import { fingerprint } from "../../server/keys/fingerprint";

/**
 * Fingerprints of the keys that somebody trusts: PEM files, or a base's published keys as `/api/keys.json` gives them.
 *
 * @throws CommandError for a file that holds no key
 */
export function trustedKeys(files: readonly string[]): Set<string> {
  return new Set(files.flatMap((file) => keysIn(file).map(fingerprint)));
}

function keysIn(file: string): string[] {
  try {
    const text = readFileSync(file, "utf8");
    if (text.trimStart().startsWith("{"))
      return parseAs(KeysAnswer, JSON.parse(text)).bases.flatMap(({ keys }) => keys.map(({ publicKey }) => publicKey));
    createPublicKey(text);
    return [text];
  } catch (error) {
    throw new CommandError(`${file} holds no key of a base: ${(error as Error).message}`);
  }
}
