import { existsSync } from "node:fs";
import { makeBackup } from "../backup/make";
import { CommandError } from "../command-error";
import { fixedNow, loadFixedDemo } from "../fixed-demo";
import { prepareDatabase } from "../prepare";

/**
 * `keep-release VERSION`: keeps the demo as this version writes it, as a backup among the test data. Every later version
 * must be able to restore it: `src/cli/backup/releases.test.ts` plays that.
 */
export async function run([version = ""]: string[]): Promise<number> {
  if (!/^\d+\.\d+\.\d+$/.test(version)) throw new CommandError("Say which version: ./brinecove keep-release 0.1.0");
  const file = `src/testing/releases/${version}.backup`;
  if (existsSync(file)) throw new CommandError(`${file} is there already: what a release wrote is never written anew.`);
  const prepared = await prepareDatabase("pictures");
  try {
    await loadFixedDemo(prepared, "pictures");
    const { bytes } = await makeBackup(prepared.ownerUrl, file, fixedNow, undefined);
    console.log(`${file}: ${(bytes / 1e6).toFixed(1)} MB`);
    return 0;
  } finally {
    prepared.database.stop();
  }
}
