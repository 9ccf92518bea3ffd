"use client";
import { DrillLater } from "../drills/DrillLater";
import type { BookStore } from "../store/book-store";
import { useDrilled } from "./useDrilled";

interface Props {
  store: BookStore;
  drill: string | null;
  onDrill: (drill: string | null) => void;
}

/** Her devices to be worked by this charter's skipper, each run kept. */
export function DrillsOfBook({ store, drill, onDrill }: Props) {
  const { standings, onRun } = useDrilled(store);
  return <DrillLater file={store.book.yacht.file} {...{ drill, standings, onRun, onDrill }} />;
}
