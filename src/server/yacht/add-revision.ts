import "server-only";
import { digestOf } from "@/core/basics/digest";
import type { CheckedFinding } from "@/core/yacht/checks";
import { patchBetween } from "@/core/yacht/resolve";
import type { YachtFile } from "@/core/yacht/schema";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { acceptedFindings, type Reasons } from "./refuse-unfit";

interface NextRevision extends Reasons {
  yachtId: string;
  revision: number;
  /** the revision of the class it stands on */
  onClass: { id: string; file: unknown };
  file: YachtFile;
  findings: readonly CheckedFinding[];
}

/** Adds a revision to a yacht's file, kept as her differences from her class and as the whole resolved document. */
export async function addRevision(
  db: Queryable,
  { yachtId, revision, onClass, file, findings, why, accepts }: NextRevision,
  personId: string,
): Promise<void> {
  await db.query(
    `insert into yacht_revision (yacht_id, base_id, revision, class_id, patch, document, document_hash, published_at, published_by, why, accepted)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
    [
      yachtId,
      revision,
      onClass.id,
      JSON.stringify(patchBetween(onClass.file, file)),
      JSON.stringify(file),
      digestOf(file),
      now(),
      personId,
      why.trim(),
      JSON.stringify(acceptedFindings(findings, accepts)),
    ],
  );
}
