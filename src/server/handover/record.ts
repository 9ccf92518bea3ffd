import "server-only";
import type { Entry } from "@/core/handover/entry";
import type { HandoverList } from "@/core/handover/list";
import type { SignatureContents, SignerSide } from "@/core/handover/seal";
import {
  addendaOf,
  entriesAfter,
  findHandover,
  namesOf,
  standingSeal,
  type AddendumRow,
  type HandoverRow,
  type SealRow,
} from "../db/handovers";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";

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
  const seal = await standingSeal(db, handoverId);
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
  if (!handover) throw new Refusal(404, "no-such-handover", "There is no such handover here.");
  const signed = await signedEntries(db, handoverId);
  if (!signed)
    throw new Refusal(
      409,
      "not-signed",
      "This handover is not signed yet, so there is no record of it. Both sign at its end.",
    );
  const { seal, entries } = signed;
  const { rows } = await db.query<{ side: SignerSide; content: SignatureContents["base"] }>(
    "select side, content from signature_content where seal_id = $1",
    [seal.id],
  );
  const people = [...entries.map((entry) => entry.by.person), ...seal.signatures.map((signature) => signature.person)];
  return {
    handover,
    list: handover.list,
    entries,
    seal,
    contents: Object.fromEntries(rows.map((row) => [row.side, row.content])),
    addenda: await addendaOf(db, handoverId),
    names: await namesOf(db, people),
  };
}
