import { Type, type Static } from "@sinclair/typebox";
import type { FileChange } from "../core/yacht/changes";
import type { CheckedFinding } from "../core/yacht/checks";
import type { DraftEdit } from "../core/yacht/draft/edit";
import { YachtNote } from "../core/yacht/note/note";
import type { ProposedEdit } from "../core/yacht/note/propose";
import { YachtFile } from "../core/yacht/schema";

/** The draft of a yacht's file as its editor shows it. */
export interface DraftScreen {
  yacht: { slug: string; name: string; revision: number };
  /** the revision the draft was begun from; below the yacht's when another was published meanwhile */
  onRevision: number;
  document: YachtFile;
  /** how many edits it has */
  number: number;
  lately: { path: string; by: string; at: string; isMine: boolean }[];
  undo: DraftEdit | null;
  redo: DraftEdit | null;
  findings: CheckedFinding[];
  changes: FileChange[];
  notes: { note: YachtNote; by: string | null; receivedAt: string; edits: ProposedEdit[] }[];
  /** things counted elsewhere at three handovers running */
  moved: (ProposedEdit & { name: string; place: string })[];
}

/** What a phone takes along to walk a yacht. */
export const SurveyBundle = Type.Object(
  { yacht: Type.String(), revision: Type.Integer(), file: YachtFile, notes: Type.Array(YachtNote) },
  { additionalProperties: false },
);
export type SurveyBundle = Static<typeof SurveyBundle>;
