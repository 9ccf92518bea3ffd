import type { TSchema } from "@sinclair/typebox";
import type { Said } from "../../basics/said";
import type { Verdict } from "../../basics/verdict";
import type { Judgement } from "../../readings";
import type { ReadField } from "../../readings/rule";
import type { Group } from "../../yacht/schema";
import type { CommonLine } from "./common";
import type { LineInput } from "./line-input";

/** What a kind of line is by type: its name, the aspect its value is recorded under, its codes. */
export interface LineTypes {
  name: string;
  aspect: string;
  line: CommonLine;
  value: unknown;
  /** codes of what it says at the gate */
  reason: string;
  /** codes of how it differs from one record to the next */
  difference: string;
}

/** Why a line stands in the way, or is to be said: a code, whether it blocks, and numbers where they tell. */
export interface LineReason<Code extends string> {
  code: Code;
  blocks: boolean;
  counts?: { have: number; need: number };
}

/** How a line differs from the earlier record. */
export interface Change<Code extends string> {
  kind: Code;
  /** by how much, after less before */
  change?: number;
  /** it was never tried before, so that nobody knows since when */
  unknownSince?: true;
}

/** What is known of a line besides its two values when it is compared. */
export interface Seen {
  /** how many the base's last visit left aboard; undefined where nobody came */
  had: number | undefined;
  /** it lies elsewhere than it did */
  moved: boolean;
}

/** Something to be filled in on paper: a box to tick, a blank to write in, or both. */
export interface PaperField {
  say: Said;
  box?: true;
  blank?: "before" | "after";
}

/** One kind of line: everything that is particular to it, in one place. */
export interface LineKind<Of extends LineTypes> {
  name: Of["name"];
  /** the form of a line on a list */
  schema: TSchema;
  /** under which its value is recorded */
  aspect: Of["aspect"];
  /** the form of that value; null where the line names a rule that there is not */
  valueSchema: (line: Of["line"]) => TSchema | null;
  /** what else can be recorded of it, by aspect */
  besides?: Readonly<Record<string, TSchema>>;
  /** its lines of one handover, out of the yacht's file and what earlier handovers left */
  fromFile: (input: LineInput) => Of["line"][];
  /** seconds it takes with the people who do it: our own estimate, to be measured on real handovers */
  seconds: number;
  /** what is typed or tapped, where its row is made of nothing but fields */
  fields?: (line: Of["line"]) => readonly ReadField[];
  /** how it is done, where the line carries no words of its own for it */
  how?: (line: Of["line"]) => Said;
  /** what to mind, where work can hurt */
  caution?: (line: Of["line"]) => Said;
  /** what the rule of a reading says of a value */
  judge?: (line: Of["line"], value: Of["value"]) => Judgement;
  verdict: (line: Of["line"], value: Of["value"]) => Verdict;
  /** what was recorded, in a few words */
  words: (line: Of["line"], value: Of["value"]) => Said;
  /** how a value differs from the earlier one; null for what stands as a mark of its own */
  compare:
    | ((line: Of["line"], was: Of["value"] | undefined, is: Of["value"], seen: Seen) => Change<Of["difference"]> | null)
    | null;
  /** whether it is not fine in a way that can be mended: not what is merely short in number */
  isDefect: (line: Of["line"], value: Of["value"]) => boolean;
  /** what it says at the gate */
  reasons: (line: Of["line"], value: Of["value"], aboard: number) => LineReason<Of["reason"]>[];
  /** the class of things it belongs to, which a waiver may exclude */
  group: (line: Of["line"]) => Group;
  paper: (line: Of["line"]) => PaperField[];
  /** what a person records where all is fine; `hours` are the engine's */
  sample: (line: Of["line"], hours: number) => Of["value"];
}
