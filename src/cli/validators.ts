import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join, resolve } from "node:path";
import type { TSchema } from "@sinclair/typebox";
import Ajv from "ajv/dist/2020.js";
import standaloneCode from "ajv/dist/standalone/index.js";
import { buildSync } from "esbuild";
import { Done, isMedia } from "../api/endpoint";
import { endpoints } from "../api/index";

/**
 * Compiles what the browser checks by itself to plain functions: a strict content-security policy forbids making them at
 * run time. One file per answer, loaded when its endpoint is first called, and one per body, loaded when a form over it is
 * first sent.
 */
export function writeValidators(folder = "src/client/api/generated"): void {
  mkdirSync(folder, { recursive: true });
  const files = new Map<string, string>();
  const entries: string[] = [];
  const bodies: string[] = [];
  for (const { endpoint } of endpoints) {
    if (endpoint.body !== null && !("bytes" in endpoint.body)) {
      files.set(`${endpoint.name}.body.js`, bodyCode(endpoint.body));
      files.set(
        `${endpoint.name}.body.d.ts`,
        'export declare const faults: (value: unknown) => import("../../forms/fault-words").SchemaFault[];\n',
      );
      bodies.push(`  "${endpoint.name}": () => import("./${endpoint.name}.body.js"),`);
    }
    if (isMedia(endpoint.answer) || (endpoint.answer as TSchema) === Done) continue;
    files.set(`${endpoint.name}.js`, validatorCode(endpoint.answer));
    files.set(`${endpoint.name}.d.ts`, "export declare const check: (value: unknown) => boolean;\n");
    entries.push(`  "${endpoint.name}": () => import("./${endpoint.name}.js"),`);
  }
  files.set("answer-checks.js", `export const answerChecks = {\n${entries.join("\n")}\n};\n`);
  files.set(
    "answer-checks.d.ts",
    "export declare const answerChecks: Readonly<Record<string, (() => Promise<{ check: (value: unknown) => boolean }>) | undefined>>;\n",
  );
  files.set("body-checks.js", `export const bodyChecks = {\n${bodies.join("\n")}\n};\n`);
  files.set(
    "body-checks.d.ts",
    'export declare const bodyChecks: Readonly<Record<string, (() => Promise<{ faults: (value: unknown) => import("../../forms/fault-words").SchemaFault[] }>) | undefined>>;\n',
  );
  for (const name of readdirSync(folder)) if (!files.has(name)) rmSync(join(folder, name));
  for (const [name, text] of files) write(join(folder, name), text);
}

const validatorCode = (schema: TSchema): string =>
  `${compiled(schema, false)}export const check = (value) => validate(value);\n`;

/** For a form: everything that is wrong, not the first of it alone. */
const bodyCode = (schema: TSchema): string =>
  `${compiled(schema, true)}export const faults = (value) => (validate(value) ? [] : validate.errors);\n`;

function compiled(schema: TSchema, allErrors: boolean): string {
  const ajv = new Ajv({ code: { source: true }, strict: false, messages: false, validateFormats: false, allErrors });
  const source = standaloneCode(ajv, ajv.compile(schema));
  const bundled = buildSync({
    stdin: { contents: source, resolveDir: resolve("."), loader: "js" },
    bundle: true,
    format: "cjs",
    minify: true,
    write: false,
    platform: "neutral",
    mainFields: ["main"],
  });
  return `const validate = (() => {\nconst module = { exports: {} };\n${bundled.outputFiles[0]?.text ?? ""}\nreturn module.exports.default ?? module.exports;\n})();\n`;
}

/** Leaves a file alone that is the same already, so that builds see no change. */
function write(file: string, text: string): void {
  if (!existsSync(file) || readFileSync(file, "utf8") !== text) writeFileSync(file, text);
}
