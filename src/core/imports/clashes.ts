import { sameInstant } from "../basics/instant";
import { HeldDays } from "./held";
import type { CharterToBe, KnownBase, RowFate } from "./known";
import type { RowFault } from "./row";

/** Refuses the rows whose days are somebody else's, until what is left can stand together. */
export function refuseClashes(fates: RowFate[], base: KnownBase): RowFate[] {
  let settled = fates.map((fate) => (fate.becomes ? refuseClosed(fate, fate.becomes, base) : fate));
  for (;;) {
    const moving = new Set(
      settled.flatMap(({ becomes }) => (becomes?.known && moves(becomes) ? [becomes.known.id] : [])),
    );
    const days = new HeldDays(base.held.filter(({ charterId }) => !moving.has(charterId)));
    let isRefusing = false;
    settled = settled.map((fate) => {
      const { becomes } = fate;
      if (!becomes || becomes.calledOff !== null || !moves(becomes)) return fate;
      const other = days.inTheWayOf(becomes);
      if (!other) {
        days.add(becomes);
        return fate;
      }
      isRefusing = true;
      const { reference, startsAt, freeFrom: endsAt } = other;
      return refusedFor(fate, { column: "fromDay", what: "promised", values: { reference, startsAt, endsAt } });
    });
    // what a refused row would have left to others it keeps
    if (!isRefusing) return settled;
  }
}

/** Whether a row takes days that its charter has not. */
const moves = ({ known, yacht, startsAt, freeFrom: until, calledOff }: CharterToBe): boolean =>
  known === null ||
  known.yacht !== yacht ||
  known.calledOff !== calledOff ||
  !sameInstant(known.startsAt, startsAt) ||
  !sameInstant(known.freeFrom, until);

const refusedFor = (fate: RowFate, fault: RowFault): RowFate => ({
  ...fate,
  fate: "refused",
  faults: [...fate.faults, fault],
  becomes: null,
});

function refuseClosed(fate: RowFate, becomes: CharterToBe, { closings }: KnownBase): RowFate {
  if (becomes.calledOff !== null) return fate;
  const [from, until] = [Date.parse(becomes.startsAt), Date.parse(becomes.endsAt)];
  const closing = closings.find(
    ({ yacht, startsAt, endsAt }) =>
      yacht === becomes.yacht && Date.parse(startsAt) < until && from < Date.parse(endsAt),
  );
  if (!closing) return fate;
  const { kind, startsAt, endsAt } = closing;
  return refusedFor(fate, { column: "fromDay", what: "closed", values: { kind, startsAt, endsAt } });
}
