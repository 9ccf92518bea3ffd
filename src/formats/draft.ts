import { Type, type Static } from "@sinclair/typebox";
import type { FileChange } from "../core/yacht/changes";
import type { CheckedFinding } from "../core/yacht/checks";
import type { DraftEdit } from "../core/yacht/draft/edit";
import { Uuid } from "../core/handover/entry";
import type { AbsentPart } from "../core/yacht/note/absent";
import { notedCollections, YachtNote } from "../core/yacht/note/note";
import { Key, oneOf } from "../core/yacht/parts/basics";
import type { ProposedEdit } from "../core/yacht/note/propose";
import { YachtFile } from "../core/yacht/schema";

const closed = { additionalProperties: false } as const;

/** Whose file: a yacht's or a class's, by its short name. */
export interface FileName {
  of: "yachts" | "classes";
  slug: string;
}

/** The draft of a file as its editor shows it. */
export interface DraftScreen {
  file: FileName & { name: string; revision: number };
  /** the revision the draft was begun from */
  onRevision: number;
  /** the day at the base */
  today: string;
  /** whether what it was begun from has a newer revision by now: published meanwhile, or of the class that a new yacht is made from */
  isStale: boolean;
  document: YachtFile;
  /** how many edits it has */
  number: number;
  lately: { path: string; by: string; at: string; isMine: boolean }[];
  undo: DraftEdit | null;
  redo: DraftEdit | null;
  findings: CheckedFinding[];
  changes: FileChange[];
  notes: { note: YachtNote; by: string | null; receivedAt: string; edits: ProposedEdit[] }[];
  /** what was answered lately, newest first */
  answered: AnsweredNote[];
  /** things counted elsewhere at three handovers running */
  moved: (ProposedEdit & { name: string; place: string })[];
  /** what her class has and her file has not */
  absent: AbsentPart[];
  /** of a class: its yachts, with how each differs from it (JSON Merge Patch) */
  sisters: { slug: string; name: string; patch: Record<string, unknown> }[];
}

/** A note with what the desk answered to it. */
export interface AnsweredNote {
  note: string;
  content: YachtNote;
  answer: "taken-over" | "declined";
  words: string;
  writtenBy: string | null;
  by: string;
  at: string;
}

/** What a phone takes along to walk a yacht: her draft as it stands, what was noted, what of that the desk has declined and why, and what her class has besides. */
export const SurveyBundle = Type.Object(
  {
    yacht: Type.String(),
    /** who took it along: what is noted with it is theirs */
    me: Uuid,
    revision: Type.Integer(),
    file: YachtFile,
    notes: Type.Array(YachtNote),
    declined: Type.Array(Type.Object({ note: Uuid, words: Type.String(), by: Type.String() }, closed)),
    /** what her class has and her file has not, where one can stand before it */
    absent: Type.Array(
      Type.Object({ collection: oneOf(notedCollections), key: Key, name: Type.String(), place: Key }, closed),
    ),
  },
  closed,
);
export type SurveyBundle = Static<typeof SurveyBundle>;
