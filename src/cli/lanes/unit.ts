import { readFileSync, rmSync } from "node:fs";
import { resolve } from "node:path";
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
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(
    readFileSync(report, "utf8"),
  ) as Record<string, number>;
  return { passed: numPassedTests ?? 0, failed: (numFailedTests ?? 0) + (numRuntimeErrorTestSuites ?? 0) };
}
