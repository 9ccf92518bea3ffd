import { Type, type Static } from "@sinclair/typebox";
import { digestOf } from "../basics/digest";
import { Sha256 } from "../basics/ids";
import { chainLink, twice } from "./seal";
import type { SealedFile } from "./sealed-file";

/** What the base says of a sealed record: its link in the yacht's chain of seals, and what was added since, signed with the base's key. */
export const Receipt = Type.Object(
  {
    format: Type.Union([
      Type.Literal("brinecove/receipt/1"),
      Type.Literal("brinecove/receipt/2"),
      Type.Literal("brinecove/receipt/3"),
    ]),
    yacht: Type.String(),
    /** place of the link in the yacht's chain, from 1 */
    number: Type.Integer({ minimum: 1 }),
    previous: Type.Union([Sha256, Type.Null()]),
    seal: Sha256,
    receivedAt: Type.String(),
    hash: Sha256,
    /** the base's signature (Ed25519, base64) over `hash` */
    signature: Type.String(),
    /** the key that made it, where the base has changed keys since: from the third form on */
    linkKey: Type.Optional(
      Type.Object({ number: Type.Integer({ minimum: 1 }), publicKey: Type.String() }, { additionalProperties: false }),
    ),
    /** when it was signed; the first form did not say */
    sealedAt: Type.Optional(Type.String()),
    /** every other file of the zip; the first form named none */
    files: Type.Optional(
      Type.Array(Type.Object({ name: Type.String(), hash: Sha256 }, { additionalProperties: false })),
    ),
    addenda: Type.Array(Type.Object({ id: Type.String(), hash: Sha256 }, { additionalProperties: false })),
    writtenAt: Type.String(),
    /** over `writtenDigest` */
    writtenSignature: Type.String(),
    /** PEM; compare it with the one the base gives you by another way */
    publicKey: Type.String(),
  },
  { additionalProperties: false },
);
export type Receipt = Static<typeof Receipt>;

/**
 * What the base signs when it writes a receipt: all that stands in it. In the first form it was the link and what was
 * added, so that yacht, number and hour of sealing were covered by nothing.
 */
export function writtenDigest(receipt: Omit<Receipt, "writtenSignature">): string {
  const { hash, addenda, writtenAt } = receipt;
  if (receipt.format === "brinecove/receipt/1") return digestOf({ hash, addenda, writtenAt });
  const { writtenSignature: _over, ...said } = receipt as Receipt;
  return digestOf(said);
}

type Receipted = Pick<SealedFile, "seal" | "sealedAt" | "addenda" | "list">;

interface Added {
  id: string;
}

/**
 * Names what in a receipt does not fit its record and addenda. The signatures are checked apart, with the base's key.
 */
export function receiptProblems(receipt: Receipt, record: Receipted): string[] {
  const problems: string[] = [];
  if (receipt.yacht !== record.list.yacht.name) problems.push("the receipt names another yacht");
  if (receipt.sealedAt !== undefined && receipt.sealedAt !== record.sealedAt)
    problems.push("the time of sealing is not the one in the receipt");
  const listed = receipt.addenda.map(({ id }) => id);
  for (const id of twice([...listed, ...(receipt.files ?? []).map(({ name }) => name)]))
    problems.push(`${id} stands twice in the receipt`);
  for (const id of twice(record.addenda.map((addendum) => (addendum as Added).id)))
    problems.push(`addendum ${id} stands twice`);
  if (receipt.seal !== record.seal) problems.push("the receipt is for another record");
  if (chainLink(receipt.previous, receipt.seal, receipt.receivedAt) !== receipt.hash)
    problems.push("the receipt's link in the yacht's chain was changed");
  const present = new Map(record.addenda.map((addendum) => [(addendum as Added).id, digestOf(addendum)]));
  for (const { id, hash } of receipt.addenda) {
    const have = present.get(id);
    if (have === undefined) problems.push(`addendum ${id} is missing`);
    else if (have !== hash) problems.push(`addendum ${id} was changed`);
  }
  const named = new Set(receipt.addenda.map((each) => each.id));
  for (const id of present.keys()) if (!named.has(id)) problems.push(`addendum ${id} is not in the receipt`);
  return problems;
}

/**
 * Names the files of a zip that are not those the receipt names. A receipt of the first form names none: there the photos
 * are checked against the record, and nothing else may be in the zip.
 *
 * @param files digest of each file by its name, the receipt's own left out
 */
export function zipProblems(
  receipt: Receipt,
  { manifest, addenda }: Pick<SealedFile, "manifest" | "addenda">,
  files: ReadonlyMap<string, string>,
): string[] {
  const signed = manifest.photos.map((hash): [string, string] => [photoName(hash), hash]);
  const added = JSON.stringify(addenda).match(/\b[0-9a-f]{64}\b/g) ?? [];
  const must = new Map<string, string>([
    ...(receipt.files ?? []).map(({ name, hash }): [string, string] => [name, hash]),
    ...signed,
  ]);
  const may = new Set(receipt.files ? [] : ["record.json", ...added.map(photoName)]);
  const called = (name: string) => (name.startsWith("photos/") ? `photo ${name.slice(7).replace(".jpg", "")}` : name);
  const problems: string[] = [];
  for (const [name, hash] of must) {
    const have = files.get(name);
    if (have === undefined) problems.push(`${called(name)} is missing`);
    else if (have !== hash) problems.push(`${called(name)} was changed`);
  }
  for (const [name, have] of files) {
    if (must.has(name)) continue;
    if (!may.has(name)) problems.push(`${called(name)} was added`);
    else if (name.startsWith("photos/") && name !== photoName(have)) problems.push(`${called(name)} was changed`);
  }
  return problems;
}

const photoName = (hash: string) => `photos/${hash}.jpg`;
