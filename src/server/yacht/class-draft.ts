import "server-only";
import { blocking, carryOver, type CarriedOver } from "@/core/checks/class-change";
import { YachtFile } from "@/core/yacht/schema";
import { mismatch } from "@/formats/validate";
import type { Queryable } from "../db/pool";
import { findClass, sistersOf, type ClassRow } from "../db/yacht-classes";
import { fileChecker } from "./file-checker";

/** Where a document has not the form of a yacht file. */
function formFault(document: unknown): { path: string; message: string } | null {
  const fault = mismatch(YachtFile, document);
  return (
    fault && {
      path: fault.where,
      message: `${fault.message.replace(/\.$/, "")} (her own difference from the class is about something that the class has no more)`,
    }
  );
}

/** What waits for a yacht whose class has moved on: the file that the newest class and her own differences make together. */
export interface ClassDraft extends CarriedOver {
  classSlug: string;
  classRevision: number;
  why: string;
}

/**
 * The draft that a class has left for a yacht, or null when she stands on its newest revision. A draft is not kept: it is
 * reckoned from the class and her own differences, so it is never older than either (docs/decisions/0013).
 */
export async function classDraft(db: Queryable, classSlug: string, yachtSlug: string): Promise<ClassDraft | null> {
  const [onto, sister] = [
    await findClass(db, classSlug),
    (await sistersOf(db, classSlug)).find((each) => each.slug === yachtSlug),
  ];
  if (!onto || !sister || sister.classRevision === onto.revision) return null;
  return {
    classSlug,
    classRevision: onto.revision,
    why: onto.why,
    ...carryOver(onto.file, sister.patch, sister.file, await fileChecker(db), formFault),
  };
}

/** What a new document of a class would do to one of its yachts. */
export interface SisterReview extends CarriedOver {
  id: string;
  slug: string;
  name: string;
  revision: number;
  /** reasons for warnings: what is given now, over what was given when she was published last */
  accepts: Record<string, string>;
  /** findings that keep her from being published with the class; she is left a draft */
  blocked: CarriedOver["findings"];
}

/** Lays every yacht of a class over a new document of it; changes nothing. */
export async function reviewSisters(
  db: Queryable,
  { slug }: ClassRow,
  document: ClassRow["file"],
  accepts: Record<string, string>,
): Promise<SisterReview[]> {
  const check = await fileChecker(db);
  return (await sistersOf(db, slug)).map(({ id, slug: yacht, name, revision, patch, file, reasons }) => {
    const carried = carryOver(document, patch, file, check, formFault);
    const given = { ...reasons, ...accepts };
    return { id, slug: yacht, name, revision, accepts: given, blocked: blocking(carried.findings, given), ...carried };
  });
}
