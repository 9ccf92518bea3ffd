import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { runProgram } from "./database";
import { CommandError } from "./command-error";
import { writeValidators } from "./validators";

const sources = ["src", "public", "package-lock.json", "next.config.ts", "tsconfig.json"];

function hashInto(hash: ReturnType<typeof createHash>, path: string): void {
  if (!existsSync(path)) return;
  if (statSync(path).isDirectory()) {
    for (const name of readdirSync(path).sort()) hashInto(hash, join(path, name));
    return;
  }
  if (/\.test\.tsx?$/.test(path)) return;
  hash.update(path).update(readFileSync(path));
}

/** Builds the app for production unless these very sources are built already. */
export async function buildIfChanged(dist: string): Promise<void> {
  writeValidators();
  const hash = createHash("sha256");
  for (const source of sources) hashInto(hash, source);
  const print = hash.digest("hex");
  const stamp = join(dist, "brinecove-sources");
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === print) return;
  console.error("Building the app …");
  const code = await runProgram(process.execPath, ["node_modules/next/dist/bin/next", "build"], {
    BRINECOVE_DIST: dist,
    NEXT_TELEMETRY_DISABLED: "1",
    NODE_ENV: "production",
  });
  if (code !== 0) throw new CommandError("The app could not be built; the reason is above.");
  writeFileSync(stamp, print);
}
