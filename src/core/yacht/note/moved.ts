/** How many handovers running a thing has to be found at one other place before the file is asked. */
export const runningHandovers = 3;

/** Where things were found in one signed handover: by line, the place where it was counted, when it was not where the list says. */
export type FoundPlaces = ReadonlyMap<string, string>;

/**
 * Lines that were counted in one and the same other place at three handovers running, the last three: their place in the
 * file is most likely wrong.
 *
 * @param handovers newest first
 */
export function movedForGood(handovers: readonly FoundPlaces[]): { line: string; place: string }[] {
  const [newest, ...older] = handovers.slice(0, runningHandovers);
  if (!newest || older.length < runningHandovers - 1) return [];
  return [...newest].flatMap(([line, place]) =>
    older.every((each) => each.get(line) === place) ? [{ line, place }] : [],
  );
}
