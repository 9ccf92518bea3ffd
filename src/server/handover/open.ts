import "server-only";
import { v7 as uuid } from "uuid";
import { dayIn } from "@/core/basics/instant";
import {
  aspectOfKind,
  type CountValue,
  type MarkStateValue,
  type ReadingValue,
  type ViewValue,
} from "@/core/handover/aspects";
import { fold } from "@/core/handover/fold";
import type { IncidentKind } from "@/core/handover/addenda/addendum";
import { lineSubject, listHash, type HandoverKind, type HandoverList } from "@/core/handover/list";
import { makeList, type StandingMark } from "@/core/handover/make-list";
import { foundIn, mainCell, newMarks, photosOf } from "@/core/handover/state";
import type { EarlierReading } from "@/core/readings/rule";
import { now } from "../clock";
import { addendaTo } from "../db/addenda";
import { currentBase } from "../db/base";
import { currentRules } from "../db/base-rules";
import { crewOf } from "../db/crew";
import { knownDefects } from "../db/defects";
import { findStay } from "../db/charters";
import { handoverOfStay } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { studyAnswersOf } from "../db/study";
import { findYacht, yachtFileAt } from "../db/yachts";
import { Refusal } from "../http/refusal";
import { signedEntries } from "./record";

/**
 * Opens the check-in or check-out of a stay: makes its list and fixes it. One that is open already is given back.
 *
 * @throws Refusal for a check-out before its check-in is signed
 */
