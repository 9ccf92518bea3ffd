import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { dataFolder } from "../database";

/** What is running on a data folder: `start` itself, and the app's own process. */
export interface Running {
  pid: number;
  app: number | null;
}

export const runningFile = () => join(dataFolder(), "running.json");

/** Notes what is running, for `stop` and for the guard. */
export function noteRunning(running: Running): void {
  mkdirSync(dataFolder(), { recursive: true, mode: 0o711 });
  writeFileSync(runningFile(), JSON.stringify(running));
}

/** What was noted last; null where nothing runs or the note cannot be read. */
export function readRunning(): Running | null {
  try {
    return existsSync(runningFile()) ? (JSON.parse(readFileSync(runningFile(), "utf8")) as Running) : null;
  } catch {
    return null;
  }
}

/** Takes the note away: everything has ended as it should. */
export function forgetRunning(): void {
  rmSync(runningFile(), { force: true });
}

/** Whether a process is one of ours and alive; another that was given its number meanwhile is not. */
export function isOurs(pid: number): boolean {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, "utf8").includes("node");
  } catch {
    return false;
  }
}

/** Whether another process than this one runs Brinecove on the data folder. */
export function isStarted(): boolean {
  const running = readRunning();
  return running !== null && running.pid !== process.pid && isOurs(running.pid);
}
