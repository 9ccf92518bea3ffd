import type { Instant } from "../basics/instant";

/** The last backup that was made, and what became of the tries since. */
export interface BackupsMade {
  last: { at: Instant; file: string; bytes: number; encrypted: boolean } | null;
  fault: "disk-full" | "cut-off" | "failed" | null;
  underWay: boolean;
}
