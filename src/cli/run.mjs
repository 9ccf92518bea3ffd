// Bundles one command (src/cli/commands/NAME.ts) with esbuild and runs it: TypeScript needs no step of its own,
// and a command answers in a fraction of a second.
import { existsSync, mkdirSync, renameSync, writeFileSync } from "node:fs";
import { resolve } from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "esbuild";

const [name = "help", ...rest] = process.argv.slice(2);
const source = resolve("src/cli/commands", `${name}.ts`);
if (!/^[a-z-]+$/.test(name) || !existsSync(source)) {
  console.error(
    `There is no "${name}". Commands: start, stop, test, dev, calc NAME, screenshots, measure, verify FILE, backup FILE, restore FILE, doctor, keys WHAT, base add, reset-demo, remove-demo.`,
  );
  process.exit(2);
}
const bundled = await build({
  entryPoints: [source],
  bundle: true,
  platform: "node",
  format: "esm",
  target: "node20",
  packages: "external",
  write: false,
  logLevel: "error",
  alias: {
    "server-only": resolve("src/cli/empty.mjs"),
    "next/headers": "next/headers.js",
    "next/navigation": "next/navigation.js",
  },
});
mkdirSync(".build", { recursive: true });
const file = resolve(".build", `${name}.mjs`);
const own = `${file}.${process.pid}`;
writeFileSync(own, bundled.outputFiles[0].contents);
renameSync(own, file);
const command = await import(pathToFileURL(file).href);
try {
  process.exitCode = await command.run(rest);
} catch (error) {
  if (error?.name !== "CommandError") throw error;
  console.error(error.message);
  process.exitCode = 2;
}
