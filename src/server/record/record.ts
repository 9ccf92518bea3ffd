import "server-only";
import type { Entry } from "@/core/handover/entry";
import type { HandoverList } from "@/core/handover/list";
import type { SignatureContents } from "@/core/handover/seal";
import { entriesAfter } from "../db/entries";
import { addendaOf, findHandover, namesOf, type AddendumRow, type HandoverRow } from "../db/handovers";
import { effectiveSeal, type SealRow, signatureContents } from "../db/seals";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";

/** A signed handover as it is read, printed, compared and exported. */
export interface SealedRecord {
  handover: HandoverRow;
  list: HandoverList;
  /** the entries that were signed; those still to come are missing */
  entries: Entry[];
  seal: SealRow;
  contents: Partial<SignatureContents>;
  addenda: AddendumRow[];
  names: Record<string, string>;
}

/** What the standing seal of a handover names, of what is here; null while it is not signed. */
export async function signedEntries(
  db: Queryable,
  handoverId: string,
): Promise<{ seal: SealRow; entries: Entry[] } | null> {
  const seal = await effectiveSeal(db, handoverId);
  if (!seal) return null;
  const named = new Set(seal.manifest.entries.map((entry) => entry.id));
  return {
    seal,
    entries: (await entriesAfter(db, handoverId, 0)).map((row) => row.entry).filter((entry) => named.has(entry.id)),
  };
}

/** The sealed record of a handover; refuses while it is not signed. */
export async function sealedRecord(db: Queryable, handoverId: string): Promise<SealedRecord> {
  const handover = await findHandover(db, handoverId);
  if (!handover) throw new AppError("no-such-handover");
  const signed = await signedEntries(db, handoverId);
  if (!signed) throw new AppError("not-signed");
  const { seal, entries } = signed;
  const people = [...entries.map((entry) => entry.by.person), ...seal.signatures.map((signature) => signature.person)];
  return {
    handover,
    list: handover.list,
    entries,
    seal,
    contents: await signatureContents(db, seal.id),
    addenda: await addendaOf(db, handoverId),
    names: await namesOf(db, people),
  };
}
