import "server-only";
import { AppError } from "@/api/app-error";
import type { FileName } from "@/api/schemas/draft";
import type { YachtFile } from "@/core/yacht/schema";
import { now } from "../clock";
import { endDraft, type DraftRow } from "../db/drafts";
import { takeTurnsOnClass } from "../db/locks";
import type { Queryable } from "../db/pool";
import { classAt } from "../db/yacht-classes";
import { addRevision } from "./add-revision";
import { publishClass } from "./class-publish";
import { draftView, takeTurnsOnDraft } from "./draft";
import type { EditedFile } from "./edited-file";
import { publishFile } from "./publish";
import { fileChecker } from "./file-checker";
import { refuseUnfit, type Reasons } from "./refuse-unfit";

/** The revision that was published; of a class, its yachts that were published with it and those that are left a draft. */
export interface Published {
  revision: number;
  published?: string[];
  drafts?: string[];
}

/** Ends a draft without publishing it; its edits stay kept. */
export async function throwAwayDraft(db: Queryable, name: FileName, personId: string): Promise<void> {
  await takeTurnsOnDraft(db, name);
  const { draft, edited } = await draftView(db, name);
  if (!draft) throw new AppError("no-draft");
  if (edited.revision === 0) throw new AppError("first-draft");
  await endDraft(db, draft.id, "thrown-away", personId, now());
}

/** Publishes a draft as the next revision of its file, or as a yacht's first; a class with each yacht that passes her checks. */
export async function publishDraft(
  db: Queryable,
  name: FileName,
  reasons: Reasons,
  personId: string,
): Promise<Published> {
  await takeTurnsOnDraft(db, name);
  const { draft, edited, document } = await draftView(db, name);
  if (!draft) throw new AppError("nothing-to-publish");
  const publication = { slug: name.slug, document, onRevision: draft.onRevision, classId: draft.classId, ...reasons };
  const published =
    name.of === "classes"
      ? await publishClass(db, publication, personId)
      : edited.revision > 0
        ? await publishFile(db, publication, personId)
        : await publishFirst(db, edited, draft, document, reasons, personId);
  await endDraft(db, draft.id, "published", personId, now());
  return published;
}

/** The first revision of a yacht that was made from her class. */
async function publishFirst(
  db: Queryable,
  { subject, classSlug }: EditedFile,
  draft: DraftRow,
  document: YachtFile,
  reasons: Reasons,
  personId: string,
): Promise<Published> {
  if (!("yachtId" in subject)) throw new Error("a class has a first revision from the start");
  await takeTurnsOnClass(db, classSlug);
  const onClass = await classAt(db, draft.classId);
  if (!onClass) throw new Error("a draft without its class");
  const findings = (await fileChecker(db))(document, [onClass.file]);
  refuseUnfit(findings, reasons);
  await addRevision(
    db,
    { yachtId: subject.yachtId, revision: 1, onClass, file: document, findings, ...reasons },
    personId,
  );
  return { revision: 1 };
}
