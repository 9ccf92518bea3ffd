import { addHours, type Instant } from "../basics/instant";
import type { Words } from "../basics/words";
import type { YachtFile } from "../yacht/schema";
import type { AboardReading } from "./readings";
import { tanksRead } from "./tanks";

/** What a person puts into a holding tank in a day with rinsing, litres: little by hand, more with electric heads. Our own rule. */
const litresPerPersonDay = { low: 4, high: 9 };
/** Fuller than this nothing more is pumped: a hose or the tank bursts. As the rule of readings has it. */
const fullShare = 0.9;

/** A holding tank, and until when it takes what comes. */
export interface HoldingTill {
  tank: string;
  name: Words;
  capacityL: number;
  /** as it was last read */
  read: { litres: number; at: Instant; told: AboardReading["told"] } | null;
  /** with most use and with least, from when it was read; null where nobody read it */
  till: { early: Instant; late: Instant } | null;
}

/** Until when her holding tanks take what comes, where everybody uses each head alike. */
export function holdingTill(file: YachtFile, readings: readonly AboardReading[], persons: number): HoldingTill[] {
  const tanks = tanksRead(file, "waste", readings);
  const share = tanks.length === 0 ? 0 : persons / tanks.length;
  return tanks.map(({ tanks: [tank = ""], name, capacityL, read }) => {
    const last = read.at(-1);
    const roomL = Math.max(0, capacityL * fullShare - (last?.value ?? 0));
    const after = (lpd: number) => addHours(last?.at ?? "", (24 * roomL) / (share * lpd));
    return {
      ...{ tank, name, capacityL },
      read: last ? { litres: last.value, at: last.at, told: last.told } : null,
      till: last && share > 0 ? { early: after(litresPerPersonDay.high), late: after(litresPerPersonDay.low) } : null,
    };
  });
}