export async function openHandover(
  db: Queryable,
  stayId: string,
  kind: HandoverKind,
  personId: string,
): Promise<{ id: string; fresh: boolean }> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new Refusal(404, "no-such-stay", "There is no such charter here.");
  // two tablets that open at once take turns on the stay's row
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`${stayId} ${kind}`]);
  const open = await handoverOfStay(db, stayId, kind);
  if (open) return { id: open.id, fresh: false };
  const checkIn = kind === "check-out" ? await signedCheckIn(db, stayId) : null;
  const yacht = checkIn
    ? { id: stay.yachtId, revision: checkIn.revision, file: await pinnedFile(db, stay.yachtId, checkIn.revision) }
    : await findYacht(db, { id: stay.yachtId });
  if (!yacht) throw new Refusal(404, "no-such-yacht", "There is no file for this yacht.");
  const base = await currentBase(db);
  const id = uuid();
  const openedAt = now();
  const list = makeList({
    kind,
    handover: id,
    yacht,
    stay: {
      id: stay.stayId,
      from: stay.startsAt,
      to: stay.endsAt,
      fromDay: dayIn(stay.startsAt, base.timeZone),
      toDay: dayIn(stay.endsAt, base.timeZone),
      aboard: stay.aboard,
    },
    currency: base.currency,
    checkIn: checkIn ? { seal: checkIn.seal, counts: checkIn.counts, foundIn: checkIn.foundIn } : null,
    ...(kind === "prep"
      ? { standingMarks: [], viewPhotos: {} }
      : checkIn
        ? { standingMarks: checkIn.marks, viewPhotos: checkIn.viewPhotos }
        : await leftByLastCharter(db, stay.yachtId)),
    history: await readingHistory(db, stay.yachtId),
    openedAt,
    rules: (await currentRules(db)).rules,
    crewKg: (await crewOf(db, stayId)).map(({ weightKg }) => weightKg),
    known: await knownDefects(db, stay.yachtId),
    changed: checkIn
      ? { ...checkIn.told, often: await oftenCharged(db) }
      : { reported: [], happened: [], often: new Map() },
    study: kind === "check-in" ? await studyAnswersOf(db, stay.charterId) : [],
  });
  await db.query(
    `insert into handover (id, base_id, stay_id, kind, check_in_id, yacht_id, yacht_revision, list, list_hash, opened_at, opened_by)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
    [
      id,
      stayId,
      kind,
      checkIn?.id ?? null,
      stay.yachtId,
      yacht.revision,
      JSON.stringify(list),
      listHash(list),
      openedAt,
      personId,
    ],
  );
  return { id, fresh: true };
}

async function pinnedFile(db: Queryable, yachtId: string, revision: number) {
  const file = await yachtFileAt(db, yachtId, revision);
  if (!file) throw new Error(`revision ${revision} of yacht ${yachtId} is not there`);
  return file;
}

async function signedCheckIn(db: Queryable, stayId: string) {
  const checkIn = await handoverOfStay(db, stayId, "check-in");
  const signed = checkIn ? await signedEntries(db, checkIn.id) : null;
  if (!checkIn || !signed) {
    throw new Refusal(
      409,
      "no-check-in",
      "A check-out goes back to its check-in, and the check-in of this charter is not signed yet. Finish and sign that first.",
    );
  }
  const { seal, entries } = signed;
  const folded = fold(entries);
  const counts: Record<string, number> = {};
  const elsewhere: Record<string, string> = {};
  for (const line of checkIn.list.lines) {
    if (line.kind !== "count") continue;
    const place = foundIn(folded, line);
    if (place !== null) elsewhere[line.id] = place;
    const cell = mainCell(folded, line);
    if (cell && !cell.fork) counts[line.id] = (cell.value as CountValue).count;
  }
  // what the base did aboard in between is the new starting state of what it touched, the last visit last
  const told: { reported: string[]; happened: IncidentKind[] } = { reported: [], happened: [] };
  for (const { addendum } of await addendaTo(db, checkIn.id)) {
    if (addendum.kind === "late-finding" && addendum.line !== null) told.reported.push(addendum.line);
    if (addendum.kind === "incident") told.happened.push(addendum.what);
    if (addendum.kind !== "visit") continue;
    for (const { line, count } of addendum.touched) if (count !== null) counts[line] = count;
  }
  return {
    id: checkIn.id,
    revision: checkIn.revision,
    seal: seal.seal,
    counts,
    told,
    foundIn: elsewhere,
    marks: standingMarksAfter(checkIn.list, folded, seal.sealedAt),
    viewPhotos: viewPhotosAfter(checkIn.list, folded),
  };
}

/** How often a line was on a signed settlement of this base, by line id: what goes missing and what breaks. */
async function oftenCharged(db: Queryable): Promise<Map<string, number>> {
  const { rows } = await db.query<{ line: string; times: number }>(
    `select regexp_replace(l ->> 'id', '^[a-z-]+:', '') as line, count(*)::int as times from settlement s, jsonb_array_elements(s.input -> 'lines') l group by 1`,
  );
  return new Map(rows.map(({ line, times }) => [line, times]));
}

/** Marks that are on the yacht after a handover: those that were there and are not mended, and the new ones. */
function standingMarksAfter(list: HandoverList, folded: ReturnType<typeof fold>, at: string): StandingMark[] {
  const old = list.lines.flatMap((line): StandingMark[] => {
    if (line.kind !== "mark") return [];
    const state = folded.get(`${lineSubject(line.id)} ${aspectOfKind.mark}`)?.value as MarkStateValue | undefined;
    if (state?.state === "mended") return [];
    const fresh = photosOf(folded, lineSubject(line.id));
    return [
      {
        id: line.id.slice("mark:".length),
        mark: line.mark,
        photos: fresh.length > 0 ? fresh : line.photos,
        since: line.since,
      },
    ];
  });
  const made = newMarks(folded).map(({ id, mark, cell }): StandingMark => ({
    id,
    mark,
    photos: photosOf(folded, cell.subject),
    since: at,
  }));
  return [...old, ...made];
}

/** The pictures of a yacht's sides after a handover: the new one, and where none was taken the one that was there. */
function viewPhotosAfter(list: HandoverList, folded: ReturnType<typeof fold>): Record<string, string[]> {
  return Object.fromEntries(
    list.lines.flatMap((line) => {
      if (line.kind !== "view") return [];
      const photo = (mainCell(folded, line)?.value as ViewValue | undefined)?.photo;
      return [[line.surface, photo ? [photo] : line.photos]];
    }),
  );
}

/** Marks and pictures known from the last signed handover of the yacht, so that nobody is blamed for an old mark. */
async function leftByLastCharter(
  db: Queryable,
  yachtId: string,
): Promise<{ standingMarks: StandingMark[]; viewPhotos: Record<string, string[]> }> {
  const { rows } = await db.query<{ id: string; list: HandoverList }>(
    `select h.id, h.list from handover h join seal s on s.handover_id = h.id and s.number = 1
     where h.yacht_id = $1 order by s.sealed_at desc limit 1`,
    [yachtId],
  );
  const last = rows[0];
  const signed = last ? await signedEntries(db, last.id) : null;
  if (!last || !signed) return { standingMarks: [], viewPhotos: {} };
  const folded = fold(signed.entries);
  return {
    standingMarks: standingMarksAfter(last.list, folded, signed.seal.sealedAt),
    viewPhotos: viewPhotosAfter(last.list, folded),
  };
}

/** The last readings of the yacht from its signed handovers and finished preps, by line, oldest first. What came after a seal stands in an addendum and is left out. */
async function readingHistory(db: Queryable, yachtId: string): Promise<Record<string, EarlierReading[]>> {
  const { rows } = await db.query<{ subject: string; value: ReadingValue; at: string }>(
    `select e.subject, e.content -> 'value' as value, h.opened_at as at from entry e join handover h on h.id = e.handover_id
     where h.yacht_id = $1 and e.aspect = 'reading'
       and (exists (select 1 from seal s where s.handover_id = h.id)
         or (h.kind = 'prep' and exists (select 1 from entry done where done.handover_id = h.id and done.aspect = 'prep-done')))
       and not exists (select 1 from addendum a where a.id = e.id)
       and not exists (select 1 from entry later where later.handover_id = e.handover_id and later.content -> 'basis' ? e.id::text
         and not exists (select 1 from addendum a where a.id = later.id))
     order by h.opened_at`,
    [yachtId],
  );
  const history: Record<string, EarlierReading[]> = {};
  for (const { subject, value, at } of rows) {
    (history[subject.slice("line:".length)] ??= []).push({ value, at });
  }
  return history;
}
