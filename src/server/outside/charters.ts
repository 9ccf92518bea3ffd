import "server-only";
import type { ProgramSession } from "@/api/callers";
import { AppError } from "@/api/app-error";
import { mostCharters } from "@/api/outside";
import type { Static } from "@sinclair/typebox";
import type { OutsideCharter, OutsideYacht } from "@/api/schemas/outside";
import { addDays, dayIn, instantIn } from "@/core/basics/instant";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { findStay } from "../db/charters";
import { outsideCharterOf, outsideCharters, type FoundCharter } from "../db/outside";
import type { Queryable } from "../db/pool";
import { yachtsToChoose } from "../db/yachts";

/** Days that the list looks back where nobody says how far. */
const daysBack = 30;

/** A page of charters as a program may read them. */
export async function chartersFor(
  db: Queryable,
  program: ProgramSession,
  { from, to, after }: { from?: string; to?: string; after?: string },
): Promise<{ charters: OutsideCharter[]; next: string | null }> {
  const { timeZone } = await currentBase(db);
  const start = (day: string) => instantIn(day, "00:00", timeZone);
  const rows = await outsideCharters(db, {
    from: start(from ?? addDays(dayIn(now(), timeZone), -daysBack)),
    to: to === undefined ? null : start(to),
    after: after ?? null,
    limit: mostCharters + 1,
  });
  const page = rows.slice(0, mostCharters);
  return {
    charters: page.map((row) => shownTo(program, row)),
    next: rows.length > mostCharters ? (page.at(-1)?.id ?? null) : null,
  };
}

/** One charter as a program may read it. */
export async function charterFor(db: Queryable, program: ProgramSession, reference: string): Promise<OutsideCharter> {
  const stay = await findStay(db, { reference });
  const row = stay && (await outsideCharterOf(db, stay.stayId));
  if (!row) throw new AppError("no-such-charter");
  return shownTo(program, row);
}

function shownTo(
  { scopes }: ProgramSession,
  { id: _id, charterer, skipper, ...charter }: FoundCharter,
): OutsideCharter {
  return scopes.includes("read-people") ? { ...charter, charterer, skipper } : charter;
}

/** The yachts of the base that have a file. */
export async function yachtsFor(db: Queryable): Promise<{ yachts: Static<typeof OutsideYacht>[] }> {
  const yachts = await yachtsToChoose(db);
  return {
    yachts: yachts.map(({ slug, name, berth, maximumAboard }) => ({ yacht: slug, name, berth, maximumAboard })),
  };
}
