import "server-only";
import type { PriorReport } from "@/core/comparison/prior";
import type { KnownDefect } from "@/core/handover/known";
import type { WorkStep } from "@/core/upkeep/defect";
import type { DefectView } from "@/api/schemas/desk";
import { now } from "../clock";
import type { Queryable } from "./pool";

const open = `
  select d.id, d.subject, d.title, d.words, d.safety, d.found_at as since, d.place, d.yacht_id as "yachtId", p.name as "foundBy", d.handover_id as "handoverId",
    w.state, w.number as "workNumber", w.words as "workWords", w.at as "workAt", w.parts, w.minutes, w.reading, w.photos as "workPhotos", b.name as "workBy", who.person_id as "assignee", whom.name as "assigneeName",
    (select min(s.starts_at) from stay s where s.yacht_id = d.yacht_id and s.called_off is null and s.ends_at > $2 and not exists (select 1 from handover h join standing_seal l on l.handover_id = h.id where h.stay_id = s.id and h.kind = 'check-in')) as "neededAt",
    (select coalesce(array_agg(substr(e.aspect, 7) order by e.number), '{}') from entry e
     where e.handover_id = d.handover_id and e.subject in (d.subject, 'line:' || d.subject) and e.aspect like 'photo:%' and e.content -> 'value' ->> 'attached' = 'true'
       and not exists (select 1 from entry off where off.handover_id = e.handover_id and off.subject = e.subject and off.aspect = e.aspect and off.number > e.number and off.content -> 'value' ->> 'attached' = 'false')) as photos
  from defect d left join person p on p.id = d.found_by
  cross join lateral (select number, state, words, at, parts, minutes, reading, photos, by_person from work_step w where w.defect_id = d.id order by number desc limit 1) w
  left join person b on b.id = w.by_person
  left join lateral (select person_id from work_assignment a where a.defect_id = d.id order by number desc limit 1) who on true
  left join person whom on whom.id = who.person_id`;

/** Defects of a yacht that are not mended, those of safety first, then the oldest. */
export const openDefects = async (db: Queryable, yachtId: string): Promise<DefectView[]> =>
  (await openDefectsOf(db, [yachtId])).filter((each) => each.yachtId === yachtId);

/** Defects of some yachts that are not mended, safety first. */
export async function openDefectsOf(db: Queryable, yachtIds: readonly string[]): Promise<DefectView[]> {
  return (
    await db.query<DefectView>(
      `${open} where d.yacht_id = any($1) and w.state <> 'done' order by d.safety desc, d.found_at, d.id`,
      [yachtIds, now()],
    )
  ).rows;
}

/** Every defect of a yacht with how its work stands, newest first. */
export async function allDefects(db: Queryable, yachtId: string): Promise<DefectView[]> {
  return (await db.query<DefectView>(`${open} where d.yacht_id = $1 order by d.found_at desc, d.id`, [yachtId, now()]))
    .rows;
}

/** What is to be mended in the whole fleet: safety first, then what the next departure needs, then the oldest. */
export async function openWork(db: Queryable): Promise<(DefectView & { yachtName: string; yachtSlug: string })[]> {
  const { rows } = await db.query<DefectView & { yachtName: string; yachtSlug: string }>(
    `select o.*, y.name as "yachtName", y.slug as "yachtSlug" from (${open} where ($1::uuid is null or d.yacht_id = $1) and w.state = 'ordered') o join yacht y on y.id = o."yachtId"
     order by o.safety desc, o."neededAt" nulls last, o.since, o.id`,
    [null, now()],
  );
  return rows;
}

/** What is known to be wrong with a yacht, as a list keeps it. */
export async function knownDefects(db: Queryable, yachtId: string): Promise<KnownDefect[]> {
  // marks stand on the list themselves
  return (await openDefects(db, yachtId))
    .filter(({ subject }) => !subject.startsWith("mark:"))
    .map(({ id, subject, title, words, safety, since }) => ({ id, subject, title, words, safety, since }));
}

