import { execFile } from "node:child_process";
import { existsSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { promisify } from "node:util";
import { emptySchema, whatIsThere } from "../../server/db/installation";
import { makeAppRole } from "../../server/db/migrate";
import { CommandError } from "../command-error";
import { connected } from "../connected";
import { dataFolder } from "../database";
import { readArchive } from "./archive";
import { hashOf, lastWords } from "./make";
import { readManifest, type Manifest } from "./manifest";
import { postgresTool } from "./postgres-tool";

/**
 * Opens a backup into a folder of its own and looks whether it is whole.
 *
 * @throws CommandError where it is none, was cut off or changed, or was made by a newer Brinecove
 */
export async function openBackup(
  file: string,
  passphrase: string | undefined,
): Promise<{ folder: string; manifest: Manifest; close: () => void }> {
  mkdirSync(dataFolder(), { recursive: true, mode: 0o711 });
  const folder = mkdtempSync(join(dataFolder(), "restore-"));
  const close = () => rmSync(folder, { recursive: true, force: true });
  try {
    await readArchive(file, folder, passphrase);
    if (!existsSync(join(folder, "manifest.json")))
      throw new CommandError(`${file} is no backup of Brinecove: it does not say what it holds.`);
    const manifest = readManifest(file, readFileSync(join(folder, "manifest.json"), "utf8"));
    for (const { name, sha256 } of manifest.files) {
      const path = join(folder, name);
      if (!existsSync(path) || (await hashOf(path)) !== sha256)
        throw new CommandError(`${file} is cut off or damaged: ${name} is not as it was written. Take another backup.`);
    }
    const ours = readdirSync("src/server/db/migrations");
    if (!ours.includes(manifest.migration))
      throw new CommandError(
        `${file} was made by a newer Brinecove, with ${manifest.migration}. Bring this one up to date first, then restore.`,
      );
    return { folder, manifest, close };
  } catch (error) {
    close();
    throw error;
  }
}

/**
 * Puts an opened backup into an installation in which there is no base yet: all of it or nothing.
 *
 * @throws CommandError where there is a base, or a signing key of another installation lies in the way
 */
export async function restoreInto(
  ownerUrl: string,
  appPassword: string,
  { folder, manifest }: { folder: string; manifest: Manifest },
): Promise<void> {
  const there = await connected(ownerUrl, whatIsThere);
  if (there !== "nothing")
    throw new CommandError(
      there === "base"
        ? "There is a base here already, and nothing is put over it. Restore into an empty installation: set BRINECOVE_DATA to a new folder."
        : "Another program keeps its tables in this database, and nothing is put over them. Name an empty one with DATABASE_URL.",
    );
  const { pathname } = new URL(ownerUrl);
  if (pathname.slice(1) !== manifest.database)
    throw new CommandError(
      `The backup is of a database called ${manifest.database}, whose roles have its name; this one is called ${pathname.slice(1)}. Restore into one of the same name.`,
    );
  putKeys(join(folder, "keys"));
  await connected(ownerUrl, async (owner) => {
    await emptySchema(owner);
    await makeAppRole(owner, appPassword);
  });
  try {
    await promisify(execFile)(postgresTool("pg_restore"), [
      "--no-owner",
      "--exit-on-error",
      "--single-transaction",
      `--dbname=${ownerUrl}`,
      join(folder, "database.dump"),
    ]);
  } catch (error) {
    throw new CommandError(`The database could not be restored, and is empty: ${lastWords(error)}`);
  }
}

/** Puts the signing keys where they belong. One that is there and differs is never written over. */
function putKeys(from: string): void {
  if (!existsSync(from)) return;
  const to = join(dataFolder(), "keys");
  mkdirSync(to, { recursive: true, mode: 0o700 });
  const names = readdirSync(from);
  for (const name of names)
    if (existsSync(join(to, name)) && !readFileSync(join(to, name)).equals(readFileSync(join(from, name))))
      throw new CommandError(`Another key lies in ${join(to, name)}. Move it away, then restore again.`);
  for (const name of names)
    if (!existsSync(join(to, name))) writeFileSync(join(to, name), readFileSync(join(from, name)), { mode: 0o600 });
}
