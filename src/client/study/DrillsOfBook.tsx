"use client";
import { showDrill } from "@/api/drills";
import { call } from "../api/call";
import { DrillLater } from "../drills/DrillLater";
import type { TellDrill } from "../drills/told-drill";
import type { BookStore } from "../store/book-store";
import { useDrilled } from "./useDrilled";

interface Props {
  store: BookStore;
  drill: string | null;
  onDrill: (drill: string | null) => void;
}

const tell: TellDrill = (panel, worked) => call(showDrill, { body: { panel, worked } });

/** Her devices to be worked by this charter's skipper, each run kept. */
export function DrillsOfBook({ store, drill, onDrill }: Props) {
  const { standings, onRun } = useDrilled(store);
  return <DrillLater file={store.book.yacht.file} {...{ drill, standings, onRun, onDrill }} tell={tell} />;
}
