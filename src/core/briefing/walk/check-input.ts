import { InputError } from "../../basics/calculation";
import type { WalkInput } from "./schema";

const mostSeconds = 1e6;
const mostMinutes = 1e6;

/**
 * Refuses a walk from outside that its form lets pass and that means nothing: a way to where it begins, a way or a
 * stop named twice, times longer than anyone walks.
 *
 * @throws InputError with the place in the input
 */
export function checkInput({ ways, stops }: WalkInput): void {
  const given = new Set<string>();
  ways.forEach(({ from, to, seconds, oneWay }, index) => {
    const where = `/ways/${index}`;
    if (from === to) throw new InputError(where, `a way leads from "${from}" to "${to}" itself`);
    if (seconds > mostSeconds) throw new InputError(`${where}/seconds`, `a way takes ${mostSeconds} seconds at most`);
    for (const [here, there] of oneWay
      ? [[from, to]]
      : [
          [from, to],
          [to, from],
        ]) {
      const way = JSON.stringify([here, there]);
      if (given.has(way)) throw new InputError(where, `the way from "${here}" to "${there}" is given twice`);
      given.add(way);
    }
  });
  stops.forEach(({ id, minutes, after = [] }, index) => {
    const where = `/stops/${index}`;
    if (minutes > mostMinutes) throw new InputError(`${where}/minutes`, `a stop takes ${mostMinutes} minutes at most`);
    const twice = after.find((other, i) => after.indexOf(other) !== i);
    if (twice !== undefined) throw new InputError(`${where}/after`, `stop "${id}" names the stop "${twice}" twice`);
  });
}
