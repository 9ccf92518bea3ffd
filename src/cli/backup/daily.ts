import { randomUUID } from "node:crypto";
import { readdirSync, rmSync } from "node:fs";
import { join, resolve } from "node:path";
import type pg from "pg";
import { isBackupDue } from "../../core/backup/due";
import { outlivedBackups, type BackupKeeping, type KeptBackup } from "../../core/backup/outlived";
import {
  backupsMade,
  askBackup,
  beginAsked,
  failedLately,
  noteCutOff,
  noteMade,
  noteNotMade,
} from "../../server/db/backups";
import { basesThere } from "../../server/db/bases";
import { makeBackup } from "./make";
import { backupSecret } from "./secret";
import { connected } from "../connected";
import { dataFolder } from "../database";

const everyMs = 10_000;

/** Where the daily backups lie: beside the data, unless another disk is named. */
export const backupFolder = (): string => resolve(process.env.BRINECOVE_BACKUP_FOLDER ?? join(dataFolder(), "backups"));

const keeping = (): BackupKeeping => ({
  daily: Number(process.env.BRINECOVE_BACKUP_DAILY ?? 7),
  weekly: Number(process.env.BRINECOVE_BACKUP_WEEKLY ?? 4),
});

/** Makes the daily backup, and one whenever the app asks for it, for as long as `start` runs. */
export function keepBackups(ownerUrl: string): { stop: () => void } {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopped = false;
  const look = async () => {
    try {
      await connected(ownerUrl, (owner) => backUpWhereDue(owner, ownerUrl, new Date().toISOString()));
    } catch (error) {
      // the database may be starting again; what was asked for waits
      if (!stopped && (error as { code?: string }).code !== "ECONNREFUSED")
        console.error(`No backup: ${(error as Error).message}`);
    }
    if (!stopped) timer = setTimeout(() => void look(), everyMs);
  };
  void connected(ownerUrl, noteCutOff)
    .catch(() => undefined)
    .then(look);
  return {
    stop: () => {
      stopped = true;
      clearTimeout(timer);
    },
  };
}

/** Makes a backup where one was asked for or the day's is due, and takes away those that need not be kept. */
export async function backUpWhereDue(owner: pg.Client, ownerUrl: string, at: string): Promise<void> {
  const { last } = await backupsMade(owner);
  if (isBackupDue(at, last?.at ?? null) && (await basesThere(owner)).own && !(await failedLately(owner, at)))
    await askBackup(owner, randomUUID(), at);
  const id = await beginAsked(owner, at);
  if (id === null) return;
  const folder = backupFolder();
  const file = join(folder, nameOf(at));
  try {
    const { bytes, encrypted } = await makeBackup(ownerUrl, file, at, backupSecret());
    await noteMade(owner, id, { at, file, bytes, encrypted });
    for (const old of outlivedBackups(keptIn(folder), keeping())) rmSync(join(folder, old), { force: true });
  } catch (error) {
    await noteNotMade(owner, id, isDiskFull(error) ? "disk-full" : "failed");
    throw error;
  }
}

const isDiskFull = (error: unknown): boolean =>
  (error as { code?: string }).code === "ENOSPC" || /No space left|MB are free/.test((error as Error).message);

const nameOf = (at: string) => `brinecove-${at.slice(0, 19).replaceAll(/[-:]/g, "")}Z.backup`;

/** The daily ones in a folder, by their names; what else lies there is nobody's business. */
export function keptIn(folder: string): KeptBackup[] {
  return readdirSync(folder).flatMap((file) => {
    const [, day, time] = /^brinecove-(\d{8})T(\d{6})Z\.backup$/.exec(file) ?? [];
    if (day === undefined || time === undefined) return [];
    const dated = day.replace(/(....)(..)(..)/, "$1-$2-$3");
    return [{ file, at: `${dated}T${time.replace(/(..)(..)(..)/, "$1:$2:$3")}.000Z` }];
  });
}
