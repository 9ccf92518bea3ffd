import { createInterface } from "node:readline/promises";
import { migrate, recreateDatabase } from "../../server/db/migrate";
import { dataFolder, keptSecret } from "../database";
import { loadDemoIfEmpty } from "../../demo/load";
import { needFreePort } from "../serve";
import { CommandError } from "../command-error";
import { prepareDatabase } from "../prepare";

/** `reset-demo`: throws away everything recorded and loads the demo anew. Asks, unless told `--yes`. */
export async function run(args: string[]): Promise<number> {
  await needFreePort(Number(process.env.BRINECOVE_PORT ?? 4310));
  if (!args.includes("--yes")) {
    if (!process.stdin.isTTY)
      throw new CommandError("Everything recorded would be thrown away. Nobody is there to ask: say --yes to mean it.");
    const terminal = createInterface({ input: process.stdin, output: process.stdout });
    const answer = await terminal.question("Everything recorded here is thrown away, for good. Type yes to go on: ");
    terminal.close();
    if (answer.trim() !== "yes") {
      console.log("Nothing was changed.");
      return 0;
    }
  }
  const { database, ownerUrl } = await prepareDatabase("main");
  try {
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
