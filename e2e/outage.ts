import { execFileSync, type ChildProcess } from "node:child_process";
import { readFileSync } from "node:fs";
import { createServer, request, type IncomingMessage, type Server, type ServerResponse } from "node:http";
import { resolve } from "node:path";
import { serve, untilReady } from "../src/cli/serve";

const appPort = 4325;
const frontPort = 4326;

/**
 * A second server of the app on the test's database, behind a front that can break it: the app and the database are
 * ended by SIGKILL, without a word, and started again.
 */
export class Outage {
  readonly origin = `http://127.0.0.1:${frontPort}`;
  private app: ChildProcess | null = null;
  private front: Server | null = null;
  private databasePid = 0;
  /** called when the app has answered and the answer is on its way; false loses it */
  onAnswered: (method: string, path: string) => boolean = () => true;
  /** called before a request goes to the app */
  onRequest: (method: string, path: string) => void = () => undefined;
  /** words added to the service worker: another version of the app is deployed */
  version = "";

  async start(): Promise<void> {
    await this.startApp();
    this.front = createServer((incoming, outgoing) => this.pass(incoming, outgoing));
    await new Promise<void>((done) => this.front?.listen(frontPort, "127.0.0.1", done));
  }

  async stop(): Promise<void> {
    this.front?.closeAllConnections();
    await new Promise((done) => this.front?.close(done));
    this.killApp();
  }

  killApp(): void {
    if (this.app?.pid && isThere(-this.app.pid)) process.kill(-this.app.pid, "SIGKILL");
    this.app = null;
  }

  async startApp(): Promise<void> {
    this.app = serve(appPort, {}, true);
    await untilReady(appPort, this.app);
  }

  /** Ends the database's first process at once; the others fall with it. */
  killDatabase(): void {
    this.databasePid = Number(readFileSync(`${postgres("start")}/data/postmaster.pid`, "utf8").split("\n")[0]);
    process.kill(this.databasePid, "SIGKILL");
  }

  /** Starts the database again; it recovers by itself what it had promised. */
  async startDatabase(): Promise<void> {
    for (let tries = 0; ; tries++) {
      try {
        // one that is still on its way out would be taken for a running one
        if (isThere(this.databasePid)) throw new Error("the database that was killed is still there");
        postgres("start");
        return;
      } catch (error) {
        // its last processes are still on their way out
        if (tries === 40) throw error;
        await new Promise((done) => setTimeout(done, 250));
      }
    }
  }

  private pass(incoming: IncomingMessage, outgoing: ServerResponse): void {
    const { method = "GET", url = "/", headers } = incoming;
    this.onRequest(method, url);
    const onward = request(
      { host: "127.0.0.1", port: appPort, method, path: url, headers: { ...headers, "accept-encoding": "identity" } },
      (answer) => {
        if (!this.onAnswered(method, url)) return void incoming.socket.destroy();
        if (this.version !== "" && url.startsWith("/serwist/sw.js") && !url.endsWith(".map"))
          return void this.changed(answer, outgoing);
        outgoing.writeHead(answer.statusCode ?? 502, answer.headers);
        answer.on("error", () => outgoing.destroy()).pipe(outgoing);
      },
    );
    onward.on("error", () => incoming.socket.destroy());
    incoming.pipe(onward);
    outgoing.on("close", () => onward.destroy());
  }

  private changed(answer: IncomingMessage, outgoing: ServerResponse): void {
    const parts: Buffer[] = [];
    answer
      .on("data", (part: Buffer) => parts.push(part))
      .on("end", () => {
        const { "content-length": _length, etag: _etag, ...headers } = answer.headers;
        outgoing
          .writeHead(answer.statusCode ?? 502, headers)
          .end(`${Buffer.concat(parts).toString("utf8")}\n// ${this.version}\n`);
      });
  }
}

/** The database's own script; the folder, port and password are in the environment. Gives the folder. */
const postgres = (action: "start") =>
  execFileSync(resolve("src/cli/postgres.sh"), [action], {
    encoding: "utf8",
    stdio: ["ignore", "pipe", "ignore"],
  }).trim();

function isThere(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
}
