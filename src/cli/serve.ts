import { spawn, type ChildProcess } from "node:child_process";
import { createServer } from "node:net";
import { mkdirSync, statfsSync } from "node:fs";
import { dataFolder } from "./database";
import { CommandError } from "./command-error";

/** Refuses with one line when a port is taken. */
export function needFreePort(port: number): Promise<void> {
  return new Promise((free, taken) => {
    const probe = createServer();
    probe.once("error", () =>
      taken(
        new CommandError(
          `Port ${port} is taken: Brinecove may be running already. Stop what uses it, or set BRINECOVE_PORT to a free one.`,
        ),
      ),
    );
    probe.listen(port, "127.0.0.1", () => probe.close(() => free()));
  });
}

/** Refuses with one line when the disk is all but full. */
export function needDisk(megabytes: number): void {
  // where the data lie, which may be another disk than the program's
  const folder = dataFolder();
  mkdirSync(folder, { recursive: true, mode: 0o711 });
  const { bavail, bsize } = statfsSync(folder);
  const free = Math.floor((bavail * bsize) / 1e6);
  if (free < megabytes)
    throw new CommandError(
      `Only ${free} MB are free on the disk of ${folder}; Brinecove needs about ${megabytes} MB. Make room, then run this again.`,
    );
}

/** Starts the built app, or for `dev` the app from its sources, as a process of its own. */
export function serve(
  port: number,
  env: Record<string, string | undefined>,
  quiet = false,
  mode: "start" | "dev" = "start",
): ChildProcess {
  // behind a proxy on the same machine nobody else needs to reach it; in a container the proxy is another machine
  const address = ["-H", process.env.BRINECOVE_LISTEN ?? "127.0.0.1", "-p", String(port)];
  // a connection that is kept is not ended by us in the moment in which the other side uses it again
  const kept = mode === "start" ? ["--keepAliveTimeout", "65000"] : [];
  return spawn(process.execPath, ["node_modules/next/dist/bin/next", mode, ...address, ...kept], {
    stdio: ["ignore", quiet ? "ignore" : "inherit", "inherit"],
    // a base with real gateways names its own address; the demo's are simulated, and ship with the app
    env: {
      BRINECOVE_BOAT_DATA: `http://127.0.0.1:${port}/api/simulated/boat-data/{yacht}`,
      ...process.env,
      NEXT_TELEMETRY_DISABLED: "1",
      NODE_ENV: mode === "start" ? "production" : "development",
      ...env,
    } as NodeJS.ProcessEnv,
    // Ctrl-C is for us: we end the app first, then its database
    detached: true,
  });
}

/** Waits until the app answers, or its process has ended. */
export async function untilReady(port: number, child: ChildProcess, seconds = 60): Promise<void> {
  const end = Date.now() + seconds * 1000;
  while (Date.now() < end) {
    if (child.exitCode !== null)
      throw new CommandError("The app ended while it was starting; its last words are above.");
    const answer = await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => null);
    if (answer?.ok) return;
    await new Promise((done) => setTimeout(done, 100));
  }
  throw new CommandError(`The app did not answer within ${seconds} seconds.`);
}

/** Ends the app and waits for it; by force when it does not. */
export async function endApp(child: ChildProcess): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  await new Promise<void>((done) => {
    const force = setTimeout(() => child.kill("SIGKILL"), 5000);
    child.once("close", () => {
      clearTimeout(force);
      done();
    });
    child.kill("SIGTERM");
  });
}
