import { spawn } from "node:child_process";
import { resolve } from "node:path";

/** Leaves a small process that ends what is left, once `start` has been killed and could not do so itself. */
export function guardAgainstDeath(): void {
  const guard = spawn(process.execPath, [resolve("src/cli/run.mjs"), "stop", "--when-gone", String(process.pid)], {
    stdio: "ignore",
    detached: true,
    env: process.env,
  });
  guard.unref();
}
