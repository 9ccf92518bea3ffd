import { existsSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { loadDemoIfEmpty } from "../demo/load";
import { migrate, recreateDatabase } from "../server/db/migrate";
import { dataFolder, keptSecret } from "./database";
import type { Prepared } from "./prepare";

/**
 * Loads the demo where there is nothing yet. A first start that was killed on the way begins it again: until it is whole
 * nobody has been let in, so nothing of anybody's is thrown away.
 *
 * @returns whether it was loaded now
 */
export async function loadDemoOnce({ ownerUrl }: Prepared): Promise<boolean> {
  const mark = join(dataFolder(), "demo-under-way");
  if (existsSync(mark)) {
    await recreateDatabase(ownerUrl);
    await migrate(ownerUrl, keptSecret(join(dataFolder(), "app-password")));
  }
  const fresh = await loadDemoIfEmpty(() => writeFileSync(mark, ""));
  rmSync(mark, { force: true });
  return fresh;
}
