import { execFile } from "node:child_process";
import { createHash } from "node:crypto";
import {
  cpSync,
  createReadStream,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { dirname, join, resolve } from "node:path";
import { promisify } from "node:util";
import { stateToBackUp } from "../../server/db/backups";
import { CommandError } from "../command-error";
import { connected } from "../connected";
import { dataFolder } from "../database";
import { isOurs } from "../running/note";
import { needDisk } from "../serve";
import { writeArchive, type BackupSecret } from "./archive";
import type { Manifest } from "./manifest";
import { postgresTool } from "./postgres-tool";

export interface MadeBackup {
  bytes: number;
  encrypted: boolean;
  manifest: Manifest;
}

/**
 * Writes everything that an installation needs to stand up again into one file: the database as it is at one moment, and
 * the signing keys. People may work meanwhile.
 *
 * @param ownerUrl the database as the owner of its tables
 * @param at the moment of the backup
 * @throws CommandError where the file is there already, its folder cannot be written, or the disk is full
 */
export async function makeBackup(
  ownerUrl: string,
  file: string,
  at: string,
  secret: BackupSecret | undefined,
): Promise<MadeBackup> {
  const target = resolve(file);
  if (existsSync(target))
    throw new CommandError(`${target} is there already: a backup never takes the place of another file.`);
  const state = await connected(ownerUrl, stateToBackUp);
  // the dump first, and the archive beside it until it is whole
  needDisk(Math.ceil((state.bytes * 2) / 1e6));
  mkdirSync(dirname(target), { recursive: true, mode: 0o700 });
  removeLeft();
  const folder = mkdtempSync(join(dataFolder(), `backup-${process.pid}-`));
  try {
    await dump(ownerUrl, join(folder, "database.dump"));
    // after the dump: whatever was signed in it has its key here
    const keys = join(dataFolder(), "keys");
    if (existsSync(keys))
      cpSync(keys, join(folder, "keys"), { recursive: true, filter: (path) => !path.endsWith(".new") });
    const { migration, postgres, database, bases } = state;
    const manifest: Manifest = {
      format: "brinecove/backup/1",
      madeAt: at,
      migration,
      postgres,
      database,
      bases,
      files: await Promise.all(namesIn(folder).map((name) => described(folder, name))),
    };
    writeFileSync(join(folder, "manifest.json"), JSON.stringify(manifest, null, 1));
    await writeArchive(target, folder, ["manifest.json", ...namesIn(folder)], secret);
    return { bytes: statSync(target).size, encrypted: secret !== undefined, manifest };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Takes away what a backup has left whose process was killed: a whole dump, and keys. */
function removeLeft(): void {
  for (const name of readdirSync(dataFolder())) {
    const [, pid] = /^backup-(\d+)-/.exec(name) ?? [];
    if (pid !== undefined && !isOurs(Number(pid))) rmSync(join(dataFolder(), name), { recursive: true, force: true });
  }
}

const namesIn = (folder: string): string[] => [
  "database.dump",
  ...(existsSync(join(folder, "keys")) ? readdirSync(join(folder, "keys")).map((name) => `keys/${name}`) : []),
];

async function described(folder: string, name: string): Promise<Manifest["files"][number]> {
  const path = join(folder, name);
  return { name, bytes: statSync(path).size, sha256: await hashOf(path) };
}

/** SHA-256 of a file's bytes, in hex. */
export async function hashOf(path: string): Promise<string> {
  const hash = createHash("sha256");
  for await (const piece of createReadStream(path)) hash.update(piece as Buffer);
  return hash.digest("hex");
}

/** PostgreSQL's own dump, in its custom form: one moment of the database, whatever is written meanwhile. */
async function dump(ownerUrl: string, file: string): Promise<void> {
  try {
    await promisify(execFile)(postgresTool("pg_dump"), ["--format=custom", "--no-owner", `--file=${file}`, ownerUrl]);
  } catch (error) {
    throw new CommandError(`The database could not be dumped: ${lastWords(error)}`);
  }
}

/** What a program said last, without the address and its password. */
export const lastWords = (error: unknown): string =>
  String((error as { stderr?: string }).stderr ?? error)
    .replaceAll(/postgres:\/\/\S+/g, "the database")
    .trim();
