import { readFileSync } from "node:fs";
import { resolveYacht } from "../core/yacht/resolve";
import { YachtFile, YachtOfClass } from "../core/yacht/schema";
import { parseAs } from "../formats/validate";

const read = (path: string): unknown => JSON.parse(readFileSync(path, "utf8"));

/** The resolved file of a demo yacht, by the name of its file. */
export function demoYachtFile(name: string): YachtFile {
  const own = parseAs(YachtOfClass, read(`demo/yachts/${name}.json`));
  return parseAs(YachtFile, resolveYacht(read(`demo/classes/${own.class}.json`), own.patch));
}
