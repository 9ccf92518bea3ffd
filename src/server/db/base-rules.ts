import "server-only";
import { rulesFrom, type BaseRules } from "@/core/base/rules";
import type { RulesChange } from "@/api/schemas/desk";
import type { Queryable } from "./pool";

/** The rules of the base as they stand, and the number of the change that made them so; 0 before the first. */
export async function currentRules(db: Queryable): Promise<{ rules: BaseRules; number: number }> {
  const { rows } = await db.query<{ rules: Partial<BaseRules>; number: number }>(
    "select rules, number from base_rules order by number desc limit 1",
  );
  return { rules: rulesFrom(rows[0]?.rules ?? null), number: rows[0]?.number ?? 0 };
}

/** Every change of the rules, newest first. */
export async function rulesHistory(db: Queryable): Promise<RulesChange[]> {
  const { rows } = await db.query<RulesChange>(
    `select r.number, r.rules, r.why, r.settled_at as at, p.name as by from base_rules r join person p on p.id = r.settled_by order by r.number desc`,
  );
  return rows.map((row) => ({ ...row, rules: rulesFrom(row.rules) }));
}

/** Settles rules anew, on top of the change with a number. Returns false when another change came in between; nothing is written then. */
export async function addRules(
  db: Queryable,
  onNumber: number,
  rules: BaseRules,
  why: string,
  personId: string,
  at: string,
): Promise<boolean> {
  const { rowCount } = await db.query(
    `insert into base_rules (base_id, number, rules, why, settled_by, settled_at) values (current_base(), $1, $2, $3, $4, $5) on conflict do nothing`,
    [onNumber + 1, JSON.stringify(rules), why, personId, at],
  );
  return rowCount === 1;
}
