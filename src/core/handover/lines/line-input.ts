import { Type, type Static } from "@sinclair/typebox";
import type { BaseRules } from "../../base/rules";
import type { IncidentKind } from "../../incidents/incident";
import type { EarlierReading } from "../../readings/rule";
import type { YachtFile } from "../../yacht/schema";
import type { Mark } from "./mark-form";

/** A prep is the technician's own round before a check-in: kept with the same list and entries, signed by nobody but closed by who did it. */
export const HandoverKind = Type.Union([Type.Literal("prep"), Type.Literal("check-in"), Type.Literal("check-out")]);
export type HandoverKind = Static<typeof HandoverKind>;

/** A mark that is on the yacht already, with where it was seen first. */
export interface KnownMark {
  id: string;
  mark: Mark;
  photos: string[];
  since: string | null;
}

/** What lines are made from when a handover is opened: her file, the stay, and what earlier handovers left. */
export interface LineInput {
  kind: HandoverKind;
  yacht: { file: YachtFile };
  stay: { fromDay: string; toDay: string };
  /** at check-out: the found counts of the check-in, and where things lay that were found elsewhere, by line id */
  checkIn: { counts: Readonly<Record<string, number>>; foundIn: Readonly<Record<string, string>> } | null;
  knownMarks: readonly KnownMark[];
  /** the picture of each view at the last handover, by its surface */
  viewPhotos: Readonly<Record<string, readonly string[]>>;
  /** earlier readings by line id, oldest first */
  history: Readonly<Record<string, readonly EarlierReading[]>>;
  openedAt: string;
  rules: BaseRules;
  changed: { happened: readonly IncidentKind[] };
}
