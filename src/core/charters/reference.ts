/** Between a charter's number and which of its yachts a stay is on; no number has it in it. */
const partSign = "~";

/** Which charter, and which of its stays, a stay's reference means: `BR-1052`, or `BR-1052~2` for its second yacht. */
export function partOf(stayReference: string): { reference: string; part: number } {
  const [, reference, digit] = new RegExp(`^(.*)${partSign}([2-9])$`).exec(stayReference) ?? [];
  return reference !== undefined && digit !== undefined
    ? { reference, part: Number(digit) }
    : { reference: stayReference, part: 1 };
}

/** What a stay is called, as {@link partOf} reads it. */
export const stayReference = (reference: string, part: number): string =>
  part === 1 ? reference : `${reference}${partSign}${part}`;

/** What lies where a charter's page would: no charter is called so. */
const pages: ReadonlySet<string> = new Set(["new", "calendar", "coming", "import", "feeds", "programs"]);

/** Whether a page of the desk has the name that a charter is to have. */
export const isPageName = (reference: string): boolean => pages.has(reference.toLowerCase());

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
