import { join } from "node:path";
import { ensureDatabase, migrate } from "../../server/db/migrate";
import { openBackup, restoreInto } from "../backup/restore";
import { backupSecret } from "../backup/secret";
import { calledFrom } from "../called-from";
import { checkKeys } from "../check-keys";
import { CommandError } from "../command-error";
import { dataFolder, keptSecret, openDatabase } from "../database";
import { isStarted } from "../running/note";
import { proveAll } from "../verify/all";

/** `restore FILE`: puts a backup into an installation in which there is no base, brings it up to date and proves all of it. */
export async function run([file]: string[]): Promise<number> {
  if (!file) throw new CommandError("Say which file: ./brinecove restore /mnt/stick/brinecove.backup");
  if (isStarted()) throw new CommandError("Brinecove runs on this data folder. End it first: ./brinecove stop");
  const backup = await openBackup(calledFrom(file), backupSecret()?.passphrase);
  process.env.BRINECOVE_DATA = dataFolder();
  const database = openDatabase("main");
  try {
    const ownerUrl = process.env.DATABASE_URL
      ? database.ownerUrl
      : await ensureDatabase(database.ownerUrl, backup.manifest.database);
    const password = keptSecret(join(dataFolder(), "app-password"));
    await restoreInto(ownerUrl, password, backup);
    const { appUrl, applied } = await migrate(ownerUrl, password);
    await checkKeys(ownerUrl);
    const { lines, problems } = await proveAll(appUrl);
    console.log(
      [
        `Restored: as it was at ${backup.manifest.madeAt}${applied.length > 0 ? `, brought up to date by ${applied.length} migrations` : ""}.`,
        ...lines,
        ...problems,
        "./brinecove start runs it.",
      ].join("\n"),
    );
    return problems.length === 0 ? 0 : 1;
  } finally {
    backup.close();
    database.stop();
  }
}
