import { readdirSync, readFileSync } from "node:fs";
import { createTranslator } from "next-intl";
import type { Translator } from "../src/messages/translator";

const folder = "src/messages/en";
const subjects = readdirSync(folder).filter((name) => name.endsWith(".json"));

/** The words as the app says them; the browser tests' loader takes no JSON as a module. */
export const english = createTranslator({
  locale: "en-GB",
  messages: Object.assign(
    {},
    ...subjects.map((name) => JSON.parse(readFileSync(`${folder}/${name}`, "utf8")) as object),
  ) as Record<string, never>,
}) as unknown as Translator;
