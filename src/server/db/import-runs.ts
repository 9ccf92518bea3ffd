import "server-only";
import type { ImportRowView, ImportRunView } from "@/api/schemas/imports";
import type { Instant } from "@/core/basics/instant";
import type { CalledOff } from "@/core/charters/call-off";
import type { Queryable } from "./pool";

/** What an import took of one row. */
export interface TakenRow {
  line: number;
  reference: string;
  charterId: string;
  fate: "new" | "changed";
  changeNumber: number | null;
  /** what stood before a change */
  was: Stood | null;
}

/** What stood in a charter before a list changed it; of people their ids alone, as what is theirs can be erased. */
export interface Stood {
  yacht: string;
  startsAt: Instant;
  endsAt: Instant;
  freeFrom: Instant;
  aboard: number;
  language: string;
  chartererId: string;
  skipperId: string;
  calledOff: CalledOff | null;
}

/** Keeps that a list was taken in, and which of its rows. */
export async function addImport(
  db: Queryable,
  run: { id: string; fileName: string; by: string; at: Instant; contacts: number; same: number; leftOut: number },
  rows: readonly TakenRow[],
): Promise<void> {
  await db.query(
    `insert into import_run (id, base_id, kind, file_name, by_person, at, contacts, same, left_out)
     values ($1, current_base(), 'charters', $2, $3, $4, $5, $6, $7)`,
    [run.id, run.fileName, run.by, run.at, run.contacts, run.same, run.leftOut],
  );
  await db.query(
    `insert into import_row (base_id, import_id, line, reference, charter_id, fate, change_number, was)
     select current_base(), $1, g.line, g.reference, g."charterId", g.fate, g."changeNumber", nullif(g.was, 'null')
     from jsonb_to_recordset($2) as g (line int, reference text, "charterId" uuid, fate text, "changeNumber" int, was jsonb)`,
    [run.id, JSON.stringify(rows)],
  );
}

/** The lists that were taken in, newest first. */
export async function importRuns(db: Queryable, limit: number): Promise<ImportRunView[]> {
  const { rows } = await db.query<ImportRunView>(
    `select r.id, r.file_name as "fileName", r.at, p.name as by, r.contacts, r.same, r.left_out as "leftOut",
       (select count(*)::int from import_row w where w.import_id = r.id and w.fate = 'new') as new,
       (select count(*)::int from import_row w where w.import_id = r.id and w.fate = 'changed') as changed,
       (select count(*)::int from import_row w where w.import_id = r.id and w.undone_at is not null) as undone
     from import_run r join person p on p.base_id = r.base_id and p.id = r.by_person order by r.at desc, r.id desc limit $1`,
    [limit],
  );
  return rows;
}

/** Whether a list of this id was taken in. */
export async function isImport(db: Queryable, importId: string): Promise<boolean> {
  return (await db.query("select 1 from import_run where id = $1", [importId])).rowCount === 1;
}

/** The rows that one list brought. */
export async function importRows(db: Queryable, importId: string): Promise<ImportRowView[]> {
  const { rows } = await db.query<ImportRowView>(
    `select line, reference, fate, undone_at as "undoneAt" from import_row where import_id = $1 order by line`,
    [importId],
  );
  return rows;
}

/** One row that a list brought, held until the transaction ends; null where there is none. */
export async function holdImportRow(
  db: Queryable,
  importId: string,
  line: number,
): Promise<(TakenRow & { undoneAt: Instant | null }) | null> {
  const { rows } = await db.query<TakenRow & { undoneAt: Instant | null }>(
    `select line, reference, charter_id as "charterId", fate, change_number as "changeNumber", was, undone_at as "undoneAt"
     from import_row where import_id = $1 and line = $2 for update`,
    [importId, line],
  );
  return rows[0] ?? null;
}

/** Takes a charter off again that nothing was built on. Returns false where something was. */
export async function takeBackCharter(db: Queryable, charterId: string): Promise<boolean> {
  const { rows } = await db.query<{ went: boolean }>("select take_back_charter($1) as went", [charterId]);
  return rows[0]?.went ?? false;
}

/** Keeps that a row was undone. */
export async function setUndone(
  db: Queryable,
  importId: string,
  line: number,
  { at, by }: { at: Instant; by: string },
): Promise<void> {
  await db.query("update import_row set undone_at = $3, undone_by = $4 where import_id = $1 and line = $2", [
    importId,
    line,
    at,
    by,
  ]);
}
