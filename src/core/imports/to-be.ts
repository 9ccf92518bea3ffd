import { sameInstant } from "../basics/instant";
import { daysFault, daysIn, freeFrom, stayOf, type AgreedDays } from "../charters/days";
import type { CharterToBe, KnownBase, KnownCharter } from "./known";
import type { KnownGuest, MeantPeople, MeantPerson } from "./people";
import type { CharterRow, RowFault } from "./row";

/** The charter that a row comes to, or null with what keeps it from being one. */
export function toBe(
  row: CharterRow,
  known: KnownCharter | null,
  people: MeantPeople,
  base: KnownBase,
  faults: RowFault[],
): CharterToBe | null {
  const yacht = yachtOf(row.yacht ?? known?.yacht ?? "", base);
  if (!yacht) faults.push({ column: "yacht", what: "no-such-yacht", values: { text: row.yacht ?? "" } });
  const aboard = row.aboard ?? known?.aboard ?? 2;
  if (aboard < 1) faults.push({ column: "aboard", what: "no-count", values: { text: String(aboard) } });
  if (yacht && aboard > yacht.maximumAboard)
    faults.push({ column: "aboard", what: "too-many", values: { most: yacht.maximumAboard } });
  const days = daysOf(row, known, base);
  const wrong = daysFault(days, base.timeZone);
  if (wrong) faults.push({ column: wrong.field, what: wrong.what });
  const terms = known ? "" : termsOf(row.terms, base);
  if (terms === null) faults.push({ column: "terms", what: "no-such-terms", values: { text: row.terms ?? "" } });
  const [charterer, skipper] = peopleOf(row, known, people);
  if (charterer === null) faults.push({ column: "charterer", what: "two-of-name" });
  if (skipper === null && charterer !== null) faults.push({ column: "skipper", what: "two-of-name" });
  if (!yacht || terms === null || charterer === null || skipper === null || faults.length > 0) return null;
  // an hour that is not told stays as it stands to the second
  const { startsAt, endsAt } = stayOf(days, base.timeZone);
  const isEnd = known !== null && sameInstant(known.endsAt, endsAt);
  return {
    known,
    charterId: known?.id ?? `line ${row.line}`,
    reference: known?.reference ?? row.reference,
    yacht: yacht.slug,
    startsAt: known !== null && sameInstant(known.startsAt, startsAt) ? known.startsAt : startsAt,
    endsAt: isEnd ? known.endsAt : endsAt,
    // what stands keeps its turn-round
    freeFrom: isEnd && known.yacht === yacht.slug ? known.freeFrom : freeFrom(endsAt, base.usual.turnRoundHours),
    aboard,
    language: row.language ?? known?.language ?? base.usualLanguage,
    terms,
    charterer,
    skipper,
    calledOff:
      row.state === null ? (known?.calledOff ?? null) : row.state === "on" ? null : (known?.calledOff ?? "cancelled"),
  };
}

function yachtOf(text: string, { yachts }: KnownBase) {
  const name = text.toLowerCase();
  return yachts.find((yacht) => yacht.slug === name || yacht.name.toLowerCase() === name);
}

function daysOf(row: CharterRow, known: KnownCharter | null, { timeZone, usual }: KnownBase): AgreedDays {
  const stands = known === null ? null : daysIn(known.startsAt, known.endsAt, timeZone);
  return {
    fromDay: row.fromDay ?? stands?.fromDay ?? "",
    outAt: row.outAt ?? stands?.outAt ?? usual.outAt,
    toDay: row.toDay ?? stands?.toDay ?? "",
    backAt: row.backAt ?? stands?.backAt ?? usual.backAt,
  };
}

/** Key of the terms that a row names; the first of the base where it names none, null where there are none of that name. */
function termsOf(text: string | null, { usual }: KnownBase): string | null {
  const templates = Object.entries(usual.templates);
  if (text === null) return templates[0]?.[0] ?? null;
  const name = text.toLowerCase();
  return templates.find(([key, each]) => key === name || each.name.toLowerCase() === name)?.[0] ?? null;
}

function peopleOf(
  row: CharterRow,
  known: KnownCharter | null,
  people: MeantPeople,
): [charterer: MeantPerson | null, skipper: MeantPerson | null] {
  const stays = (guest: KnownGuest): MeantPerson => ({ id: guest.id, name: guest.name, contacts: null });
  const charterer =
    row.charterer === null ? known && stays(known.charterer) : people.find(row.charterer, known?.charterer ?? null);
  const commands = known === null || known.skipper.id === known.charterer.id;
  if (row.skipper === null) return [charterer, commands || known === null ? charterer : stays(known.skipper)];
  // the same name once more is the same person, unless another address says otherwise
  const isOne =
    row.charterer !== null &&
    row.skipper.name.toLowerCase() === row.charterer.name.toLowerCase() &&
    [row.charterer.email.toLowerCase(), ""].includes(row.skipper.email.toLowerCase());
  return [charterer, isOne ? charterer : people.find(row.skipper, commands ? null : (known?.skipper ?? null))];
}
