import { createHash } from "node:crypto";
import { strFromU8 } from "fflate";
import { receiptProblems, writtenDigest, zipProblems, type Receipt } from "../../core/handover/receipt";
import { fileProblems, type SealedFile } from "../../core/handover/sealed-file";
import { imprint, SignatureContent } from "../../core/handover/seal";
import { parseStrictJson } from "../../formats/strict-json";
import { parseAs } from "../../formats/validate";
import { fingerprint } from "../../server/keys/fingerprint";
import { isSignedBy } from "../../server/keys/key-file";
import type { Exported } from "./read";

/**
 * Names everything in a saved record that is not as it was signed and given out.
 *
 * @param trusted fingerprints of the keys that count; none where nobody has said which
 */
export function problemsOf(exported: Exported, trusted: ReadonlySet<string>): string[] {
  const { record, receipt, files, doubled } = exported;
  const problems = [...doubled, ...fileProblems(record)];
  if (!receipt || !files) return problems;
  const digests = new Map(
    Object.entries(files).flatMap(([name, bytes]): [string, string][] =>
      name === "receipt.json" || name.endsWith("/") ? [] : [[name, createHash("sha256").update(bytes).digest("hex")]],
    ),
  );
  return [
    ...problems,
    ...receiptProblems(receipt, record),
    ...keyProblems(receipt, trusted),
    ...zipProblems(receipt, record, digests),
    ...drawingProblems(record, files),
  ];
}

/** The link and the receipt are signed, each with its key, and both keys are the base's where somebody has said which those are. */
function keyProblems(receipt: Receipt, trusted: ReadonlySet<string>): string[] {
  const linkKey = receipt.linkKey?.publicKey ?? receipt.publicKey;
  const problems: string[] = [];
  if (!isSignedBy(linkKey, receipt)) problems.push("the receipt's link is not signed with the base's key");
  if (!isSignedBy(receipt.publicKey, { hash: writtenDigest(receipt), signature: receipt.writtenSignature }))
    problems.push("what the receipt says is not signed with the base's key");
  if (trusted.size > 0)
    for (const pem of new Set([linkKey, receipt.publicKey]))
      if (!trusted.has(printOf(pem))) problems.push(`it is signed with a key that is not the base's (${printOf(pem)})`);
  return problems;
}

/** A key's fingerprint; a word where it is no key. */
export function printOf(pem: string): string {
  try {
    return fingerprint(pem);
  } catch {
    return "no key";
  }
}

/** A drawing in the zip is the one whose imprint was sealed. */
function drawingProblems({ signatures }: SealedFile, files: Record<string, Uint8Array>): string[] {
  return signatures.flatMap(({ side, imprint: sealed }) => {
    const bytes = files[`signatures/${side}.json`];
    if (!bytes) return [];
    const content = parseAs(SignatureContent, parseStrictJson(strFromU8(bytes)));
    return imprint(content) === sealed ? [] : [`the signature of the ${side} is not the one that was sealed`];
  });
}
