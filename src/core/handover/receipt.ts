import { Type, type Static } from "@sinclair/typebox";
import { digestOf } from "../basics/digest";
import { Sha256 } from "./entry";
import { chainLink } from "./seal";

/** What the base says of a sealed record: its link in the yacht's chain of seals, and what was added since, signed with the base's key. */
export const Receipt = Type.Object(
  {
    format: Type.Literal("brinecove/receipt/1"),
    yacht: Type.String(),
    /** place of the link in the yacht's chain, from 1 */
    number: Type.Integer({ minimum: 1 }),
    previous: Type.Union([Sha256, Type.Null()]),
    seal: Sha256,
    receivedAt: Type.String(),
    hash: Sha256,
    /** the base's signature (Ed25519, base64) over `hash` */
    signature: Type.String(),
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

/** What the base signs when it writes a receipt: the link and everything added until then. */
export function writtenDigest({ hash, addenda, writtenAt }: Pick<Receipt, "hash" | "addenda" | "writtenAt">): string {
  return digestOf({ hash, addenda, writtenAt });
}

interface Added {
  id: string;
}

/**
 * Names what in a receipt does not fit its record and addenda. The signatures are checked apart, with the base's key.
 */
export function receiptProblems(receipt: Receipt, record: { seal: string; addenda: readonly unknown[] }): string[] {
  const problems: string[] = [];
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
