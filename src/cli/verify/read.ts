import { readFileSync } from "node:fs";
import { strFromU8, unzipSync } from "fflate";
import { Receipt } from "../../core/handover/receipt";
import { SealedFile } from "../../core/handover/sealed-file";
import { twice } from "../../core/handover/seal";
import { parseStrictJson } from "../../formats/strict-json";
import { parseAsWritten } from "../../formats/validate";
import { calledFrom } from "../called-from";
import { CommandError } from "../command-error";

/** A record as it was saved. */
export interface Exported {
  file: string;
  record: SealedFile;
  /** with a zip: what the base says of the record, and every file by its name */
  receipt: Receipt | null;
  files: Record<string, Uint8Array> | null;
  /** files that are in the zip twice, so that another reader may see something else */
  doubled: string[];
}

/**
 * Reads a saved record.
 *
 * @throws CommandError for what is no record
 */
export function readExported(file: string): Exported {
  try {
    const bytes = readFileSync(calledFrom(file));
    if (bytes.subarray(0, 2).toString("latin1") !== "PK") return recordAlone(file, bytes.toString("utf8"));
    return readZip(file, new Uint8Array(bytes));
  } catch (error) {
    if (error instanceof CommandError) throw error;
    throw new CommandError(`${file} is not a sealed record: ${(error as Error).message}`);
  }
}

/** A record that was saved as JSON, without its receipt and photos. */
export function recordAlone(file: string, text: string): Exported {
  const record = parseAsWritten(SealedFile, parseStrictJson(text));
  return { file, record, receipt: null, files: null, doubled: [] };
}

function readZip(file: string, bytes: Uint8Array): Exported {
  const names: string[] = [];
  const parts = unzipSync(bytes, {
    filter: ({ name }) => {
      names.push(name);
      return true;
    },
  });
  return exportedFrom(file, parts, names);
}

/**
 * A record from the parts of its zip.
 *
 * @param names of every file in the zip, as often as it lies there
 */
export function exportedFrom(file: string, parts: Record<string, Uint8Array>, names = Object.keys(parts)): Exported {
  const json = (name: string): unknown => {
    const part = parts[name];
    if (!part) throw new Error(`${name} is missing in it`);
    return parseStrictJson(strFromU8(part));
  };
  return {
    file,
    record: parseAsWritten(SealedFile, json("record.json")),
    receipt: parseAsWritten(Receipt, json("receipt.json")),
    files: parts,
    doubled: twice(names).map((name) => `${name} is in the zip twice`),
  };
}
