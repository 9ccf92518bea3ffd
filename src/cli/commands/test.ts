import { execFileSync } from "node:child_process";
import { existsSync, mkdirSync } from "node:fs";
import { buildIfChanged } from "../build";
import { loadFixedDemo } from "../fixed-demo";
import { browserLane } from "../lanes/browser";
import { check, tool, type Count } from "../lanes/count";
import { killsLane } from "../lanes/kills";
import { unitLane } from "../lanes/unit";
import { CommandError } from "../command-error";
import { prepareDatabase } from "../prepare";
import { writeValidators } from "../validators";

const rooms = ["src", "e2e", "demo"];
const still: readonly [name: string, tool: string, args: readonly string[]][] = [
  ["format", "prettier", ["--check", ".", "--log-level", "warn"]],
  ["types", "tsc", ["--noEmit"]],
  ["lint", "eslint", [".", "--max-warnings", "0"]],
  ["rooms", "depcruise", ["--config", ".dependency-cruiser.cjs", ...rooms, "--output-type", "err"]],
  ["folders", "depcruise", ["--config", ".dependency-cruiser-folders.cjs", ...rooms, "--output-type", "err"]],
];

/**
 * `test`: format, types, lint and rooms while the app is built, then unit tests with a real database, the browser
 * tests and a short play of kills. A lane's name runs that one alone. Ends with one line of counts.
 */
export async function run(args: string[]): Promise<number> {
  const [only, ...more] = args;
  const total: Count = { passed: 0, failed: 0 };
  const first: string[] = [];
  const lane = async (name: string, work: () => Promise<Count>) => {
    if (only && only !== name) return;
    const begun = Date.now();
    const count = await work().catch((error: Error): Count => {
      console.error(error instanceof CommandError ? error.message : error);
      return { passed: 0, failed: 1 };
    });
    total.passed += count.passed;
    total.failed += count.failed;
    first.push(...(count.first ?? []));
    const seconds = Math.round((Date.now() - begun) / 1000);
    console.log(`== ${name}: ${count.passed} passed, ${count.failed} failed, ${seconds} s\n`);
  };
  needTools();
  writeValidators();
  mkdirSync(".build", { recursive: true });
  // the build is awaited by the browser tests, and its fault is theirs to tell
  const built = !only || only === "browser" || only === "kills" ? buildIfChanged(".next-test") : Promise.resolve();
  built.catch(() => undefined);
  for (const [name, program, given] of still) await lane(name, () => check(tool(program), given));
  await built.catch(() => undefined);
  const prepared = await prepareDatabase("test");
  try {
    // the apps under test show it, and each unit test of the server has a copy of its own
    await loadFixedDemo(prepared, "test");
    await lane("unit", () => unitLane(prepared, more));
    await lane("browser", async () => {
      await built;
      return browserLane(prepared, more);
    });
    // last: it records in the database that the others copy
    await lane("kills", async () => {
      await built;
      return killsLane(prepared);
    });
  } finally {
    prepared.database.stop();
  }
  // the output is long: what failed first stands at its end
  for (const fault of first) console.log(`${fault}\n`);
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
    throw new CommandError(
      `The tests need Debian's ${missing.join(" and ")}. Install once as root: apt-get install -y --no-install-recommends ${missing.join(" ")}`,
    );
  console.error(`Installing Debian's ${missing.join(" and ")} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  execFileSync("apt-get", ["update", "-qq"], { stdio: "inherit", env });
  execFileSync("apt-get", ["install", "-y", "-qq", "--no-install-recommends", ...missing], { stdio: "inherit", env });
}
