import "server-only";
import { statfsSync } from "node:fs";

/** A base with photos of a season takes some hundred megabytes; below this it is time to make room. */
export const leastFreeMb = 1000;

/** What is free on the disk on which the data lie, in megabytes. */
export function freeDiskMb(): number {
  const { bavail, bsize } = statfsSync(process.env.BRINECOVE_DATA ?? ".");
  return Math.floor((bavail * bsize) / 1e6);
}
