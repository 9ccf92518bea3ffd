import "server-only";
import type { CheckedFinding } from "@/core/checks";
import type { Queryable } from "../db/pool";
import { classFileOf, type DraftView } from "./draft";
import { fileChecker } from "./file-checker";

/** Everything that is found in a draft beside its class and the revision it was begun from. */
export async function draftFindings(db: Queryable, view: DraftView): Promise<CheckedFinding[]> {
  const check = await fileChecker(db);
  const { document, base, edited } = view;
  return check(document, edited.of === "classes" ? [base] : [await classFileOf(db, view), base]);
}
