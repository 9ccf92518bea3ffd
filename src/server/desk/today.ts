import "server-only";
import { validate as isUuid } from "uuid";
import { addHours, dayIn, isInstant } from "@/core/basics/instant";
import { farBelow } from "@/core/briefing/far-below";
import { studyState } from "@/core/briefing/study/study";
import { nextStep } from "@/core/handover/next-step";
import { depositMet } from "@/core/settlement/terms";
import type { YachtFile } from "@/core/yacht/schema";
import { localizeFigures } from "@/core/yacht/figures";
import { isSoundText } from "@/formats/sound-text";
import type { CharterRow, ChartersPage, HandoverBrief, StayView, TodayRow, TodayYacht } from "@/api/schemas/desk";
import { now } from "../clock";
import { currentBase, type BaseRow } from "../db/base";
import { staysAfter, staysBetween, type StayMark } from "../db/charters";
import { fileWork } from "../db/file-work";
import type { Queryable } from "../db/pool";
import { studyAnswersOfAll } from "../db/study";
import { listYachts, type YachtRow } from "../db/yachts";
import { withTells } from "./tells";
import { readinessOf } from "../upkeep/readiness";

export interface TodayView {
  base: BaseRow;
  now: string;
  rows: TodayRow[];
  underWay: TodayRow[];
  yachts: Record<string, TodayYacht>;
}

const factsOf = ({ sealedAt, seals }: HandoverBrief) => ({
  sealedAt,
  isUnsettled: sealedAt === null && seals.some(({ settled }) => settled !== false),
});

/** What a stay needs next, with what is to be known of it. */
export function todayRow(stay: StayView, at: string): TodayRow {
  const checkIn = stay.handovers.find((each) => each.kind === "check-in") ?? null;
  const checkOut = stay.handovers.find((each) => each.kind === "check-out") ?? null;
  const next = nextStep(
    {
      startsAt: stay.startsAt,
      endsAt: stay.endsAt,
      isCalledOff: stay.calledOff !== null,
      depositMet: depositMet(stay.terms, stay.heldMinor),
      checkIn: checkIn && factsOf(checkIn),
      checkOut: checkOut && factsOf(checkOut),
      settledAt: stay.settledAt,
      heldMinor: stay.heldMinor,
    },
    at,
  );
  const returning = ["under-way", "start-check-out", "go-on-check-out", "settle", "clear-up", "settled"].includes(next);
  const open = [checkIn, checkOut].find((each) => each && !each.sealedAt);
  const late = stay.handovers.reduce((sum, each) => sum + each.late + each.toAnswer, 0);
  const calm = ["start-check-in", "under-way", "start-check-out", "settled", "called-off"].includes(next) && late === 0;
  return {
    stay,
    next,
    at: returning ? stay.endsAt : stay.startsAt,
    verdict: calm ? "fine" : "watch",
    recorded: open?.entries ?? 0,
    late,
    notCleared: checkOut === null && checkIn !== null && checkIn.against.length > 0 && checkIn.lifted === null,
    farBelow: null,
    readiness: null,
    fileWork: null,
    tells: null,
  };
}

/** What a stay may need before its check-in is signed. */
const beforeCheckIn = ["hold-deposit", "start-check-in", "go-on-check-in"];

/** Oddities beside the plan on Today. */
const mostOddities = 2;

const shownOf = ({ file, fileHash }: YachtRow): TodayYacht => ({
  particulars: file.particulars,
  fileHash,
  oddities: Object.values(file.oddities)
    .slice(0, mostOddities)
    .map(({ words }) => localizeFigures(file, words)),
});

const isBeforeCheckIn = ({ next }: TodayRow) => beforeCheckIn.includes(next);

/** Rows with what the studies say of their skippers' experience, as long as they have not left. */
async function withExperience(
  db: Queryable,
  rows: readonly TodayRow[],
  files: ReadonlyMap<string, YachtFile>,
): Promise<TodayRow[]> {
  const answers = await studyAnswersOfAll(
    db,
    rows.filter(isBeforeCheckIn).map(({ stay }) => stay.stayId),
  );
  return rows.map((row) => {
    const file = files.get(row.stay.yachtId);
    const said = answers.get(row.stay.stayId);
    if (!file || !said) return row;
    const { experience } = studyState(said, []);
    return { ...row, farBelow: experience && farBelow(file, experience) };
  });
}

