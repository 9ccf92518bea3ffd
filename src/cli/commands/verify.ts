import { readFileSync } from "node:fs";
import { SealedFile } from "../../core/handover/sealed-file";
import { sealProblems } from "../../core/handover/seal";
import { parseAs } from "../../formats/validate";
import { PlainError } from "../plain-error";

/** `verify FILE`: names what was changed in a sealed record that was saved as a file; 1 when anything was. */
export async function run([file]: string[]): Promise<number> {
  if (!file) throw new PlainError("Say which file: ./brinecove verify record.json");
  let record: SealedFile;
  try {
    record = parseAs(SealedFile, JSON.parse(readFileSync(file, "utf8")));
  } catch (error) {
    throw new PlainError(`${file} is not a sealed record: ${(error as Error).message}`);
  }
  const problems = sealProblems(record);
  for (const problem of problems) console.log(problem);
  if (problems.length === 0) console.log(`Sealed ${record.sealedAt}, ${record.entries.length} entries: nothing was changed. Seal ${record.seal}`);
  return problems.length === 0 ? 0 : 1;
}
