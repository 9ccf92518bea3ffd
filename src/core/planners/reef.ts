import { Type, type Static } from "@sinclair/typebox";
import { InputError, type Calculation } from "../basics/calculation";
import { oneOf } from "../yacht/parts/basics";
import { amount, fields, forgiven, name, positive, requireOnce } from "./quantity";

/** What makes one reef earlier. */
export const cautions = ["none", "night", "short-handed", "both"] as const;
const cautionKn: Readonly<Record<(typeof cautions)[number], number>> = {
  none: 0,
  night: 2,
  "short-handed": 2,
  both: 4,
};

/** The wind, how she sails in it, and her own table of reefs. */
export const ReefInput = fields({
  trueKn: amount(),
  gustKn: amount(),
  /** off the bow */
  trueAngleDeg: Type.Number({ minimum: 0, maximum: 180 }),
  speedKn: amount(),
  /** by which wind her table is written */
  basis: oneOf(["true", "apparent"] as const),
  caution: oneOf(cautions),
  table: Type.Array(fields({ id: name(), fromKn: positive() }), { minItems: 1, maxItems: 50 }),
});
export type ReefInput = Static<typeof ReefInput>;

/** Which reef is due, and how far the next one is. */
export interface Reef {
  apparentKn: number;
  apparentAngleDeg: number;
  judgedKn: number;
  set: string | null;
  nextAtKn: number | null;
  marginKn: number | null;
}

/** Part of a gust that counts as if it blew all the time. */
const gustShare = 0.8;
/** Less wind than this has no side that it comes from, kn. */
const calmKn = 0.01;

/** The wind that is felt on deck: the true one and that of her own speed. */
export function apparent(trueKn: number, trueAngleDeg: number, speedKn: number): { kn: number; angleDeg: number } {
  const angle = (trueAngleDeg * Math.PI) / 180;
  const [along, across] = [trueKn * Math.cos(angle) + speedKn, trueKn * Math.sin(angle)];
  const kn = Math.hypot(along, across);
  return { kn, angleDeg: kn < calmKn ? 0 : (Math.atan2(across, along) * 180) / Math.PI };
}

/** Which reef is due in this wind by her own table, and when the next one is. */
export function reef({ trueKn, gustKn, trueAngleDeg, speedKn, basis, caution, table }: ReefInput): Reef {
  const felt = apparent(trueKn, trueAngleDeg, speedKn);
  const windKn = Math.max(trueKn, gustShare * gustKn);
  const judgedKn = basis === "true" ? windKn : apparent(windKn, trueAngleDeg, speedKn).kn;
  const rows = table.map(({ id, fromKn }) => ({ id, fromKn: fromKn - cautionKn[caution] }));
  const isDue = ({ fromKn }: { fromKn: number }) => fromKn <= judgedKn + forgiven;
  const nextAtKn = rows.find((row) => !isDue(row))?.fromKn ?? null;
  return {
    apparentKn: felt.kn,
    apparentAngleDeg: felt.angleDeg,
    judgedKn,
    set: rows.findLast(isDue)?.id ?? null,
    nextAtKn,
    marginKn: nextAtKn === null ? null : nextAtKn - judgedKn,
  };
}

function checkReefInput({ trueKn, gustKn, table }: ReefInput): void {
  if (gustKn < trueKn) throw new InputError("/gustKn", `gusts of ${gustKn} kn are less than the wind of ${trueKn} kn`);
  requireOnce(
    table.map(({ id }) => id),
    (at) => `/table/${at}/id`,
  );
  table.forEach(({ fromKn }, at) => {
    if (fromKn <= (table[at - 1]?.fromKn ?? 0))
      throw new InputError(`/table/${at}/fromKn`, "each reef is due in more wind than the one before");
  });
}

/** `./brinecove calc reef` */
export const reefCalculation: Calculation<ReefInput, Reef> = {
  name: "reef",
  about: "which reef is due, and how far the next one is",
  schema: ReefInput,
  run: (input) => {
    checkReefInput(input);
    return reef(input);
  },
};
