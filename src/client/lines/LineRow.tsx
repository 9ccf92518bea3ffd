"use client";
import { memo } from "react";
import type { Line } from "@/core/handover/lines";
import { CountRow } from "./CountRow";
import { FieldsRow } from "./FieldsRow";
import { LookRow } from "./LookRow";
import { MarkRow } from "./MarkRow";
import { ReadingRow } from "./ReadingRow";
import { ViewRow } from "./ViewRow";
import { TestRow } from "./TestRow";

/** One line of the list, by its kind. Drawn again only when its own subject changes. */
export const LineRow = memo(function LineRow({ line, onMark }: { line: Line; onMark: (surface?: string) => void }) {
  switch (line.kind) {
    case "count":
      return <CountRow line={line} />;
    case "test":
      return <TestRow line={line} />;
    case "reading":
      return <ReadingRow line={line} />;
    case "look":
      return <LookRow line={line} onMark={onMark} />;
    case "view":
      return <ViewRow line={line} onMark={onMark} />;
    case "mark":
      return <MarkRow line={line} />;
    default:
      return <FieldsRow line={line} />;
  }
});
