/** How deep anything that Brinecove takes may be nested; a yacht's file has under twenty levels. */
export const mostLevels = 100;

/** Whether JSON text is nested deeper than allowed. Looks at the text alone, so that nothing deep is ever built. */
export function isTooDeep(text: string, most = mostLevels): boolean {
  let depth = 0;
  for (let i = 0; i < text.length; i++) {
    const letter = text[i];
    if (letter === '"') i = endOfString(text, i);
    else if (letter === "[" || letter === "{") {
      depth += 1;
      if (depth > most) return true;
    } else if (letter === "]" || letter === "}") depth -= 1;
  }
  return false;
}

function endOfString(text: string, from: number): number {
  for (let i = from + 1; i < text.length; i++) {
    if (text[i] === "\\") i += 1;
    else if (text[i] === '"') return i;
  }
  return text.length;
}

/** Turns the letters that follow around, so that what is signed reads otherwise than it is kept. */
const turnsAround = /[\u202D\u202E]/;

/**
 * Whether text can be kept and shown as it is: no NUL, which PostgreSQL refuses, no half of a surrogate pair, which is no
 * letter, and nothing that turns letters around.
 */
export const isSoundText = (text: string): boolean =>
  !text.includes("\u0000") && text.isWellFormed() && !turnsAround.test(text);

/**
 * Where in a value text stands that cannot be kept, as a JSON pointer; null where there is none. Keys are looked at too.
 *
 * @param value JSON of at most `mostLevels` levels
 */
export function badText(value: unknown, at = ""): string | null {
  if (typeof value === "string") return isSoundText(value) ? null : at || "/";
  if (typeof value !== "object" || value === null) return null;
  for (const [key, part] of Object.entries(value)) {
    if (!isSoundText(key)) return at || "/";
    const bad = badText(part, `${at}/${key.replaceAll("~", "~0").replaceAll("/", "~1")}`);
    if (bad !== null) return bad;
  }
  return null;
}
