import "server-only";
import { v7 as uuid } from "uuid";
import { dayIn } from "@/core/basics/instant";
import { cellOf, fold } from "@/core/handover/fold";
import type { IncidentKind } from "@/core/incidents/incident";
import { listHash, type HandoverList } from "@/core/handover/list";
import { lineSubject } from "@/core/handover/lines";
import { makeList } from "@/core/handover/opening/make-list";
import type { HandoverKind, KnownMark } from "@/core/handover/lines/line-input";
import { foundIn, mainValue, newMarks, photosOf } from "@/core/handover/state";
import { now } from "../clock";
import { addendaTo } from "../db/addenda";
import { currentBase } from "../db/base";
import { currentRules } from "../db/base-rules";
import { crewOf } from "../db/crew";
import { knownDefects } from "../db/defects";
import { findStay } from "../db/charters";
import { addHandover, findHandover, handoverOfStay } from "../db/handovers";
import { hiredOf } from "../db/hired-extras";
import { takeTurns } from "../db/locks";
import { lastSealedHandovers } from "../db/seals";
import { oftenCharged } from "../db/settlements";
import type { Queryable } from "../db/pool";
import { studyAnswersOf } from "../db/study";
import { findYacht, yachtFileAt } from "../db/yachts";
import { AppError } from "@/api/app-error";
import { believedAt } from "../record/believed-at";
import { signedEntries } from "../record/record";
import { turnRoundOf } from "../stays/turn-round";
import { readingHistory } from "../yacht/reading-history";

/**
 * Opens the check-in or check-out of a stay: makes its list and fixes it. One that is open already is given back.
 *
 * @throws AppError for a check-out before its check-in is signed
 */
export async function openHandover(
  db: Queryable,
  stayId: string,
  kind: HandoverKind,
  personId: string,
): Promise<{ id: string; fresh: boolean }> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-stay");
  // two tablets that open at once take turns on the stay's row
  await takeTurns(db, `${stayId} ${kind}`);
  const open = await handoverOfStay(db, stayId, kind);
  if (open) return { id: open.id, fresh: false };
  if (stay.calledOff !== null) throw new AppError("called-off");
  const checkIn = kind === "check-out" ? await signedCheckIn(db, stayId) : null;
  const yacht = checkIn
    ? { id: stay.yachtId, revision: checkIn.revision, file: await pinnedFile(db, stay.yachtId, checkIn.revision) }
    : await findYacht(db, { id: stay.yachtId });
  if (!yacht) throw new AppError("no-yacht-file");
  const base = await currentBase(db);
  const id = uuid();
  const openedAt = now();
  // at check-out it is asked back as it was handed over
  const hired = checkIn?.hired ?? (await hiredOf(db, stay.charterId)).hired;
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
      ? { knownMarks: [], viewPhotos: {} }
      : checkIn
        ? { knownMarks: checkIn.marks, viewPhotos: checkIn.viewPhotos }
        : await leftByLastCharter(db, stay.yachtId)),
    history: await readingHistory(db, stay.yachtId),
    openedAt,
    rules: (await currentRules(db)).rules,
    crewKg: (await crewOf(db, stayId)).map(({ weightKg }) => weightKg),
    known: await knownDefects(db, stay.yachtId),
    changed: checkIn
      ? { ...checkIn.told, often: await oftenCharged(db) }
      : { reported: [], happened: [], often: new Map() },
    hired,
    turnRound: kind === "prep" ? await turnRoundOf(db, stay, yacht.file, base.timeZone) : { tasks: [], takeOff: [] },
    study: kind === "check-in" ? await studyAnswersOf(db, stayId) : [],
  });
  await addHandover(db, {
    id,
    stayId,
    kind,
    checkInId: checkIn?.id ?? null,
    yachtId: stay.yachtId,
    revision: yacht.revision,
    list,
    listHash: listHash(list),
    openedAt,
    openedBy: personId,
  });
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
    throw new AppError("check-in-not-signed");
  }
  const { seal, entries } = signed;
  const folded = fold(entries);
  const counts: Record<string, number> = {};
  const elsewhere: Record<string, string> = {};
  for (const line of checkIn.list.lines) {
    if (line.kind !== "count") continue;
    const place = foundIn(folded, line);
    if (place !== null) elsewhere[line.id] = place;
    const counted = mainValue(folded, line);
    if (counted) counts[line.id] = counted.count;
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
    hired: checkIn.list.hired ?? [],
    seal: seal.seal,
    counts,
    told,
    foundIn: elsewhere,
    marks: knownMarksAfter(checkIn.list, folded, believedAt({ handover: checkIn, seal })),
    viewPhotos: viewPhotosAfter(checkIn.list, folded),
  };
}

/** Marks that are on the yacht after a handover: those that were there and are not mended, and the new ones. */
function knownMarksAfter(list: HandoverList, folded: ReturnType<typeof fold>, at: string): KnownMark[] {
  const old = list.lines.flatMap((line): KnownMark[] => {
    if (line.kind !== "mark") return [];
    const state = cellOf(folded, lineSubject(line.id), "mark-state")?.value;
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
  const made = newMarks(folded).map(({ id, mark, cell }): KnownMark => ({
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
      const photo = mainValue(folded, line)?.photo;
      return [[line.surface, photo ? [photo] : line.photos]];
    }),
  );
}

/** Marks and pictures known from the last signed handover of the yacht, so that nobody is blamed for an old mark. */
async function leftByLastCharter(
  db: Queryable,
  yachtId: string,
): Promise<{ knownMarks: KnownMark[]; viewPhotos: Record<string, string[]> }> {
  const [sealed] = await lastSealedHandovers(db, [yachtId]);
  const last = sealed && (await findHandover(db, sealed.id));
  const signed = last ? await signedEntries(db, last.id) : null;
  if (!last || !signed) return { knownMarks: [], viewPhotos: {} };
  const folded = fold(signed.entries);
  return {
    knownMarks: knownMarksAfter(last.list, folded, believedAt({ handover: last, seal: signed.seal })),
    viewPhotos: viewPhotosAfter(last.list, folded),
  };
}
