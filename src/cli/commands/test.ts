import { execFileSync, spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { resolve } from "node:path";
import { buildIfChanged } from "../build";
import { runProgram } from "../database";
import { loadFixedDemo } from "../demo/fixed";
import { PlainError } from "../plain-error";
import { prepareDatabase, type Prepared } from "../prepare";
import { endApp, needFreePort, serve, untilReady } from "../serve";
import { writeValidators } from "../validators";

interface Count {
  passed: number;
  failed: number;
}

const port = 4321;
const npx = (tool: string) => resolve("node_modules/.bin", tool);

/** `test`: format, types, lint, rooms, unit tests with a real database, production build, browser tests. Ends with one line of counts. */
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
  needTools();
  writeValidators();
  mkdirSync(".build", { recursive: true });
  await step("format", () => check(npx("prettier"), ["--check", ".", "--log-level", "warn"]));
  await step("types", () => check(npx("tsc"), ["--noEmit"]));
  await step("lint", () => check(npx("eslint"), [".", "--max-warnings", "0"]));
  await step("rooms", () =>
    check(npx("depcruise"), ["--config", ".dependency-cruiser.cjs", "src", "--output-type", "err"]),
  );
  const prepared = await prepareDatabase("test");
  try {
    // the app under test shows it, and each unit test of the server has a copy of its own
    await loadFixedDemo(prepared, "test");
    await step("unit", () => unitTests(prepared, args.slice(1)));
    await step("browser", () => browserTests(prepared, args.slice(1)));
  } finally {
    prepared.database.stop();
  }
  console.log(`${total.passed} passed, ${total.failed} failed`);
  return total.failed === 0 && total.passed > 0 ? 0 : 1;
}

/** Installs Debian's Chromium (browser tests) and poppler (reads the PDFs) where they are missing and we may; one line where we may not. */
export function needTools(): void {
  const missing = [
    ...(existsSync(process.env.CHROMIUM ?? "/usr/bin/chromium") ? [] : ["chromium"]),
    ...(existsSync("/usr/bin/pdftotext") ? [] : ["poppler-utils"]),
  ];
  if (missing.length === 0) return;
  if (process.getuid?.() !== 0)
    throw new PlainError(
      `The tests need Debian's ${missing.join(" and ")}. Install once as root: apt-get install -y --no-install-recommends ${missing.join(" ")}`,
    );
  console.error(`Installing Debian's ${missing.join(" and ")} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  execFileSync("apt-get", ["update", "-qq"], { stdio: "inherit", env });
  execFileSync("apt-get", ["install", "-y", "-qq", "--no-install-recommends", ...missing], { stdio: "inherit", env });
}

async function check(program: string, args: string[]): Promise<Count> {
  return (await runProgram(program, args)) === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

async function unitTests({ database, ownerUrl, appUrl }: Prepared, args: string[]): Promise<Count> {
  const report = resolve(".build/unit.json");
  rmSync(report, { force: true });
  await runProgram(npx("jest"), ["--json", `--outputFile=${report}`, ...args], {
    BRINECOVE_TEST_SERVER: database.ownerUrl,
    BRINECOVE_TEST_DEMO: ownerUrl,
    BRINECOVE_TEST_APP: appUrl,
  });
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(
    readFileSync(report, "utf8"),
  ) as Record<string, number>;
  return { passed: numPassedTests ?? 0, failed: (numFailedTests ?? 0) + (numRuntimeErrorTestSuites ?? 0) };
}

async function browserTests({ ownerUrl, database }: Prepared, args: string[]): Promise<Count> {
  const report = resolve(".build/browser.json");
  rmSync(report, { force: true });
  await needFreePort(port);
  await buildIfChanged(".next-test");
  const app = serve(port, { BRINECOVE_CHECK_CONTRACT: "yes" }, true);
  try {
    await untilReady(port, app);
    spawnSync(npx("playwright"), ["test", ...args], {
      stdio: "inherit",
      env: {
        ...process.env,
        ...database.script,
        BRINECOVE_PORT: String(port),
        BRINECOVE_REPORT: report,
        BRINECOVE_OWNER_URL: ownerUrl,
      },
    });
  } finally {
    await endApp(app);
  }
  const { stats } = JSON.parse(readFileSync(report, "utf8")) as {
    stats: { expected: number; unexpected: number; flaky: number; skipped: number };
  };
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky + stats.skipped };
}
