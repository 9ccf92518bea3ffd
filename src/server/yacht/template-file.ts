import "server-only";
import { readFile } from "node:fs/promises";
import { join } from "node:path";
import type { Template } from "@/core/yacht/templates";
import type { YachtFile } from "@/core/yacht/schema";
import { strictJson } from "../http/body";
import { parseYachtFile } from "./parse-file";

/** The file of a template as it ships, under the name of the class that is begun from it. */
export async function templateFile(template: Template, name: string): Promise<YachtFile> {
  const file = parseYachtFile(strictJson(await readFile(join(process.cwd(), "templates", `${template}.json`))));
  return { ...file, particulars: { ...file.particulars, class: name } };
}