/** Rows with how ready their yachts are and what waits in their files, as long as they have not been handed over. */
async function withReadiness(
  db: Queryable,
  rows: readonly TodayRow[],
  files: ReadonlyMap<string, YachtFile>,
): Promise<TodayRow[]> {
  const stays = rows.filter(isBeforeCheckIn).map(({ stay }) => stay);
  const ready = await readinessOf(db, stays, files);
  const waiting = await fileWork(db);
  return rows.map((row) =>
    isBeforeCheckIn(row)
      ? { ...row, readiness: ready.get(row.stay.stayId) ?? null, fileWork: waiting[row.stay.yachtSlug] ?? null }
      : row,
  );
}

/** What one stay needs next, with all that its row would show. */
export async function rowOfStay(db: Queryable, stay: StayView, file: YachtFile | undefined): Promise<TodayRow> {
  const files = new Map(file ? [[stay.yachtId, file]] : []);
  const row = todayRow(stay, now());
  const [full] = await withReadiness(db, await withExperience(db, [row], files), files);
  const { timeZone } = await currentBase(db);
  const [told] = await withTells(db, [full ?? row], files, now(), timeZone);
  return told ?? row;
}

/** Today at the base: who leaves, who comes back, what is unfinished, and who is under way. */
export async function todayView(db: Queryable): Promise<TodayView> {
  const base = await currentBase(db);
  const at = now();
  const today = dayIn(at, base.timeZone);
  const near = await staysBetween(db, addHours(at, -24 * 45), addHours(at, 24 * 2));
  const yachts = await listYachts(db);
  const files = new Map(yachts.map(({ id, file }) => [id, file]));
  const known = await withExperience(
    db,
    near.map((stay) => todayRow(stay, at)),
    files,
  );
  const rows = await withTells(db, known, files, at, base.timeZone);
  const isToday = (row: TodayRow) =>
    dayIn(row.stay.startsAt, base.timeZone) === today ||
    dayIn(row.stay.endsAt, base.timeZone) === today ||
    !["under-way", "settled", "start-check-in", "hold-deposit"].includes(row.next);
  const shown = await withReadiness(db, rows.filter(isToday), files);
  return {
    base,
    now: at,
    rows: [...shown].sort((a, b) => (a.at < b.at ? -1 : 1)),
    underWay: rows.filter((row) => row.next === "under-way" && !isToday(row)),
    yachts: Object.fromEntries(yachts.map((yacht) => [yacht.id, shownOf(yacht)])),
  };
}

const chartersOnPage = 50;

/**
 * A page of charters with what each needs next, newest first.
 *
 * @param asked as it stands in the page's address; a mark that is none begins at the newest
 */
export async function chartersView(db: Queryable, asked: { find?: string; after?: string }): Promise<ChartersPage> {
  const at = now();
  const find = (asked.find ?? "").trim().slice(0, 100);
  const found = await staysAfter(db, isSoundText(find) ? find : "", markOf(asked.after), chartersOnPage + 1);
  const stays = found.slice(0, chartersOnPage);
  const last = stays.at(-1);
  return {
    rows: stays.map((stay): CharterRow => {
      const { stayId, reference, yachtName, skipper, startsAt, endsAt } = stay;
      const { next, verdict, recorded } = todayRow(stay, at);
      return { stayId, reference, yachtName, skipper, startsAt, endsAt, next, verdict, recorded };
    }),
    timeZone: (await currentBase(db)).timeZone,
    find,
    more: found.length > stays.length && last ? `${last.startsAt}_${last.stayId}` : null,
  };
}

function markOf(text: string | undefined): StayMark | null {
  const [startsAt = "", stayId = ""] = text?.split("_") ?? [];
  return isInstant(startsAt) && isUuid(stayId) ? { startsAt, stayId } : null;
}
