import { InputError } from "../basics/calculation";
import type { Words } from "../basics/words";
import { bySubject, fold, type Cell, type Folded } from "../handover/fold";
import { kindOf, lineSubject, type Line, type LineDifference } from "../handover/lines";
import type { Mark } from "../handover/lines/mark-form";
import { foundIn, foundThings, mainCell, mainValue, newMarks, photosIn, remarksOf } from "../handover/state";
import type { Group } from "../yacht/schema";
import { between, type Between, type StartsAs } from "./between";
import { matchMarks, type PlacedMark } from "./match-marks";
import { limitsOf, type ComparedRecord, type ComparisonLimits } from "./record";

/** What a difference is. */
export type DifferenceKind =
  LineDifference | "not-checked-again" | "new-mark" | "mark-worse" | "mark-mended" | "found-thing";

/** One side's evidence: what was recorded, by whom, when, with which photos and remarks. */
export interface Evidence {
  value: unknown;
  by: { side: "base" | "skipper"; person: string } | null;
  at: string | null;
  photos: string[];
  remarks: { side: "base" | "skipper"; words: string }[];
}

/** A line or mark that is not the same at check-out as at check-in. */
export interface Difference {
  id: string;
  kind: DifferenceKind;
  /** id of the line, the mark or the found thing */
  of: string;
  place: string;
  name: Words;
  group: Group;
  safety: boolean;
  before: Evidence | null;
  after: Evidence | null;
  /** for counts the pieces, for readings the amount by which it changed, after less before */
  change: number | null;
  /** true when it was never tried at check-in, so that nobody knows when it broke */
  unknownSince: boolean;
  /** whose it is before anybody has decided; a fresh finding is nobody's */
  startsAs: StartsAs;
}

/**
 * Everything that is not the same in two records of one yacht. The same records give the same answer in any order of
 * their entries, and a record compared with itself gives nothing.
 *
 * @param limits the base's, as they stood when the later list was made, unless others are given
 * @throws InputError when the records are of different yachts, stays or revisions of the file
 */
export function compare(
  before: ComparedRecord,
  after: ComparedRecord,
  limits: ComparisonLimits = limitsOf(after.list),
): Difference[] {
  if (before.list.yacht.id !== after.list.yacht.id)
    throw new InputError("/after/list/yacht/id", "these are records of two different yachts");
  if (before.list.stay.id !== after.list.stay.id)
    throw new InputError("/after/list/stay/id", "these are records of two different stays");
  if (before.list.yacht.revision !== after.list.yacht.revision)
    throw new InputError(
      "/after/list/yacht/revision",
      "these are records of two revisions of her file: a check-out goes by the file of its check-in",
    );
  const old = side(before);
  const now = side(after);
  const since = between(before.list, old.folded, before.addenda ?? []);
  const differences: Difference[] = [];
  for (const line of after.list.lines) {
    const difference = compareLine(line, old, now, since);
    if (difference) differences.push(difference);
  }
  differences.push(...compareMarks(before, after, old, now, limits), ...newFinds(old, now));
  const rank = new Map(after.list.places.map((place, index) => [place.id, index]));
  return differences.sort((a, b) => (rank.get(a.place) ?? 0) - (rank.get(b.place) ?? 0) || (a.id < b.id ? -1 : 1));
}

/** One record, folded, with its cells at hand by subject. */
interface Side {
  /** where the list has each line */
  places: ReadonlyMap<string, string>;
  folded: Folded;
  subjects: ReadonlyMap<string, Cell[]>;
}

function side(record: ComparedRecord): Side {
  const folded = fold(record.entries);
  return {
    places: new Map(record.list.lines.map((line) => [line.id, line.place])),
    folded,
    subjects: bySubject(folded),
  };
}

/** Where a thing was counted: where somebody found it, else where the list has it. */
const placeOf = ({ places, folded }: Side, line: Line) => foundIn(folded, line) ?? places.get(line.id) ?? line.place;

function evidence({ folded, subjects }: Side, subject: string, cell: Cell | undefined): Evidence | null {
  if (!cell) return null;
  const head = cell.heads[0];
  return {
    value: cell.fork ? null : (cell.value ?? null),
    by: head?.by ?? null,
    at: head?.at ?? null,
    photos: photosIn(subjects.get(subject) ?? []),
    remarks: remarksOf(folded, subject),
  };
}

/** How one line differs; null where it does not, or where its kind is compared by marks. */
function compareLine(line: Line, old: Side, now: Side, since: Between): Difference | null {
  const kind = kindOf(line);
  if (!kind.compare) return null;
  const subject = lineSubject(line.id);
  const oldCell = mainCell(old.folded, line);
  const nowCell = mainCell(now.folded, line);
  const was = mainValue(old.folded, line);
  const is = mainValue(now.folded, line);
  const change =
    is === undefined
      ? was === undefined
        ? null
        : { kind: "not-checked-again" as const }
      : kind.compare(line, was, is, {
          had: since.counts.get(line.id),
          moved: placeOf(old, line) !== placeOf(now, line),
        });
  if (!change) return null;
  return {
    id: `${change.kind}:${line.id}`,
    kind: change.kind,
    of: line.id,
    place: line.place,
    name: line.name,
    group: kind.group(line),
    safety: line.safety,
    before: evidence(old, subject, oldCell),
    after: evidence(now, subject, nowCell),
    change: change.change ?? null,
    unknownSince: change.unknownSince ?? false,
    startsAs: since.startsAs(line),
  };
}

