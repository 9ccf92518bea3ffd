/** The number at the end of a reference, with what stands before it. */
const numbered = /^(.*?)(\d{1,9})$/;

/**
 * The reference that follows the last ones: the same letters with the next free number, as long as before.
 *
 * @param last references of the base, the newest first
 */
export function nextReference(last: readonly string[]): string {
  const [letters = "C-", digits = "1000"] = last.flatMap((each) => {
    const [, before, number] = numbered.exec(each) ?? [];
    return before === undefined || number === undefined ? [] : [[before, number]];
  })[0] ?? ["C-", "1000"];
  const taken = new Set(last);
  for (let number = Number(digits) + 1; ; number++) {
    const next = `${letters}${String(number).padStart(digits.length, "0")}`;
    if (!taken.has(next)) return next;
  }
}
