import { randomUUID } from "node:crypto";
import { noteMade } from "../../server/db/backups";
import { makeBackup } from "../backup/make";
import { backupSecret } from "../backup/secret";
import { calledFrom } from "../called-from";
import { CommandError } from "../command-error";
import { connected } from "../connected";
import { prepareDatabase } from "../prepare";

/** `backup FILE`: everything of this installation in one file, also while people work; encrypted where BRINECOVE_BACKUP_PASSPHRASE is set. */
export async function run([named]: string[]): Promise<number> {
  if (!named) throw new CommandError("Say into which file: ./brinecove backup /mnt/stick/brinecove.backup");
  const file = calledFrom(named);
  const { database, ownerUrl } = await prepareDatabase("main");
  try {
    const at = new Date().toISOString();
    const { bytes, encrypted, manifest } = await makeBackup(ownerUrl, file, at, backupSecret());
    await connected(ownerUrl, (owner) => noteMade(owner, randomUUID(), { at, file, bytes, encrypted }));
    console.log(
      `${file}: ${(bytes / 1e6).toFixed(1)} MB, ${counted(manifest.bases, "base")}, ${counted(manifest.files.length - 1, "key")}, ${encrypted ? "encrypted" : "not encrypted: set BRINECOVE_BACKUP_PASSPHRASE to close it"}.\nKeep it on another machine than this one. ./brinecove restore FILE puts it into an empty installation.`,
    );
    return 0;
  } finally {
    database.stop();
  }
}

const counted = (count: number, what: string) => `${count} ${what}${count === 1 ? "" : "s"}`;
