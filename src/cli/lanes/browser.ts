import { cpSync, readFileSync, rmSync } from "node:fs";
import { resolve } from "node:path";
import type { ChildProcess } from "node:child_process";
import { runProgram } from "../database";
import type { Prepared } from "../prepare";
import { connected } from "../connected";
import { copyDatabase } from "../copy-database";
import { endApp, needFreePort, serve, untilReady } from "../serve";
import { tool, type Count } from "./count";

const ports = [4321, 4322];
/** these kill the database's server, which the other worker would be using */
const alone = "e2e/no-signal.spec.ts";

interface Copy {
  port: number;
  ownerUrl: string;
  env: Record<string, string | undefined>;
}

/**
 * Playwright over the built app: two workers, each with an app and a copy of the demo's database of its own, which each
 * spec finds as new; what kills the server runs by itself afterwards.
 */
export async function browserLane(prepared: Prepared, args: string[]): Promise<Count> {
  for (const port of ports) await needFreePort(port);
  const { database, ownerUrl } = prepared;
  await connected(database.ownerUrl, (server) => copyDatabase(server, template, nameIn(ownerUrl)));
  const copies = await Promise.all(ports.map((port, index) => copyOf(prepared, port, index)));
  const apps: ChildProcess[] = [];
  try {
    for (const { port, env } of copies) apps.push(serve(port, { ...env, BRINECOVE_CHECK_CONTRACT: "yes" }, true));
    for (const [index, { port }] of copies.entries()) await untilReady(port, apps[index] as ChildProcess);
    const together = await specs("together", args, {
      ...database.script,
      BRINECOVE_APPS: JSON.stringify(copies),
      BRINECOVE_TEMPLATE: JSON.stringify({ serverUrl: database.ownerUrl, name: template }),
      BRINECOVE_LEAVE_OUT: alone,
    });
    const isOne = args.some((arg) => arg.startsWith("e2e/") || arg.endsWith(".spec"));
    const runsAlone = !isOne || args.some((arg) => arg.includes("no-signal"));
    const last = runsAlone
      ? await specs("alone", [alone], {
          ...database.script,
          BRINECOVE_APPS: JSON.stringify([{ port: 0, ownerUrl, env: {} }]),
        })
      : none;
    return { passed: together.passed + last.passed, failed: together.failed + last.failed };
  } finally {
    await Promise.all(apps.map(endApp));
  }
}

const none: Count = { passed: 0, failed: 0 };
const template = "brinecove_browser_template";
const nameIn = (url: string) => new URL(url).pathname.slice(1);

/** A copy of the database as the demo left it, and of its keys, before anyone is connected. */
async function copyOf({ database, ownerUrl, appUrl }: Prepared, port: number, index: number): Promise<Copy> {
  const name = `brinecove_browser_${index + 1}`;
  await connected(database.ownerUrl, (server) => copyDatabase(server, name, template));
  const data = `${process.env.BRINECOVE_DATA}-${index + 1}`;
  rmSync(data, { recursive: true, force: true });
  cpSync(process.env.BRINECOVE_DATA ?? "", data, { recursive: true });
  const addressed = (url: string) => Object.assign(new URL(url), { pathname: `/${name}` }).href;
  return {
    port,
    ownerUrl: addressed(ownerUrl),
    env: { BRINECOVE_APP_DATABASE_URL: addressed(appUrl), BRINECOVE_DATA: data },
  };
}

async function specs(name: string, args: string[], env: Record<string, string | undefined>): Promise<Count> {
  const report = resolve(`.build/browser-${name}.json`);
  rmSync(report, { force: true });
  await runProgram(tool("playwright"), ["test", ...args], { ...env, BRINECOVE_REPORT: report });
  const { stats } = JSON.parse(readFileSync(report, "utf8")) as {
    stats: { expected: number; unexpected: number; flaky: number; skipped: number };
  };
  if (stats.flaky > 0) console.error(`${stats.flaky} passed only at the second try: see "flaky" above.`);
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected + stats.skipped };
}
