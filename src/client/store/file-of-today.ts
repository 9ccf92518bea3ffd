import type { YachtFile } from "@/core/yacht/schema";
import { upgradeYachtFile } from "@/core/yacht/upgrade";

/** What this device kept with a yacht file that an earlier version of the program wrote, its file in the form of today. */
export const withFileOfToday = <T extends { file: YachtFile }>(kept: T): T => ({
  ...kept,
  file: upgradeYachtFile(kept.file) as YachtFile,
});
