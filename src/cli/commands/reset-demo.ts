import { migrate, recreateDatabase } from "../../server/db/migrate";
import { basesThere } from "../../server/db/bases";
import { isMeant } from "../ask";
import { connected } from "../connected";
import { dataFolder, keptSecret } from "../database";
import { loadDemoIfEmpty } from "../../demo/load";
import { needFreePort } from "../serve";
import { CommandError } from "../command-error";
import { prepareDatabase } from "../prepare";

/** `reset-demo`: throws away everything recorded and loads the demo anew; not where there is a base of one's own. Asks, unless told `--yes`. */
export async function run(args: string[]): Promise<number> {
  await needFreePort(Number(process.env.BRINECOVE_PORT ?? 4310));
  if (!(await isMeant(args, "Everything recorded in the demo is thrown away."))) return 0;
  const { database, ownerUrl } = await prepareDatabase("main");
  try {
    if ((await connected(ownerUrl, basesThere)).own)
      throw new CommandError(
        "There is a base of your own here, which would go too. Take the demo away alone: ./brinecove remove-demo",
      );
    await recreateDatabase(ownerUrl);
    const { appUrl } = await migrate(ownerUrl, keptSecret(`${dataFolder()}/app-password`));
    Object.assign(process.env, { BRINECOVE_APP_DATABASE_URL: appUrl, BRINECOVE_DATA: dataFolder() });
    await loadDemoIfEmpty();
  } finally {
    database.stop();
  }
  console.log("The demo is loaded anew.");
  return 0;
}
