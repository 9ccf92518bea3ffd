import { existsSync } from "node:fs";
import { InputError } from "../../core/basics/calculation";
import { calculations } from "../../core/calculations";
import { listDevices } from "../../core/drills/list";
import type { ValueCheck } from "../../core/handover/check-entry";
import { readingRules } from "../../core/readings";
import type { YachtFile } from "../../core/yacht/schema";
import { badText, isTooDeep, mostLevels } from "../../formats/sound-text";
import { JsonFault, parseStrictJson } from "../../formats/strict-json";
import { mismatch, parseAs, SchemaMismatch } from "../../formats/validate";
import { drillCatalogues } from "../../messages/drills";
import { demoYachtFile } from "../../demo/yacht-file";

/**
 * `calc NAME`: JSON on standard input, JSON on standard output, everything else on standard error; 2 for bad input.
 *
 * @param read gives the bytes of the input
 */
export async function run([name, option]: string[], read = standardInput): Promise<number> {
  if (name === "--list") return print(calculations.map(({ name, about, schema }) => ({ name, about, schema })));
  const calculation = calculations.find((candidate) => candidate.name === name);
  if (!calculation) {
    console.error(
      `There is no computation "${name ?? ""}". There are: ${calculations.map((each) => `${each.name} (${each.about})`).join("; ")}.`,
    );
    return 2;
  }
  if (option === "--list" && name === "drill") return print({ devices: withSentences(listDevices()) });
  if (option === "--list") {
    const rules = name === "judge" ? Object.values(readingRules) : [calculation];
    return print(rules.map((rule) => ({ name: rule.name, schema: rule.schema })));
  }
  try {
    const input = parsed(await read());
    const result = calculation.run(parseAs(calculation.schema, input) as never, { yachtFile, check } as never);
    process.stdout.write(`${JSON.stringify(result)}\n`);
    return 0;
  } catch (error) {
    if (error instanceof SchemaMismatch || error instanceof JsonFault) console.error(error.message);
    else if (error instanceof InputError) console.error(`${error.where}: ${error.message}.`);
    else throw error;
    return 2;
  }
}

/** Each mistake with the sentence that people read. */
const withSentences = (devices: ReturnType<typeof listDevices>) =>
  devices.map((device) => ({
    ...device,
    mistakes: device.mistakes.map((code) => ({
      code,
      sentence: drillCatalogues.en["drill-mistake"][`${device.name}_${code}` as "gas_burner-left"],
    })),
  }));

function print(list: object): number {
  process.stdout.write(`${JSON.stringify(list, null, 2)}\n`);
  return 0;
}

async function standardInput(): Promise<Uint8Array> {
  const chunks: Buffer[] = [];
  for await (const chunk of process.stdin) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
}

/** JSON as the standard has it, of a depth and of letters that anything of ours could have. */
function parsed(bytes: Uint8Array): unknown {
  let text: string;
  try {
    text = new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    throw new JsonFault(1, 1, "this is not UTF-8");
  }
  if (isTooDeep(text)) throw new JsonFault(1, 1, `this is nested deeper than ${mostLevels} levels`);
  const input = parseStrictJson(text);
  const bad = badText(input);
  if (bad !== null)
    throw new SchemaMismatch(
      bad,
      "has a character that no text can have (NUL, half of a pair, or a mark that turns letters around)",
    );
  return input;
}

const check: ValueCheck = (schema, value) => mismatch(schema, value)?.message ?? null;

/** A demo yacht by the name of its file, or null. */
function yachtFile(name: string): YachtFile | null {
  return existsSync(`demo/yachts/${name}.json`) ? demoYachtFile(name) : null;
}
