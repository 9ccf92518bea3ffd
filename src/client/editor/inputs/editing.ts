"use client";
import { createContext, useContext } from "react";
import type { CheckedFinding } from "@/core/checks";
import type { YachtFile } from "@/core/yacht/schema";
import type { TypedFigure } from "@/core/yacht/typed-figures";
import type { Wanted } from "./useDraft";

/** What every field of a part needs to know of the draft it is edited in. */
export interface Editing {
  file: YachtFile;
  /** the collection of the part that is shown */
  collection: string;
  findings: readonly CheckedFinding[];
  /** figures that stand in texts as typed where the file has a field */
  typed: readonly TypedFigure[];
  fault: { path: string; words: string } | null;
  disabled: boolean;
  onChange: (wanted: Wanted[]) => Promise<boolean>;
  /** keeps that a text in question was read and is right, for what it rests on now */
  onRight: (path: string, basis: string) => Promise<boolean>;
  /** shows the part that a JSON pointer leads into */
  onOpen: (path: string) => void;
}

export const EditingContext = createContext<Editing | null>(null);

/** The draft that a field is edited in. */
export function useEditing(): Editing {
  const editing = useContext(EditingContext);
  if (!editing) throw new Error("a field outside the editor");
  return editing;
}
