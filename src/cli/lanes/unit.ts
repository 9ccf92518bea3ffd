import { readFileSync, rmSync } from "node:fs";
import { relative, resolve } from "node:path";
import { stripVTControlCharacters } from "node:util";
import { runProgram } from "../database";
import type { Prepared } from "../prepare";
import { tool, type Count } from "./count";

/** Jest over core, components and server; each test file of the server has a copy of the demo's database. */
export async function unitLane({ database, ownerUrl, appUrl }: Prepared, args: string[]): Promise<Count> {
  const report = resolve(".build/unit.json");
  rmSync(report, { force: true });
  await runProgram(tool("jest"), ["--json", `--outputFile=${report}`, ...args], {
    BRINECOVE_TEST_SERVER: database.ownerUrl,
    BRINECOVE_TEST_DEMO: ownerUrl,
    BRINECOVE_TEST_APP: appUrl,
  });
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites, testResults } = JSON.parse(
    readFileSync(report, "utf8"),
  ) as Report;
  const first = testResults
    .filter(({ status }) => status === "failed")
    .sort((a, b) => a.endTime - b.endTime)
    .slice(0, 3)
    .map(({ name, message }) => `${relative(".", name)}: ${stripVTControlCharacters(message).slice(0, 800)}`);
  return { passed: numPassedTests, failed: numFailedTests + numRuntimeErrorTestSuites, first };
}

/** What Jest writes with --json, as far as it is read here. */
interface Report {
  numPassedTests: number;
  numFailedTests: number;
  numRuntimeErrorTestSuites: number;
  testResults: { name: string; status: string; message: string; endTime: number }[];
}
