import "server-only";
import type { Language } from "@/core/basics/languages";
import type { BriefedDrill, BriefingPart } from "@/core/briefing/part";
import type { AddendaView } from "@/api/schemas/book";
import type { Folded } from "@/core/handover/fold";
import type { Finding } from "@/messages/findings";
import type { Translator } from "@/messages/translator";
import type { SealedRecord } from "../record/record";
import { signaturesForPaper } from "./paper-signatures";
import { picturesFor } from "./pictures";
import { localize } from "@/core/basics/words";
import { walkState } from "@/core/handover/walk/walk-state";
import { paceOf } from "@/core/handover/pace";
import { isFromGallery, isOlderPhoto } from "@/core/handover/photo-age";
import { fetchedOf, isCorrected, mainValue, photosOf, statusOf } from "@/core/handover/state";
import { lineSubject, type Line } from "@/core/handover/lines";
import { addendumWords } from "@/messages/addendum-words";
import { aloneWords, briefingSum, drillHow, drillName, stopStatusWords } from "@/messages/briefing-words";
import { mistakeWords } from "@/messages/drilled-words";
import { fetchedWords, valueWords } from "@/messages/line-words";
import { stampIn } from "@/messages/stamp";
import { namesOf } from "../db/handovers";
import type { Queryable } from "../db/pool";
import type { Paper } from "./paper";

/** What the sections of a record's paper are made from. */
export interface RecordSheet {
  t: Translator;
  paper: Paper;
  record: SealedRecord;
  folded: Folded;
  noted: readonly Finding[];
  timeZone: string;
  language: Language;
}

/** Place, thing and what was noted. */
export const notedColumns = (t: Translator) => [
  { title: t("sign.col-place"), share: 2 },
  { title: t("sign.col-what"), share: 3 },
  { title: t("sign.col-noted"), share: 6 },
];

/** How the briefing went: each topic, how deep, and who showed it. */
export async function briefingSection(
  db: Queryable,
  { t, paper, folded }: RecordSheet,
  briefing: BriefingPart,
): Promise<void> {
  const state = walkState(briefing, folded);
  const names = await namesOf(
    db,
    [...state.standing.values()].flatMap((each) =>
      "cell" in each ? each.cell.heads.map((head) => head.by.person) : [],
    ),
  );
  paper.section(t("briefing.title"));
  for (const words of [briefingSum(t, briefing, state), ...aloneWords(t, state)]) paper.line(words);
  paper.table(
    [
      { title: t("briefing.topic"), share: 4 },
      { title: t("briefing.how"), share: 5 },
      { title: t("briefing.by"), share: 2 },
    ],
    briefing.stops.map((stop) => {
      const standing = state.standing.get(stop.id);
      const by =
        standing && "cell" in standing ? (names[standing.cell.heads[0]?.by.person ?? ""] ?? t("paper.erased")) : "";
      return [localize(stop.title), `${stopStatusWords(t, standing)}, ${t(`depth.${stop.depth}`)}`, by];
    }),
  );
  for (const { words, answered } of state.questions)
    paper.line(t(answered ? "briefing.question-answered" : "briefing.question-open", { words }));
}

/** What the skipper drilled beforehand: by device and task, how it went, and with which mistakes. */
export function drillsSection({ t, paper, timeZone, language }: RecordSheet, drills: readonly BriefedDrill[]): void {
  paper.section(t("briefing.drills"));
  paper.table(
    [
      { title: t("briefing.drill"), share: 4 },
      { title: t("briefing.drill-how"), share: 3 },
      { title: t("briefing.drill-last"), share: 2 },
      { title: t("briefing.drill-mistakes"), share: 5 },
    ],
    drills.map((drill) => [
      `${drillName(t, drill)}: ${t(`drill-task.${drill.task as "lower"}`)}`,
      drillHow(t, drill),
      stampIn(drill.lastAt, timeZone, language),
      mistakeWords(t, drill).join(" ") || t("briefing.drill-none"),
    ]),
  );
}

/** What was ticked rather than looked at: a note for both, and no reproach. */
export function paceSection({ t, paper, record, folded }: RecordSheet): void {
  const { hasty, repeated } = paceOf(record.list, folded);
  const name = (person: string) => record.names[person] ?? t("paper.erased");
  for (const { person, lines, tookSeconds, takesSeconds } of hasty)
    paper.line(t("pace.noted", { name: name(person), lines, took: tookSeconds, takes: Math.ceil(takesSeconds / 60) }));
  for (const { person, lines } of repeated) paper.line(t("pace.repeated", { name: name(person), lines: lines.length }));
}

