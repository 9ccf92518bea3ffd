import "server-only";
import type { Static } from "@sinclair/typebox";
import type { ProgramSession } from "@/api/callers";
import type { sendCharters } from "@/api/outside";
import type { SentRow } from "@/api/schemas/outside";
import type { CharterColumn } from "@/core/imports/columns";
import type { RowFate } from "@/core/imports/known";
import type { GivenRow } from "@/core/imports/row";
import { rowFaultWords } from "@/messages/row-words";
import { stampIn } from "@/messages/stamp";
import { englishTranslator } from "@/messages/translator";
import type { Queryable } from "../db/pool";
import { fatesOfRows } from "../imports/look";
import { takeFates, takeTurnsToTake } from "../imports/take";

/**
 * Takes charters of a program in, each by its reference: what can be taken is, and every one is answered. What is taken
 * stands among the lists at the desk, where each can be undone.
 */
export async function takeSent(
  db: Queryable,
  program: ProgramSession,
  { charters, look = false }: Static<typeof sendCharters.body>,
): Promise<{ rows: SentRow[]; taken: string | null }> {
  await takeTurnsToTake(db);
  const looked = await fatesOfRows(db, charters.map(rowOf), "day-first");
  const rows = looked.fates.map((fate) => sentRow(fate, looked.timeZone, program));
  if (look || !looked.fates.some(({ becomes }) => becomes !== null)) return { rows, taken: null };
  const { id } = await takeFates(db, looked, program.name, program.personId);
  return { rows, taken: id };
}

const isOfPeople = (column: CharterColumn): boolean => /^(charterer|skipper)/.test(column);

const rowOf = ({ aboard, ...cells }: Static<typeof sendCharters.body>["charters"][number], at: number): GivenRow => ({
  line: at + 1,
  cells: { ...cells, ...(aboard === undefined ? {} : { aboard: String(aboard) }) },
});

function sentRow({ reference, fate, changes, faults }: RowFate, timeZone: string, { scopes }: ProgramSession): SentRow {
  const t = englishTranslator();
  const at = (instant: string | undefined) => (instant === undefined ? "" : stampIn(instant, timeZone));
  return {
    reference,
    fate,
    changes:
      fate === "changed"
        ? changes.map(({ column, was, becomes }) => ({
            field: column,
            // whom the base knows, and how they are reached, is told to who may read it
            was: isOfPeople(column) && !scopes.includes("read-people") ? "" : was,
            becomes,
          }))
        : [],
    faults:
      fate === "refused"
        ? faults.map((fault) => ({ field: fault.column, code: fault.what, message: rowFaultWords(t, fault, at) }))
        : [],
  };
}
