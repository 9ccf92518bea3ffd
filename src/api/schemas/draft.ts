import { Type, type Static } from "@sinclair/typebox";
import { InstantText, Uuid } from "../../core/basics/ids";
import type { CheckedFinding as FoundByChecks } from "../../core/checks";
import { DraftEdit } from "../../core/yacht/draft/edit";
import { notedCollections, YachtNote } from "../../core/yacht/note/note";
import { Key, oneOf } from "../../core/yacht/parts/basics";
import { YachtFile } from "../../core/yacht/schema";

const closed = { additionalProperties: false } as const;

/** Whose file: a yacht's or a class's, by its short name. */
export interface FileName {
  of: "yachts" | "classes";
  slug: string;
}

const CheckedFinding = Type.Unsafe<FoundByChecks>(
  Type.Object(
    { check: Type.String(), level: Type.String(), path: Type.String(), message: Type.String() },
    { additionalProperties: true },
  ),
);
const FileChange = Type.Object(
  {
    /** JSON pointer of what changed */
    path: Type.String(),
    part: Type.String(),
    field: Type.Union([Type.String(), Type.Null()]),
    from: Type.Unknown(),
    to: Type.Unknown(),
  },
  closed,
);
const ProposedEdit = Type.Object({ path: Type.String(), from: Type.Unknown(), to: Type.Unknown() }, closed);

/** An edit of a draft as others see it. */
const SeenEdit = Type.Object(
  {
    path: Type.String(),
    from: Type.Unknown(),
    to: Type.Unknown(),
    by: Type.String(),
    at: InstantText,
    isMine: Type.Boolean(),
  },
  closed,
);
export type SeenEdit = Static<typeof SeenEdit>;

/** A note with what the desk answered to it. */
const AnsweredNote = Type.Object(
  {
    note: Uuid,
    content: YachtNote,
    answer: oneOf(["taken-over", "declined"] as const),
    words: Type.String(),
    writtenBy: Type.Union([Type.String(), Type.Null()]),
    by: Type.String(),
    at: InstantText,
  },
  closed,
);
export type AnsweredNote = Static<typeof AnsweredNote>;

/** What of a draft changes with every edit. */
const standing = {
  /** which draft it is; null while nobody has begun one. Another one means: read the whole again */
  draft: Type.Union([Uuid, Type.Null()]),
  /** changes whenever anything of the screen changes that is not an edit: notes, answers, a revision published meanwhile */
  stamp: Type.String(),
  /** how many edits it has */
  number: Type.Integer(),
  undo: Type.Union([DraftEdit, Type.Null()]),
  redo: Type.Union([DraftEdit, Type.Null()]),
  findings: Type.Array(CheckedFinding),
  /** things counted elsewhere at three handovers running */
  moved: Type.Array(Type.Object({ ...ProposedEdit.properties, name: Type.String(), place: Type.String() }, closed)),
  /** what her class has and her file has not */
  absent: Type.Array(
    Type.Object(
      {
        collection: Type.String(),
        key: Key,
        name: Type.String(),
        place: Type.Union([Key, Type.Null()]),
        part: Type.Unknown(),
      },
      closed,
    ),
  ),
};

/** The draft of a file as its editor shows it. */
export const DraftScreen = Type.Object(
  {
    file: Type.Object(
      { of: oneOf(["yachts", "classes"] as const), slug: Key, name: Type.String(), revision: Type.Integer() },
      closed,
    ),
    /** the revision the draft was begun from */
    onRevision: Type.Integer(),
    /** the day at the base */
    today: Type.String(),
    /** whether what it was begun from has a newer revision by now: published meanwhile, or of the class that a new yacht is made from */
    isStale: Type.Boolean(),
    document: YachtFile,
    lately: Type.Array(SeenEdit),
    ...standing,
    notes: Type.Array(
      Type.Object(
        {
          note: YachtNote,
          by: Type.Union([Type.String(), Type.Null()]),
          receivedAt: InstantText,
          edits: Type.Array(ProposedEdit),
        },
        closed,
      ),
    ),
    /** what was answered lately, newest first */
    answered: Type.Array(AnsweredNote),
    /** of a class: its yachts, with how each differs from it (JSON Merge Patch) */
    sisters: Type.Array(
      Type.Object({ slug: Key, name: Type.String(), patch: Type.Record(Type.String(), Type.Unknown()) }, closed),
    ),
  },
  closed,
);
export type DraftScreen = Static<typeof DraftScreen>;

/** What is new in a draft since an edit that the editor has seen. */
export const DraftNews = Type.Object({ ...standing, edits: Type.Array(SeenEdit) }, closed);
export type DraftNews = Static<typeof DraftNews>;

/** What publishing a class would do to one of its yachts. */
const ReviewedSister = Type.Object(
  { slug: Key, name: Type.String(), changes: Type.Array(FileChange), blocked: Type.Array(CheckedFinding) },
  closed,
);
export type ReviewedSister = Static<typeof ReviewedSister>;

/** What publishing a draft would do. */
export const DraftReview = Type.Object(
  {
    number: Type.Integer(),
    findings: Type.Array(CheckedFinding),
    changes: Type.Array(FileChange),
    sisters: Type.Array(ReviewedSister),
  },
  closed,
);
export type DraftReview = Static<typeof DraftReview>;

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