/** What was known of a yacht's lines before a moment and had not been mended by then, with the charter that it was found in. */
export async function reportedBefore(
  db: Queryable,
  yachtId: string,
  before: string,
  exceptHandover: string,
): Promise<PriorReport[]> {
  const { rows } = await db.query<PriorReport>(
    `select d.subject, d.title || ': ' || d.words as words, d.found_at as at, case when h.kind = 'prep' then null else stay_reference(c.reference, s.part) end as charter
     from defect d left join handover h on h.id = d.handover_id left join stay s on s.id = h.stay_id left join charter c on c.id = s.charter_id
     where d.yacht_id = $1 and d.found_at <= $2 and d.handover_id is distinct from $3
       and coalesce((select w.state from work_step w where w.defect_id = d.id and w.at <= $2 order by w.number desc limit 1), 'ordered') <> 'done'
     order by d.found_at, d.id`,
    [yachtId, before, exceptHandover],
  );
  return rows;
}

/** Work on a yacht's safety that is ordered and not done. */
export async function openSafetyWork(db: Queryable, yachtId: string): Promise<{ id: string; words: string }[]> {
  return (await openDefects(db, yachtId))
    .filter(({ safety, state }) => safety && state === "ordered")
    .map(({ id, title }) => ({ id, words: title }));
}

export interface NewDefect {
  id: string;
  yachtId: string;
  handoverId: string | null;
  subject: string;
  place: string | null;
  title: string;
  words: string;
  safety: boolean;
  at: string;
  by: string;
}

/** Keeps a defect with its work order; one that this handover has found already has no effect. */
export async function addDefect(db: Queryable, defect: NewDefect): Promise<void> {
  const { rowCount } = await db.query(
    `insert into defect (id, base_id, yacht_id, handover_id, subject, place, title, words, safety, found_at, found_by)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10) on conflict (handover_id, subject) do nothing`,
    [
      defect.id,
      defect.yachtId,
      defect.handoverId,
      defect.subject,
      defect.place,
      defect.title,
      defect.words,
      defect.safety,
      defect.at,
      defect.by,
    ],
  );
  if (rowCount === 1) await addWorkStep(db, defect.id, 1, { state: "ordered", words: "" }, defect.by, defect.at);
}

/** How often the work on a defect has moved, or null where there is no such defect. */
export async function workStepsOf(db: Queryable, defectId: string): Promise<number | null> {
  const { rows } = await db.query<{ number: number }>(
    "select max(number) as number from work_step where defect_id = $1",
    [defectId],
  );
  return rows[0]?.number ?? null;
}

/** Gives the work on some defects to somebody, or to nobody again; how many of them there are. */
export async function assignDefects(
  db: Queryable,
  defectIds: readonly string[],
  personId: string | null,
  by: string,
  at: string,
): Promise<number> {
  const { rowCount } = await db.query(
    `insert into work_assignment (defect_id, base_id, number, person_id, by_person, at)
     select d.id, d.base_id, 1 + coalesce((select max(number) from work_assignment a where a.defect_id = d.id), 0), $2, $3, $4
     from defect d where d.id = any($1)`,
    [[...new Set(defectIds)], personId, by, at],
  );
  return rowCount ?? 0;
}

/** Whether a step of the work on a defect is this one, said by this person. */
export async function isWorkStep(
  db: Queryable,
  defectId: string,
  number: number,
  step: WorkStep,
  personId: string,
): Promise<boolean> {
  const { rowCount } = await db.query(
    `select 1 from work_step where defect_id = $1 and number = $2 and by_person = $3 and state = $4 and words = $5
     and parts = $6 and minutes is not distinct from $7 and reading = $8`,
    [defectId, number, personId, step.state, step.words, step.parts ?? "", step.minutes ?? null, step.reading ?? ""],
  );
  return rowCount === 1;
}

/** Adds a step to the work on a defect. Returns false when another step came in between; nothing is written then. */
export async function addWorkStep(
  db: Queryable,
  defectId: string,
  number: number,
  step: WorkStep,
  personId: string,
  at: string,
): Promise<boolean> {
  const { rowCount } = await db.query(
    "insert into work_step (defect_id, base_id, number, state, words, parts, minutes, reading, photos, by_person, at) values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10) on conflict do nothing",
    [
      defectId,
      number,
      step.state,
      step.words,
      step.parts ?? "",
      step.minutes ?? null,
      step.reading ?? "",
      JSON.stringify(step.photos ?? []),
      personId,
      at,
    ],
  );
  return rowCount === 1;
}
