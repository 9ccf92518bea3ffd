import type { BackupSecret } from "./archive";

/** What closes this installation's backups, where anything does. */
export const backupSecret = (): BackupSecret | undefined =>
  process.env.BRINECOVE_BACKUP_PASSPHRASE ? { passphrase: process.env.BRINECOVE_BACKUP_PASSPHRASE } : undefined;
