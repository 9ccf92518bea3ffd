import "server-only";
import { digestOf } from "@/core/basics/digest";
import type { CheckedFinding } from "@/core/checks";
import { patchBetween } from "@/core/yacht/resolve";
import type { YachtFile } from "@/core/yacht/schema";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { addRevisionRow } from "../db/revisions";
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
  await addRevisionRow(db, {
    yachtId,
    revision,
    classId: onClass.id,
    patch: patchBetween(onClass.file, file),
    document: file,
    hash: digestOf(file),
    at: now(),
    by: personId,
    why: why.trim(),
    accepted: acceptedFindings(findings, accepts),
  });
}
