import type { Instant } from "../basics/instant";

const hourMs = 3_600_000;

/** A base makes one every day; hours. */
export const backupEveryHours = 24;
/** After so many hours without a backup somebody is told. */
export const backupOldAfterHours = 48;

const hoursSince = (at: Instant, last: Instant) => (Date.parse(at) - Date.parse(last)) / hourMs;

/** Whether the next backup is due: none yet, or a day after the last one. */
export const isBackupDue = (at: Instant, last: Instant | null): boolean =>
  last === null || hoursSince(at, last) >= backupEveryHours;

/**
 * Whether somebody must be told that there is no backup of late.
 *
 * @param since from when there was something to lose, where there is no backup yet
 */
export const isBackupOld = (at: Instant, last: Instant | null, since: Instant): boolean =>
  hoursSince(at, last ?? since) >= backupOldAfterHours;