const nobodys: StartsAs = { as: "unclear", because: null };

function markDifference(
  kind: DifferenceKind,
  id: string,
  mark: Mark,
  before: Evidence | null,
  after: Evidence | null,
): Difference {
  const name = { en: mark.words === "" ? mark.kind : `${mark.kind}: ${mark.words}` };
  return {
    id: `${kind}:mark:${id}`,
    kind,
    of: `mark:${id}`,
    place: mark.place,
    name,
    group: "hull",
    safety: false,
    before,
    after,
    change: null,
    unknownSince: false,
    startsAs: nobodys,
  };
}

/**
 * Marks confirmed by id are the same mark by what was said of them. Of the rest, marks of the check-in that nobody
 * said anything about and marks made at check-out are matched by surface, kind and distance.
 */
function compareMarks(
  before: ComparedRecord,
  after: ComparedRecord,
  old: Side,
  now: Side,
  limits: ComparisonLimits,
): Difference[] {
  const differences: Difference[] = [];
  const known = new Map<string, { mark: Mark; evidence: Evidence }>();
  for (const line of before.list.lines) {
    if (line.kind !== "mark") continue;
    const said = evidence(old, lineSubject(line.id), mainCell(old.folded, line));
    known.set(line.id.slice("mark:".length), {
      mark: line.mark,
      evidence: said ?? { value: line.mark, by: null, at: line.since, photos: line.photos, remarks: [] },
    });
  }
  for (const { id, mark, cell } of newMarks(old.folded)) {
    const found = evidence(old, cell.subject, cell);
    if (found) known.set(id, { mark, evidence: found });
  }
  const unconfirmed = new Map(known);
  for (const line of after.list.lines) {
    if (line.kind !== "mark") continue;
    const id = line.id.slice("mark:".length);
    const cell = mainCell(now.folded, line);
    const was = known.get(id);
    if (!cell?.value) continue;
    unconfirmed.delete(id);
    const { state } = cell.value;
    const nowEvidence = evidence(now, lineSubject(line.id), cell);
    const sameAsBefore = stateOf(was?.evidence.value) === state;
    if (state === "still-so" || (sameAsBefore && sameEntry(was?.evidence ?? null, nowEvidence))) continue;
    differences.push(
      markDifference(
        state === "worse" ? "mark-worse" : "mark-mended",
        id,
        line.mark,
        was?.evidence ?? null,
        nowEvidence,
      ),
    );
  }
  const fresh = newMarks(now.folded);
  for (const { id } of fresh) unconfirmed.delete(id);
  const freshOnly = fresh.filter(({ id }) => !known.has(id));
  const asPlaced = ([id, { mark }]: [string, { mark: Mark }]): PlacedMark => ({ id, mark });
  const pairs = new Map(
    matchMarks([...unconfirmed].map(asPlaced), freshOnly, limits.toleranceM).map(([a, b]) => [b, a]),
  );
  for (const { id, mark, cell } of freshOnly) {
    const twin = pairs.get(id);
    const was = twin === undefined ? null : (known.get(twin) ?? null);
    const found = evidence(now, cell.subject, cell);
    if (!was) differences.push(markDifference("new-mark", id, mark, sideOfMark(before, old, mark), found));
    else if (mark.sizeMm >= was.mark.sizeMm * limits.worseFactor)
      differences.push(markDifference("mark-worse", id, mark, was.evidence, found));
  }
  return differences;
}

/** What the check-in has of the side that a new mark is on: nothing was recorded there, and this is how it looked. */
function sideOfMark(before: ComparedRecord, old: Side, mark: Mark): Evidence | null {
  const view = before.list.lines.find((line) => line.kind === "view" && line.surface === mark.surface);
  const seen = view && evidence(old, lineSubject(view.id), mainCell(old.folded, view));
  return seen && seen.photos.length > 0 ? { ...seen, value: null } : null;
}

/** The state that evidence of a mark says, where it says one. */
const stateOf = (value: unknown): unknown =>
  typeof value === "object" && value !== null && "state" in value ? value.state : undefined;

const sameEntry = (a: Evidence | null, b: Evidence | null) =>
  a !== null && b !== null && a.at === b.at && a.by?.person === b.by?.person;

function newFinds(old: Side, now: Side): Difference[] {
  const knownIds = new Set(foundThings(old.folded).map(({ id }) => id));
  return foundThings(now.folded)
    .filter(({ id }) => !knownIds.has(id))
    .map(({ id, found, cell }) => ({
      id: `found-thing:found:${id}`,
      kind: "found-thing",
      of: `found:${id}`,
      place: found.place,
      name: { en: found.words },
      group: "below",
      safety: false,
      before: null,
      after: evidence(now, cell.subject, cell),
      change: found.count,
      unknownSince: false,
      startsAs: nobodys,
    }));
}
