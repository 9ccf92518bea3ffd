import { callOffFault } from "../charters/call-off";
import { daysIn } from "../charters/days";
import type { CharterColumn } from "./columns";
import type { CharterToBe, KnownBase, KnownCharter, RowChange } from "./known";
import type { RowFault } from "./row";

/** Field by field what a row changes in a charter. */
export function changesOf(known: KnownCharter, becomes: CharterToBe, base: KnownBase): RowChange[] {
  const [was, is] = [known, becomes].map((each) => daysIn(each.startsAt, each.endsAt, base.timeZone));
  const person = (who: "charterer" | "skipper"): RowChange[] => {
    const [stands, meant] = [known[who], becomes[who]];
    if (meant.id === null || meant.id !== stands.id) return [{ column: who, was: stands.name, becomes: meant.name }];
    return (["email", "phone"] as const).flatMap((contact) => {
      const next = meant.contacts?.[contact] ?? stands[contact];
      return next === stands[contact]
        ? []
        : [{ column: contactColumn(who, contact), was: stands[contact], becomes: next }];
    });
  };
  const isOne = becomes.skipper === becomes.charterer && known.skipper.id === known.charterer.id;
  const fields: RowChange[] = [
    { column: "state", was: known.calledOff ?? "on", becomes: becomes.calledOff ?? "on" },
    { column: "yacht", was: known.yacht, becomes: becomes.yacht },
    ...(["fromDay", "outAt", "toDay", "backAt"] as const).map((column) => ({
      column,
      was: was?.[column] ?? "",
      becomes: is?.[column] ?? "",
    })),
    { column: "aboard", was: String(known.aboard), becomes: String(becomes.aboard) },
    { column: "language", was: known.language, becomes: becomes.language },
  ];
  return [
    ...fields.filter((field) => field.was !== field.becomes),
    ...person("charterer"),
    ...(isOne ? [] : person("skipper")),
  ];
}

const contactColumn = (who: "charterer" | "skipper", contact: "email" | "phone"): CharterColumn =>
  contact === "email" ? `${who}Email` : `${who}Phone`;

/** What of a charter stands and may not be changed by a row. */
export function standing(
  known: KnownCharter,
  becomes: CharterToBe,
  changes: readonly RowChange[],
  { now }: KnownBase,
): RowFault[] {
  const does = (...columns: CharterColumn[]) => changes.find(({ column }) => columns.includes(column))?.column;
  const fault = (column: CharterColumn | undefined, what: RowFault["what"]): RowFault[] =>
    column ? [{ column, what }] : [];
  const off = does("state") ? callOffFault(known, becomes.calledOff, now) : null;
  if (off === "handed-over") return [{ column: "state", what: "handed-over" }];
  // what does not take place is let stand, or is taken up again, before anything else of it is changed
  if (known.calledOff !== null && becomes.calledOff !== null && changes.length > 0)
    return [{ column: changes[0]?.column ?? "state", what: "called-off" }];
  return [
    ...(known.isBegun ? fault(does("yacht", "fromDay", "outAt"), "begun") : []),
    ...(known.isEnding ? fault(does("toDay", "backAt"), "begun") : []),
    ...(known.hasPeopleAboard ? fault(does("charterer", "skipper"), "begun") : []),
  ];
}
