import { createHash, createPublicKey, verify } from "node:crypto";
import { readFileSync } from "node:fs";
import { strFromU8, unzipSync } from "fflate";
import { fileProblems, Receipt, receiptProblems, writtenDigest } from "../../core/handover/receipt";
import { SealedFile } from "../../core/handover/sealed-file";
import { imprint, sealProblems, SignatureContent } from "../../core/handover/seal";
import { parseAs } from "../../formats/validate";
import { CommandError } from "../command-error";

interface Exported {
  record: SealedFile;
  /** with a zip: what the base says of the record, and every file by its name */
  receipt: Receipt | null;
  files: Record<string, Uint8Array> | null;
}

/** `verify FILE …`: names what was changed in sealed records saved as zip or JSON, and whether they follow one another; 1 when anything was. */
export async function run(files: string[]): Promise<number> {
  if (files.length === 0) throw new CommandError("Say which files: ./brinecove verify check-in.zip check-out.zip");
  const exported = files.map((file) => ({ file, ...read(file) }));
  let problems = 0;
  const say = (file: string, problem: string) => {
    problems += 1;
    console.log(`${file}: ${problem}`);
  };
  for (const each of exported) {
    const found = problemsOf(each);
    for (const problem of found) say(each.file, problem);
    if (found.length === 0) {
      console.log(`${each.file}: ${soundWords(each)}`);
    }
  }
  for (const { file, record } of exported) {
    const { checkInSeal, stay } = record.list;
    const checkIn = exported.find(
      (each) => each.record.list.kind === "check-in" && each.record.list.stay.id === stay.id,
    );
    if (record.list.kind !== "check-out" || !checkIn) continue;
    if (checkInSeal === checkIn.record.seal) console.log(`${file}: goes back to ${checkIn.file}`);
    else say(file, `does not go back to ${checkIn.file}: it holds another check-in's seal`);
  }
  return problems === 0 ? 0 : 1;
}

function read(file: string): Exported {
  try {
    const bytes = readFileSync(file);
    if (bytes.subarray(0, 2).toString("latin1") !== "PK")
      return { record: parseAs(SealedFile, JSON.parse(bytes.toString("utf8"))), receipt: null, files: null };
    const parts = unzipSync(new Uint8Array(bytes));
    const json = (name: string): unknown => {
      const part = parts[name];
      if (!part) throw new Error(`${name} is missing in it`);
      return JSON.parse(strFromU8(part));
    };
    return {
      record: parseAs(SealedFile, json("record.json")),
      receipt: parseAs(Receipt, json("receipt.json")),
      files: parts,
    };
  } catch (error) {
    throw new CommandError(`${file} is not a sealed record: ${(error as Error).message}`);
  }
}

/** What is proved of a record in which nothing was changed, and what its form leaves unproved. */
function soundWords({ record, receipt, files }: Exported): string {
  const { entries, manifest, seal, sealedAt } = record;
  if (!receipt || !files)
    return `${entries.length} entries: nothing was changed in the list, the entries, the words and the signatures. Seal ${seal}. Not covered without the zip's receipt: the time of sealing and what was added since`;
  const said = `${entries.length} entries, ${manifest.photos.length} photos: nothing was changed. Seal ${seal}; link ${receipt.number} in the chain of ${receipt.yacht}, signed with the base's key ${fingerprint(receipt.publicKey)}`;
  return receipt.files
    ? `sealed ${sealedAt}, ${said}`
    : `${said}. Not covered by a receipt of the first form: the time of sealing and the number in the chain`;
}

function problemsOf({ record, receipt, files }: Exported): string[] {
  const problems = sealProblems(record);
  if (!receipt || !files) return problems;
  problems.push(...receiptProblems(receipt, record));
  const key = createPublicKey(receipt.publicKey);
  const isSigned = (hash: string, signature: string) =>
    verify(null, Buffer.from(hash, "hex"), key, Buffer.from(signature, "base64"));
  if (!isSigned(receipt.hash, receipt.signature)) problems.push("the receipt's link is not signed with the base's key");
  if (!isSigned(writtenDigest(receipt), receipt.writtenSignature))
    problems.push("what the receipt says is not signed with the base's key");
  const digests = new Map(
    Object.entries(files).flatMap(([name, bytes]): [string, string][] =>
      name === "receipt.json" || name.endsWith("/") ? [] : [[name, createHash("sha256").update(bytes).digest("hex")]],
    ),
  );
  return [...problems, ...fileProblems(receipt, record, digests), ...signatureProblems(record, files)];
}

/** A drawing in the zip is the one whose imprint was sealed. */
function signatureProblems({ signatures }: SealedFile, files: Record<string, Uint8Array>): string[] {
  return signatures.flatMap(({ side, imprint: sealed }) => {
    const bytes = files[`signatures/${side}.json`];
    if (!bytes) return [];
    const content = parseAs(SignatureContent, JSON.parse(strFromU8(bytes)));
    return imprint(content) === sealed ? [] : [`the signature of the ${side} is not the one that was sealed`];
  });
}

/** The first eight bytes of a key's SHA-256: enough to compare by telephone with what the base says. */
const fingerprint = (pem: string) =>
  createHash("sha256")
    .update(createPublicKey(pem).export({ type: "spki", format: "der" }))
    .digest("hex")
    .slice(0, 16);
