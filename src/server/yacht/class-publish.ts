import "server-only";
import { randomUUID } from "node:crypto";
import { fileChanges, type FileChange } from "@/core/yacht/changes";
import type { CheckedFinding } from "@/core/checks";
import { ofTheClass } from "@/core/checks/untold";
import type { YachtFile } from "@/core/yacht/schema";
import { now } from "../clock";
import { takeTurnsOnClass } from "../db/locks";
import type { Queryable } from "../db/pool";
import { addClassRow } from "../db/revisions";
import type { ClassRow } from "../db/yacht-classes";
import { AppError } from "@/api/app-error";
import { addRevision } from "./add-revision";
import { reviewSisters, type SisterReview } from "./class-draft";
import { fileChecker } from "./file-checker";
import { parseYachtFile } from "./parse-file";
import { acceptedFindings, refuseUnfit, type Reasons } from "./refuse-unfit";
import { requireClass } from "./require-class";

/** What publishing a class would do: to itself, and to each of its yachts. */
export interface ClassReview {
  yachtClass: ClassRow;
  file: YachtFile;
  findings: CheckedFinding[];
  changes: FileChange[];
  sisters: SisterReview[];
}

/** Looks at a document that somebody wants to publish for a class; changes nothing. */
export async function reviewClass(
  db: Queryable,
  slug: string,
  document: unknown,
  accepts: Record<string, string> = {},
): Promise<ClassReview> {
  const yachtClass = await requireClass(db, slug);
  const file = parseYachtFile(document);
  return {
    yachtClass,
    file,
    findings: ofTheClass((await fileChecker(db))(file, [yachtClass.file])),
    changes: fileChanges(yachtClass.file, file),
    sisters: await reviewSisters(db, yachtClass, file, accepts),
  };
}

export interface ClassPublication extends Reasons {
  slug: string;
  document: unknown;
  onRevision: number;
}

/** Publishes a class; with it each of its yachts that passes her checks. The others keep their file and are left a draft. */
export async function publishClass(
  db: Queryable,
  { slug, document, onRevision, why, accepts }: ClassPublication,
  personId: string,
): Promise<{ revision: number; published: string[]; drafts: string[] }> {
  await takeTurnsOnClass(db, slug);
  const { yachtClass, file, findings, changes, sisters } = await reviewClass(db, slug, document, accepts);
  if (yachtClass.revision !== onRevision) {
    throw new AppError("other-revision", {
      revision: yachtClass.revision,
      name: yachtClass.file.particulars.class,
      made: onRevision,
    });
  }
  refuseUnfit(findings, { why, accepts });
  if (changes.length === 0) throw new AppError("nothing-changed");
  const onClass = { id: randomUUID(), file };
  const revision = yachtClass.revision + 1;
  await addClassRow(db, {
    id: onClass.id,
    slug,
    revision,
    document: file,
    at: now(),
    by: personId,
    why: why.trim(),
    accepted: acceptedFindings(findings, accepts),
  });
  const fit = sisters.filter((sister) => sister.blocked.length === 0);
  for (const sister of fit) {
    await addRevision(
      db,
      {
        yachtId: sister.id,
        revision: sister.revision + 1,
        onClass,
        file: sister.file,
        findings: sister.findings,
        why,
        accepts: sister.accepts,
      },
      personId,
    );
  }
  return {
    revision,
    published: fit.map((sister) => sister.name),
    drafts: sisters.filter((sister) => sister.blocked.length > 0).map((sister) => sister.name),
  };
}
