import "server-only";
import { AppError } from "@/api/app-error";
import type { FileName } from "@/api/schemas/draft";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { addTextAnswer } from "../db/text-answers";
import { draftFindings } from "./draft-findings";
import { draftView } from "./draft";

/** Keeps that somebody has read a text in question of a draft and found it right, as it and its fact stand now. */
export async function sayStillRight(
  db: Queryable,
  name: FileName,
  { path, basis }: { path: string; basis: string },
  personId: string,
): Promise<void> {
  const findings = await draftFindings(db, await draftView(db, name));
  const asked = findings.find((finding) => finding.path === path && finding.question?.basis === basis);
  if (!asked?.question) throw new AppError("no-such-question", {}, path);
  await addTextAnswer(db, { basis, path, code: asked.question.code, by: personId, at: now() });
}
