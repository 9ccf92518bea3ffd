import { existsSync } from "node:fs";
import { BadInput } from "../../core/basics/calculation";
import { calculations } from "../../core/calculations";
import { readingRules } from "../../core/readings";
import type { YachtFile } from "../../core/yacht/schema";
import { parseAs, SchemaMismatch } from "../../formats/validate";
import { demoYachtFile } from "../demo/yacht-file";

/** `calc NAME`: JSON on standard input, JSON on standard output, everything else on standard error; 2 for bad input. */
export async function run([name, option]: string[]): Promise<number> {
  const calculation = calculations.find((candidate) => candidate.name === name);
  if (!calculation) {
    console.error(
      `There is no computation "${name ?? ""}". There are: ${calculations.map((each) => `${each.name} (${each.about})`).join("; ")}.`,
    );
    return 2;
  }
  if (option === "--list") {
    const rules = name === "judge" ? Object.values(readingRules) : [calculation];
    process.stdout.write(
      `${JSON.stringify(
        rules.map((rule) => ({ name: rule.name, schema: rule.schema })),
        null,
        2,
      )}\n`,
    );
    return 0;
  }
  let input: unknown;
  try {
    const chunks: Buffer[] = [];
    for await (const chunk of process.stdin) chunks.push(chunk as Buffer);
    input = JSON.parse(Buffer.concat(chunks).toString("utf8"));
  } catch (error) {
    console.error(`The input is not JSON: ${(error as Error).message}`);
    return 2;
  }
  try {
    const result = calculation.run(
      parseAs(schemaFor(calculation.name, input) ?? calculation.schema, input) as never,
      { yachtFile } as never,
    );
    process.stdout.write(`${JSON.stringify(result)}\n`);
    return 0;
  } catch (error) {
    if (error instanceof SchemaMismatch) console.error(error.message);
    else if (error instanceof BadInput) console.error(`${error.where}: ${error.message}.`);
    else throw error;
    return 2;
  }
}

/** A demo yacht by the name of its file, or null. */
function yachtFile(name: string): YachtFile | null {
  return existsSync(`demo/yachts/${name}.json`) ? demoYachtFile(name) : null;
}

/** For a reading, its own rule's schema: its errors are clearer than those of the union of all. */
function schemaFor(name: string, input: unknown) {
  const reading = (input as { reading?: unknown } | null)?.reading;
  return name === "judge" && typeof reading === "string" ? readingRules[reading]?.schema : undefined;
}
