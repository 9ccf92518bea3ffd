import type { CheckedFinding } from "@/core/checks";
import type { ReadDate, ReadSeries } from "@/core/history/last-readings";
import type { YachtFile } from "@/core/yacht/schema";
import type { DefectView, FileWork, RevisionView } from "@/api/schemas/desk";
import type { NextCharter } from "./WhatNext";

/** What the page of a yacht is given. */
export interface YachtPageProps {
  slug: string;
  name: string;
  berth: string;
  code: string;
  revision: number;
  file: YachtFile;
  sisters: { slug: string; name: string }[];
  revisions: RevisionView[];
  timeZone: string;
  defects: DefectView[];
  charters: NextCharter[];
  dates: ReadDate[];
  series: ReadSeries[];
  fileWork: FileWork | null;
  mayEdit: boolean;
  mayWork: boolean;
  yachtClass: { slug: string; revision: number };
  /** what a change of her class has left to be looked at */
  draft: { why: string; findings: CheckedFinding[] } | null;
}
