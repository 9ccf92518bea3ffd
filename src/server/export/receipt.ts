import "server-only";
import { digestOf, sha256Hex } from "@/core/basics/digest";
import { writtenDigest, type Receipt } from "@/core/handover/receipt";
import type { SealedFile } from "@/core/handover/sealed-file";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { linkOfSeal } from "../db/seals";
import { publicKey, signHash } from "../handover/keys";

/** What the base says of a sealed record and of every file that goes with it, signed with its key. */
export async function receiptOf(
  db: Queryable,
  handoverId: string,
  { list, seal, sealedAt, addenda }: SealedFile,
  files: Readonly<Record<string, Uint8Array>>,
): Promise<Receipt> {
  const link = await linkOfSeal(db, handoverId, seal);
  if (!link) throw new Error("a seal without its link");
  const { baseId, ...standing } = link;
  const said = {
    format: "brinecove/receipt/2" as const,
    yacht: list.yacht.name,
    seal,
    sealedAt,
    ...standing,
    addenda: addenda.map((addendum) => ({ id: (addendum as { id: string }).id, hash: digestOf(addendum) })),
    files: Object.entries(files).map(([name, bytes]) => ({ name, hash: sha256Hex(bytes) })),
    writtenAt: now(),
    publicKey: publicKey(baseId),
  };
  return { ...said, writtenSignature: signHash(baseId, writtenDigest(said)) };
}
