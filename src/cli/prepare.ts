import { join } from "node:path";
import { ensureDatabase, migrate } from "../server/db/migrate";
import { dataFolder, keptSecret, openDatabase, type Database } from "./database";
import { CommandError } from "./command-error";
import { isStarted } from "./running/note";

export interface Prepared {
  database: Database;
  /** owner's address of Brinecove's own database */
  ownerUrl: string;
  appUrl: string;
}

/** A database server with Brinecove's database on it, migrated. */
export async function prepareDatabase(purpose: "main" | "test" | "pictures"): Promise<Prepared> {
  const opened = openDatabase(purpose);
  // the server of a `start` that runs is used, and left running
  const database = purpose === "main" && isStarted() ? { ...opened, stop: () => undefined } : opened;
  try {
    const ownerUrl =
      process.env.DATABASE_URL && purpose === "main"
        ? database.ownerUrl
        : await ensureDatabase(database.ownerUrl, "brinecove");
    const { appUrl } = await migrate(ownerUrl, keptSecret(join(dataFolder(), "app-password")));
    return { database, ownerUrl, appUrl };
  } catch (error) {
    database.stop();
    throw new CommandError(`The database could not be prepared: ${(error as Error).message}`);
  }
}
