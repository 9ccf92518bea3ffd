import { cpSync } from "node:fs";
import { join } from "node:path";

/**
 * Copies one base's signing key from the data folder of the tests into a test's own. Never the whole folder: it gains
 * the keys of other tests while they run.
 */
export const copyOwnKey = (baseId: string, from: string, to: string): void =>
  cpSync(join(from, "keys", `${baseId}.pem`), join(to, "keys", `${baseId}.pem`));
