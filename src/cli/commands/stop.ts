import { stopDatabase } from "../database";
import { forgetRunning, isOurs, readRunning } from "../running/note";

const everyMs = 1000;
const longestMs = 20_000;
const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

/**
 * `stop`: ends what runs on this data folder, also what a killed `start` has left.
 *
 * `--when-gone PID` waits until `start` has gone, which then has ended everything itself or was killed; its own guard.
 */
export async function run([flag, of]: string[]): Promise<number> {
  const guarded = flag === "--when-gone" ? Number(of) : null;
  if (guarded !== null) {
    while (isOurs(guarded)) await pause(everyMs);
    // it has ended everything itself, or another start has begun meanwhile
    if (readRunning()?.pid !== guarded) return 0;
  }
  const running = readRunning();
  const isStarted = running !== null && guarded === null && isOurs(running.pid);
  if (isStarted) {
    process.kill(running.pid, "SIGTERM");
    for (let waited = 0; isOurs(running.pid) && waited < longestMs; waited += 200) await pause(200);
  }
  if (running?.app && isOurs(running.app)) endGroup(running.app);
  stopDatabase();
  forgetRunning();
  if (guarded === null) console.log(running ? "Brinecove has ended." : "Nothing was running here.");
  return 0;
}

function endGroup(pid: number): void {
  for (const target of [-pid, pid])
    try {
      process.kill(target, "SIGKILL");
    } catch {
      // it has gone already
    }
}
