import { Type, type Static } from "@sinclair/typebox";
import { InputError, type Calculation } from "../basics/calculation";
import { isInstant } from "../basics/instant";
import { figure, fields } from "./quantity";

const When = Type.String({ maxLength: 40 });

/** The turns of a tide, high and low in turn, and the time that one lies in it. */
export const TideInput = fields({
  turns: Type.Array(fields({ at: When, heightM: figure() }), { minItems: 2, maxItems: 1000 }),
  from: When,
  to: When,
});
export type TideInput = Static<typeof TideInput>;

/** How high the water is, and how far it still rises and falls. */
export interface Tide {
  nowM: number;
  riseM: number;
  fallM: number;
  maxAt: string;
  minAt: string;
}

interface Turn {
  atMs: number;
  heightM: number;
}

/** Heights nearer than this are told as equal, m. */
const equalM = 0.001;

/** Height of the tide at an instant between its turns: half a cosine from turn to turn. */
export function tideHeightM(turns: readonly Turn[], atMs: number): number {
  const after = Math.max(
    turns.findIndex((turn) => turn.atMs >= atMs),
    1,
  );
  const [first, second] = [turns[after - 1], turns[after]];
  if (!first || !second) throw new RangeError("an instant outside the turns of the tide");
  const share = (atMs - first.atMs) / (second.atMs - first.atMs);
  return (first.heightM + second.heightM) / 2 + ((first.heightM - second.heightM) / 2) * Math.cos(Math.PI * share);
}

/** How the tide runs while one lies in it. */
export function tide({ turns: given, from, to }: TideInput): Tide {
  const turns = given.map(({ at, heightM }) => ({ atMs: Date.parse(at), heightM }));
  const [fromMs, toMs] = [Date.parse(from), Date.parse(to)];
  const height = (atMs: number) => ({ atMs, heightM: tideHeightM(turns, atMs) });
  // between its ends it is highest and lowest where it turns
  const told = [height(fromMs), ...turns.filter(({ atMs }) => atMs > fromMs && atMs < toMs), height(toMs)];
  const heights = told.map(({ heightM }) => heightM);
  const [highest, lowest] = [Math.max(...heights), Math.min(...heights)];
  const nowM = heights[0] ?? 0;
  const firstAt = (isIt: (heightM: number) => boolean) =>
    new Date(told.find(({ heightM }) => isIt(heightM))?.atMs ?? fromMs).toISOString();
  return {
    nowM,
    riseM: highest - nowM,
    fallM: nowM - lowest,
    maxAt: firstAt((heightM) => highest - heightM < equalM),
    minAt: firstAt((heightM) => heightM - lowest < equalM),
  };
}

function checkTideInput({ turns, from, to }: TideInput): void {
  const at = (text: string, where: string): number => {
    if (!isInstant(text))
      throw new InputError(where, `"${text}" is no instant: write 2027-06-12T10:00Z, or with an offset such as +02:00`);
    return Date.parse(text);
  };
  const times = turns.map((turn, index) => at(turn.at, `/turns/${index}/at`));
  turns.forEach(({ heightM }, index) => {
    const [before, beforeThat] = [turns[index - 1], turns[index - 2]];
    if (!before) return;
    if ((times[index] ?? 0) <= (times[index - 1] ?? 0))
      throw new InputError(`/turns/${index}/at`, "turns come one after another in time");
    const rises = heightM - before.heightM;
    if (rises === 0 || (beforeThat && rises > 0 === before.heightM - beforeThat.heightM > 0))
      throw new InputError(`/turns/${index}/heightM`, "high and low water alternate");
  });
  const [fromMs, toMs] = [at(from, "/from"), at(to, "/to")];
  if (fromMs > toMs) throw new InputError("/to", "the time ends before it begins");
  if (fromMs < (times[0] ?? 0)) throw new InputError("/from", "this is before the first turn");
  if (toMs > (times.at(-1) ?? 0)) throw new InputError("/to", "this is after the last turn");
}

/** `./brinecove calc tide` */
export const tideCalculation: Calculation<TideInput, Tide> = {
  name: "tide",
  about: "how far the water still rises and falls",
  schema: TideInput,
  run: (input) => {
    checkTideInput(input);
    return tide(input);
  },
};
