import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { resolve } from "node:path";
import Ajv from "ajv/dist/2020.js";
import standaloneCode from "ajv/dist/standalone/index.js";
import { buildSync } from "esbuild";
import { AboardBook, BoatBook, StudyAnswers } from "../formats/book";
import { SurveyBundle } from "../formats/draft";
import { BoatDataAnswer, EntryAnswers, FeedPage, OpenAnswer, SealAnswer } from "../formats/wire";

/** What the browser checks by itself: a file each, so that a page loads only what it needs. */
const schemas = {
  "aboard-book": { schema: AboardBook, type: "AboardBook", from: "../book" },
  "boat-book": { schema: BoatBook, type: "BoatBook", from: "../book" },
  "entry-answers": { schema: EntryAnswers, type: "EntryAnswers", from: "../wire" },
  "feed-page": { schema: FeedPage, type: "FeedPage", from: "../wire" },
  "open-answer": { schema: OpenAnswer, type: "OpenAnswer", from: "../wire" },
  "boat-data-answer": { schema: BoatDataAnswer, type: "BoatDataAnswer", from: "../wire" },
  "study-answers": { schema: StudyAnswers, type: "StudyAnswers", from: "../book" },
  "survey-bundle": { schema: SurveyBundle, type: "SurveyBundle", from: "../draft" },
  "seal-answer": { schema: SealAnswer, type: "SealAnswer", from: "../wire" },
};

/** Compiles the browser's validators to plain functions: a strict content-security policy forbids making them at run time. */
export function writeValidators(folder = "src/formats/generated"): void {
  mkdirSync(folder, { recursive: true });
  for (const [name, { schema, type, from }] of Object.entries(schemas)) {
    const ajv = new Ajv({ code: { source: true }, strict: false, messages: false });
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
    const code = `const validate = (() => {\nconst module = { exports: {} };\n${bundled.outputFiles[0]?.text ?? ""}\nreturn module.exports.default ?? module.exports;\n})();\nexport const check = (value) => validate(value);\n`;
    write(`${folder}/${name}.js`, code);
    write(
      `${folder}/${name}.d.ts`,
      `import type { Static } from "@sinclair/typebox";\nimport type { ${type} } from "${from}";\nexport declare const check: (value: unknown) => value is Static<typeof ${type}>;\n`,
    );
  }
}

/** Leaves a file alone that is the same already, so that builds see no change. */
function write(file: string, text: string): void {
  if (!existsSync(file) || readFileSync(file, "utf8") !== text) writeFileSync(file, text);
}
