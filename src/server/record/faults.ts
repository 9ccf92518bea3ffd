import "server-only";
import type { RecordFault } from "@/core/handover/record-fault";
import { chainLink, manifestDigest, sealProblems } from "@/core/handover/seal";
import { timeFault } from "@/core/handover/times";
import { keysOf } from "../db/keys";
import { otherPhotos } from "../db/photos";
import type { Queryable } from "../db/pool";
import { linkOfSeal } from "../db/seals";
import { isSignedBy } from "../keys/key-file";
import { sealedRecord, type SealedRecord } from "./record";

/** Looks at a signed record as it is kept before it is shown or settled on: entries and signatures, photos, link, hour. */
export async function faultsOf(db: Queryable, record: SealedRecord): Promise<RecordFault[]> {
  const { list, entries, seal, handover } = record;
  const { manifest, signatures, digest } = seal;
  const problems = sealProblems({ list, entries, manifest, signatures, seal: seal.seal });
  if (manifestDigest(manifest) !== digest) problems.push("the words that were signed were changed");
  const time = timeFault(Date.parse(seal.sealedAt), handover.openedAt, seal.receivedAt);
  return [
    ...problems.map((problem): RecordFault => ({ what: "record", problem })),
    ...((await isLinked(db, record)) ? [] : [{ what: "chain" } as const]),
    ...(await otherPhotos(db, manifest.photos)).map((hash): RecordFault => ({ what: "photo", hash })),
    ...(time === null ? [] : [{ what: "time", fault: time } as const]),
  ];
}

/** The same for several handovers, by each. */
export async function faultsOfAll(db: Queryable, handovers: readonly string[]): Promise<Record<string, RecordFault[]>> {
  const faults: Record<string, RecordFault[]> = {};
  for (const id of handovers) faults[id] = await faultsOf(db, await sealedRecord(db, id));
  return faults;
}

/** Whether the record hangs in its yacht's chain by a link that the base has signed. */
async function isLinked(db: Queryable, { seal, handover }: SealedRecord): Promise<boolean> {
  const link = await linkOfSeal(db, handover.id, seal.seal);
  if (!link || chainLink(link.previous, seal.seal, link.receivedAt) !== link.hash) return false;
  const key = (await keysOf(db, link.baseId)).find(({ number }) => number === link.keyNumber);
  return key !== undefined && isSignedBy(key.publicKey, link);
}
