import type { Instant } from "../basics/instant";

/** A backup that lies in the folder of the daily ones. */
export interface KeptBackup {
  file: string;
  at: Instant;
}

/** How many are kept: of so many days, and of so many weeks, the newest each. */
export interface BackupKeeping {
  daily: number;
  weekly: number;
}

const dayMs = 86_400_000;
/** Days since 1970 in UTC; that day was a Thursday, so a week begins on the Monday before it. */
const dayOf = ({ at }: KeptBackup) => Math.floor(Date.parse(at) / dayMs);
const weekOf = (backup: KeptBackup) => Math.floor((dayOf(backup) + 3) / 7);

/** The files that need not be kept: all but the newest of each of the last days and weeks that have one. The newest of all always stays. */
export function outlivedBackups(backups: readonly KeptBackup[], { daily, weekly }: BackupKeeping): string[] {
  const newestFirst = [...backups].sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
  const newestOf = (spanOf: (backup: KeptBackup) => number, count: number) => {
    const spans = new Map<number, string>();
    for (const backup of newestFirst) if (!spans.has(spanOf(backup))) spans.set(spanOf(backup), backup.file);
    return [...spans.values()].slice(0, count);
  };
  const kept = new Set([...newestOf(dayOf, Math.max(daily, 1)), ...newestOf(weekOf, weekly)]);
  return newestFirst.flatMap(({ file }) => (kept.has(file) ? [] : [file]));
}
