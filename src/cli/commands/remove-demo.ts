import { existsSync, rmSync } from "node:fs";
import { demoBases, removeBase } from "../../server/db/bases";
import { keyFile } from "../../server/keys/key-file";
import { isMeant } from "../ask";
import { CommandError } from "../command-error";
import { connected } from "../connected";
import { dataFolder } from "../database";
import { prepareDatabase } from "../prepare";

/** `remove-demo`: takes the demo away with everything that was recorded in it, and touches no other base. Asks, unless told `--yes`. */
export async function run(args: string[]): Promise<number> {
  if (!(await isMeant(args, "The demo goes, with everything that was tried in it."))) return 0;
  const { database, ownerUrl } = await prepareDatabase("main");
  process.env.BRINECOVE_DATA = dataFolder();
  try {
    const removed = await connected(ownerUrl, async (owner) => {
      const bases = await demoBases(owner);
      for (const { id } of bases) {
        await owner.query("begin");
        await removeBase(owner, id);
        await owner.query("commit");
        for (let number = 1; existsSync(keyFile(id, number)); number++) rmSync(keyFile(id, number));
      }
      return bases.length;
    });
    console.log(removed === 0 ? "There is no demo here." : "The demo is gone. Nothing else was touched.");
    return 0;
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    throw new CommandError(
      "Only a superuser of the database can take a base out of it. Nothing was touched: name one in DATABASE_URL.",
    );
  } finally {
    database.stop();
  }
}
