import "server-only";
import type { AnswerOf } from "@/api/endpoint";
import type { readHealth } from "@/api/system";
import { isBackupOld } from "@/core/backup/due";
import { isQueueStuck } from "@/core/messages/state";
import { now } from "../clock";
import { backupsMade } from "../db/backups";
import { databaseAnswers } from "../db/health";
import { messagesStanding } from "../db/messages";
import { pool } from "../db/pool";
import { freeDiskMb, leastFreeMb } from "./disk";

/** How the installation is, in words that a program reads. Nothing in it is anybody's. */
export async function healthNow(): Promise<AnswerOf<typeof readHealth>> {
  await databaseAnswers();
  const { last } = await backupsMade(pool());
  const queued = (await messagesStanding(pool())).find(({ state }) => state === "queued");
  return {
    status: "ok",
    database: "ok",
    disk: freeDiskMb() < leastFreeMb ? "low" : "ok",
    messages: isQueueStuck(now(), queued?.since ?? null) ? "stuck" : "ok",
    backup: last === null ? "none" : isBackupOld(now(), last.at, last.at) ? "old" : "ok",
  };
}