/** What could not be tried, and until when it may be reported. */
export function openSection({ t, paper, timeZone, language }: RecordSheet, open: AddendaView["open"]): void {
  paper.section(t("paper.open"));
  paper.line(t("paper.open-words"));
  paper.table(
    [
      { title: t("sign.col-place"), share: 3 },
      { title: t("sign.col-what"), share: 4 },
      { title: t("paper.until"), share: 4 },
    ],
    open.map(({ place, name, reason, hours, until }) => [
      place,
      `${name}: ${reason}`,
      until === null ? t("paper.until-hours", { hours }) : stampIn(until, timeZone, language),
    ]),
  );
}

/** Who signed what, and how. */
export function signaturesSection({ t, paper, record, timeZone, language }: RecordSheet): void {
  const { seal } = record;
  paper.section(t("paper.signatures"));
  paper.line(t("sign.declaration"));
  const { without } = seal.manifest;
  if (without)
    paper.line(t("paper.without-record", { why: t(`without.they-${without.reason}`), words: without.words }), true);
  paper.signatures(
    signaturesForPaper(
      seal.signatures,
      record.contents,
      { base: t("paper.base"), skipper: t("paper.skipper"), witness: t("paper.witness"), erased: t("paper.erased") },
      timeZone,
      language,
    ),
  );
}

/** Every line with what was recorded of it. */
export function linesSection({ t, paper, record: { list }, folded }: RecordSheet): void {
  paper.section(t("paper.lines"));
  if (list.rules) paper.line(t(`paper.counted-${list.rules.expectedShown}`));
  const placeName = new Map(list.places.map((place) => [place.id, localize(place.name)]));
  const boatSaid = (line: Line) => {
    if (line.kind !== "reading") return "";
    const fetched = fetchedOf(folded, line);
    const value = mainValue(folded, line);
    if (!fetched || !value) return "";
    return ` (${t(isCorrected(value, fetched) ? "boat-data.corrected" : "boat-data.said", { from: fetched.from, value: fetchedWords(t, fetched.values) })})`;
  };
  paper.table(
    notedColumns(t),
    list.lines.map((line) => {
      const standing = statusOf(folded, line);
      return [
        placeName.get(line.place) ?? "",
        localize(line.name),
        standing.step === "done" ? `${valueWords(t, line, standing.value)}${boatSaid(line)}` : t("paper.not-recorded"),
      ];
    }),
  );
}

/** Every photo, those of what was noted first; of one from the gallery or of an earlier day it says so. */
export async function photosSection(
  db: Queryable,
  { t, paper, record: { list }, folded, noted }: RecordSheet,
): Promise<void> {
  const noteOf = (subject: string) => (hash: string) =>
    isOlderPhoto(list, folded, subject, hash)
      ? ` (${t("photo.older")})`
      : isFromGallery(folded, subject, hash)
        ? ` (${t("photo.from-gallery")})`
        : "";
  const pictures = await picturesFor(db, [
    ...noted.map((finding) => ({
      caption: `${finding.name}: ${finding.words}`,
      photos: finding.photos,
      note: noteOf(/^(mark|found):[0-9a-f-]{36}$/.test(finding.id) ? finding.id : lineSubject(finding.id)),
    })),
    ...list.lines
      .filter((line) => !noted.some((finding) => finding.id === line.id))
      .map((line) => ({
        caption: localize(line.name),
        photos: photosOf(folded, lineSubject(line.id)),
        note: noteOf(lineSubject(line.id)),
      })),
  ]);
  if (pictures.length > 0) {
    paper.section(t("paper.photos"));
    paper.pictures(pictures);
  }
}

/** What came after both had signed. */
export function addendaSection(
  { t, paper, record, timeZone, language }: RecordSheet,
  kept: AddendaView["addenda"],
): void {
  paper.section(t("paper.addenda"));
  for (const each of kept) paper.line(addendumWords(t, each, (instant) => stampIn(instant, timeZone, language)));
  for (const addendum of record.addenda.filter(({ kind }) => kind === "late-entry"))
    paper.line(
      `${t("paper.late-entry", { made: stampIn(addendum.madeAt, timeZone, language), received: stampIn(addendum.receivedAt, timeZone, language) })}: ${addendum.id}`,
    );
}
