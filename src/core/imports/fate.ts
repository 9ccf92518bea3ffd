import { partOf } from "../charters/reference";
import { changesOf, standing } from "./changes";
import { refuseClashes } from "./clashes";
import type { KnownBase, KnownCharter, RowFate } from "./known";
import { MeantPeople } from "./people";
import { readRow, type CharterRow, type GivenRow, type RowFault } from "./row";
import { toBe } from "./to-be";

/**
 * What would become of each row of a list of charters, all of them taken together: rows that exchange their days are no
 * clash, two that want the same days are, and the one that stands first in the file has them.
 */
export function fatesOf(rows: readonly GivenRow[], base: KnownBase): RowFate[] {
  const people = new MeantPeople(base.guests);
  const known = new Map(base.charters.map((charter) => [charter.reference.toLowerCase(), charter]));
  const seen = new Set<string>();
  const fates = rows.map((given) => {
    const { row, faults } = readRow(given, base);
    const name = row.reference.toLowerCase();
    if (name !== "" && seen.has(name)) faults.push({ column: "reference", what: "twice" });
    seen.add(name);
    return fateOfRow(row, faults, known.get(name) ?? null, people, base);
  });
  return refuseClashes(fates, base);
}

function fateOfRow(
  row: CharterRow,
  faults: RowFault[],
  known: KnownCharter | null,
  people: MeantPeople,
  base: KnownBase,
): RowFate {
  const fate = {
    line: row.line,
    reference: known?.reference ?? row.reference,
    isKnown: known !== null,
    changes: [],
    faults,
    becomes: null,
  };
  const refused = (): RowFate => ({ ...fate, fate: "refused" });
  // what never came here and does not take place is nothing to enter
  if (known === null && row.state === "cancelled" && faults.length === 0) return { ...fate, fate: "same" };
  // a second yacht is given under way, on the page of the first
  if (known === null && partOf(row.reference).part > 1) faults.push({ column: "reference", what: "reference-form" });
  if (known === null)
    for (const column of ["yacht", "fromDay", "toDay", "charterer"] as const)
      if (row[column] === null && !faults.some((each) => each.column === column))
        faults.push({ column, what: "missing" });
  const becomes = faults.length === 0 ? toBe(row, known, people, base, faults) : null;
  if (becomes === null) return refused();
  const changes = known === null ? [] : changesOf(known, becomes, base);
  if (known !== null) faults.push(...standing(known, becomes, changes, base));
  if (faults.length > 0) return refused();
  if (known === null) return { ...fate, fate: "new", becomes };
  return changes.length === 0 ? { ...fate, fate: "same" } : { ...fate, fate: "changed", changes, becomes };
}
