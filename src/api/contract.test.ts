import { spawnSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { en as catalogue } from "@/messages/en";
import { errorWords } from "@/messages/error-words";
import { englishTranslator } from "@/messages/translator";
import { isBytes, isMedia } from "./endpoint";
import { errors, type ErrorCode } from "./errors";
import { endpoints } from "./index";
import { openApi } from "./openapi";
import { permissions } from "./permissions";

// a program of its own, as it is an ES module and finds its schemas beside itself
const validator = "node_modules/@seriousme/openapi-schema-validator/bin/validate-api-cli.js";
const sentences: Readonly<Record<string, string>> = catalogue.error;
const placeholders = (sentence: string) => [...sentence.matchAll(/\{(\w+)[,}]/g)].map(([, name = ""]) => name);

describe("the description of the addresses", () => {
  it("is OpenAPI 3.1 by its own schema", () => {
    const file = join(mkdtempSync(join(tmpdir(), "contract-")), "openapi.json");
    writeFileSync(file, JSON.stringify(openApi()));
    const { status, stdout, stderr } = spawnSync(process.execPath, [validator, file], { encoding: "utf8" });
    expect([status, stdout + stderr]).toEqual([0, expect.stringMatching(/valid/)]);
    // and it is the document that is looked at
    writeFileSync(file, JSON.stringify({ ...openApi(), paths: { "/api/x": { get: { responses: 7 } } } }));
    expect(spawnSync(process.execPath, [validator, file]).status).not.toBe(0);
  });

  it("has every endpoint with who may call it, what it takes, gives and refuses", () => {
    const { paths } = openApi() as { paths: Record<string, Record<string, { security: object[]; responses: object }>> };
    for (const { endpoint } of endpoints) {
      const operation = paths[endpoint.path]?.[endpoint.method.toLowerCase()];
      const statuses = endpoint.errors.map((code) => String(errors[code]));
      expect([endpoint.name, Object.keys(operation?.responses ?? {})]).toEqual([
        endpoint.name,
        expect.arrayContaining([String(endpoint.status), ...statuses]),
      ]);
      const isForAnyone = endpoint.who.some(({ kind }) => kind === "anyone");
      expect([endpoint.name, operation?.security.length === 0]).toEqual([endpoint.name, isForAnyone]);
    }
  });

  it("takes bodies as JSON or as bytes of a known kind, each with a limit", () => {
    for (const { endpoint } of endpoints) {
      if (endpoint.body === null) continue;
      expect(endpoint.maxBytes).toBeGreaterThan(0);
      if (isBytes(endpoint.body)) expect(endpoint.body.bytes.length).toBeGreaterThan(0);
      else expect(endpoint.body.additionalProperties).toBe(false);
      if (!isMedia(endpoint.answer)) expect(endpoint.answer).toHaveProperty("type");
    }
  });
});

describe("errors", () => {
  const codes = Object.keys(errors) as ErrorCode[];

  it("have a sentence each, and no sentence is left over", () => {
    expect(Object.keys(sentences).sort()).toEqual([...codes].sort());
    expect(Object.keys(catalogue["not-yours"]).sort()).toEqual(Object.keys(permissions).sort());
  });

  // what a schema or a list finds is a sentence of its own, passed on whole
  it.each(codes.filter((code) => code !== "not-yours" && !/^\{\w+\}$/.test(sentences[code] ?? "")))(
    "%s says more than a word, with its values in it",
    (code) => {
      const values = Object.fromEntries(placeholders(sentences[code] ?? "").map((name, index) => [name, 7 + index]));
      const said = errorWords(englishTranslator(), { code, params: values });
      expect(said).toMatch(/\S+ \S+ \S+/);
      expect(said).not.toMatch(/[{}]/);
    },
  );

  it("are thrown with every value that their sentence names", () => {
    const root = join(__dirname, "..");
    const files = readdirSync(root, { recursive: true, encoding: "utf8" }).filter(
      (file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file),
    );
    const thrown = files.flatMap((file) =>
      [...readFileSync(join(root, file), "utf8").matchAll(/new AppError\(\s*"([a-z-]+)"(?:,\s*\{([^}]*)\})?/g)].map(
        ([, code = "", given = ""]) => ({
          file,
          code,
          given: [...given.matchAll(/(\w+)\s*(?=[:,]|$)/g)].map((m) => m[1]),
        }),
      ),
    );
    expect(thrown.length).toBeGreaterThan(100);
    const lacking = thrown.filter(({ code, given }) =>
      placeholders(sentences[code] ?? "").some((name) => !given.includes(name)),
    );
    expect(lacking).toEqual([]);
  });
});
