import "server-only";
import { digestOf } from "@/core/basics/digest";
import { patchBetween } from "@/core/yacht/resolve";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import { reviewFile } from "./review";

export interface Publication {
  slug: string;
  document: unknown;
  /** the revision that the file was made from; refused when another was published meanwhile */
  onRevision: number;
  why: string;
  /** why a warning is accepted, by the path it names */
  accepts: Record<string, string>;
}

/** Publishes a file as a yacht's next revision. Earlier ones stay, and the handovers that were made from them. */
export async function publishFile(db: Queryable, { slug, document, onRevision, why, accepts }: Publication, personId: string): Promise<{ revision: number }> {
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`publish ${slug}`]);
  const { yacht, file, findings, changes } = await reviewFile(db, slug, document);
  if (yacht.revision !== onRevision) {
    throw new Refusal(409, "other-revision", `Somebody published revision ${yacht.revision} of ${yacht.name} meanwhile; your file was made from ${onRevision}. Take the newest file and put your changes into it.`);
  }
  const errors = findings.filter((finding) => finding.level === "error");
  if (errors[0]) throw new Refusal(422, "file-has-errors", `${errors.length === 1 ? "One thing blocks" : `${errors.length} things block`} publishing. ${errors[0].message}.`, errors[0].path);
  const open = findings.find((finding) => (accepts[finding.path] ?? "").trim() === "");
  if (open) throw new Refusal(422, "warning-open", `Say why this is accepted, or mend it: ${open.message}.`, open.path);
  if (why.trim() === "") throw new Refusal(422, "why-missing", "Say in a few words why the file is changed.", "why");
  if (changes.length === 0) throw new Refusal(409, "nothing-changed", "This file is the same as the one that stands. Nothing was published.");
  const { rows } = await db.query<{ classId: string; document: unknown }>(
    `select r.class_id as "classId", c.document from yacht_revision r join yacht_class c on c.id = r.class_id where r.yacht_id = $1 and r.revision = $2`,
    [yacht.id, yacht.revision],
  );
  const pinned = rows[0];
  if (!pinned) throw new Error(`revision ${yacht.revision} of ${slug} has no class`);
  const revision = yacht.revision + 1;
  const accepted = findings.map(({ check, path, message }) => ({ check, path, message, reason: accepts[path] }));
  await db.query(
    `insert into yacht_revision (yacht_id, base_id, revision, class_id, patch, document, document_hash, published_at, published_by, why, accepted)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
    [yacht.id, revision, pinned.classId, JSON.stringify(patchBetween(pinned.document, file)), JSON.stringify(file), digestOf(file), now(), personId, why.trim(), JSON.stringify(accepted)],
  );
  return { revision };
}
