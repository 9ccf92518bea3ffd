import "server-only";
import { digestOf, sha256Hex } from "@/core/basics/digest";
import { writtenDigest, type Receipt } from "@/core/handover/receipt";
import type { SealedFile } from "@/core/handover/sealed-file";
import { now } from "../clock";
import { keysOf } from "../db/keys";
import type { Queryable } from "../db/pool";
import { linkOfSeal } from "../db/seals";
import { signForBase } from "../keys/signing";
import { AppError } from "@/api/app-error";

/** What the base says of a sealed record and of every file that goes with it, signed with its key in use. */
export async function receiptOf(
  db: Queryable,
  handoverId: string,
  { list, seal, sealedAt, addenda }: SealedFile,
  files: Readonly<Record<string, Uint8Array>>,
): Promise<Receipt> {
  const link = await linkOfSeal(db, handoverId, seal);
  if (!link) throw new Error("a seal without its link");
  const { baseId, keyNumber, ...standing } = link;
  const keys = await keysOf(db, baseId);
  const [linkKey, inUse] = [keys.find(({ number }) => number === keyNumber), keys.at(-1)];
  if (!linkKey || !inUse) throw new AppError("key-missing");
  const said = {
    format: "brinecove/receipt/3" as const,
    yacht: list.yacht.name,
    seal,
    sealedAt,
    ...standing,
    linkKey: { number: linkKey.number, publicKey: linkKey.publicKey },
    addenda: addenda.map((addendum) => ({ id: (addendum as { id: string }).id, hash: digestOf(addendum) })),
    files: Object.entries(files).map(([name, bytes]) => ({ name, hash: sha256Hex(bytes) })),
    writtenAt: now(),
    publicKey: inUse.publicKey,
  };
  return { ...said, writtenSignature: (await signForBase(db, baseId, writtenDigest(said))).signature };
}
