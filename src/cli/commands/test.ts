import { execFileSync, spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { resolve } from "node:path";
import { buildIfChanged } from "../build";
import { dataFolder, runProgram } from "../database";
import { loadDemoIfEmpty } from "../demo/load";
import { PlainError } from "../plain-error";
import { prepareDatabase, type Prepared } from "../prepare";
import { endApp, needFreePort, serve, untilReady } from "../serve";
import { writeValidators } from "../validators";

interface Count {
  passed: number;
  failed: number;
}

/** The day of the tests and the pictures: a Saturday in June at the base. */
export const fixedNow = "2027-06-12T10:12:00Z";
const port = 4321;
const npx = (tool: string) => resolve("node_modules/.bin", tool);

/** `test`: types, lint, rooms, unit tests with a real database, production build, browser tests. Ends with one line of counts. */
export async function run(args: string[]): Promise<number> {
  const only = args[0];
  const total: Count = { passed: 0, failed: 0 };
  const add = (name: string, { passed, failed }: Count) => {
    total.passed += passed;
    total.failed += failed;
    console.log(`== ${name}: ${passed} passed, ${failed} failed\n`);
  };
  const step = async (name: string, work: () => Promise<Count>) => {
    if (only && only !== name) return;
    const count = await work().catch((error: Error): Count => {
      console.error(error instanceof PlainError ? error.message : error);
      return { passed: 0, failed: 1 };
    });
    add(name, count);
  };
  needChromium();
  writeValidators();
  mkdirSync(".build", { recursive: true });
  await step("types", () => check(npx("tsc"), ["--noEmit"]));
  await step("lint", () => check(npx("eslint"), [".", "--max-warnings", "0"]));
  await step("rooms", () => check(npx("depcruise"), ["--config", ".dependency-cruiser.cjs", "src", "--output-type", "err"]));
  const prepared = await prepareDatabase("test");
  try {
    await step("unit", () => unitTests(prepared));
    await step("browser", () => browserTests(prepared, args.slice(1)));
  } finally {
    prepared.database.stop();
  }
  console.log(`${total.passed} passed, ${total.failed} failed`);
  return total.failed === 0 && total.passed > 0 ? 0 : 1;
}

/** Installs Debian's Chromium where it is missing and we may; refuses with one line where we may not. */
export function needChromium(): void {
  if (existsSync(process.env.CHROMIUM ?? "/usr/bin/chromium")) return;
  if (process.getuid?.() !== 0) throw new PlainError("The browser tests need Debian's Chromium. Install it once as root: apt-get install -y --no-install-recommends chromium");
  console.error("Installing Debian's Chromium …");
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  execFileSync("apt-get", ["update", "-qq"], { stdio: "inherit", env });
  execFileSync("apt-get", ["install", "-y", "-qq", "--no-install-recommends", "chromium"], { stdio: "inherit", env });
}

async function check(program: string, args: string[]): Promise<Count> {
  return (await runProgram(program, args)) === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

async function unitTests({ database }: Prepared): Promise<Count> {
  const report = resolve(".build/unit.json");
  rmSync(report, { force: true });
  // the demo's database stays as it is: tests of the database have one of their own on the same server
  await runProgram(npx("jest"), ["--json", `--outputFile=${report}`], { BRINECOVE_TEST_SERVER: database.ownerUrl });
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(readFileSync(report, "utf8")) as Record<string, number>;
  return { passed: numPassedTests ?? 0, failed: (numFailedTests ?? 0) + (numRuntimeErrorTestSuites ?? 0) };
}

async function browserTests({ appUrl, ownerUrl }: Prepared, args: string[]): Promise<Count> {
  const report = resolve(".build/browser.json");
  rmSync(report, { force: true });
  await needFreePort(port);
  await buildIfChanged(".next-test");
  const data = resolve(dataFolder(), "test");
  rmSync(data, { recursive: true, force: true });
  const env = { BRINECOVE_APP_DATABASE_URL: appUrl, BRINECOVE_DATA: data, BRINECOVE_DIST: ".next-test", BRINECOVE_NOW: fixedNow, BRINECOVE_LOG: "error" };
  Object.assign(process.env, env);
  await loadDemoIfEmpty();
  const app = serve(port, env, true);
  try {
    await untilReady(port, app);
    spawnSync(npx("playwright"), ["test", ...args], { stdio: "inherit", env: { ...process.env, BRINECOVE_PORT: String(port), BRINECOVE_REPORT: report, BRINECOVE_OWNER_URL: ownerUrl } });
  } finally {
    await endApp(app);
  }
  const { stats } = JSON.parse(readFileSync(report, "utf8")) as { stats: { expected: number; unexpected: number; flaky: number; skipped: number } };
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky + stats.skipped };
}
