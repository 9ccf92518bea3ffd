/** A figure, or the range in which it may lie where it is no single one: "1,500 to 1,800 revs". */
export type Span = number | { from: number; to: number };

export const lowest = (span: Span): number => (typeof span === "number" ? span : span.from);
export const highest = (span: Span): number => (typeof span === "number" ? span : span.to);

/** Whether a value that is not a number can only be a range: both ends, and nothing else. */
export const isRange = (value: unknown): value is { from: number; to: number } =>
  typeof value === "object" &&
  value !== null &&
  Object.keys(value).length === 2 &&
  typeof (value as { from?: unknown }).from === "number" &&
  typeof (value as { to?: unknown }).to === "number";

/** A figure or a range as it is typed: 1500, 1500–1800. */
export const writtenSpan = (span: Span): string =>
  typeof span === "number" ? String(span) : `${span.from}–${span.to}`;

/**
 * What a person types for a figure or a range: "1500", "1500-1800", "1500 to 1800"; null where it is neither, or a range
 * that ends below its beginning.
 */
export function readSpan(text: string): Span | null {
  const [, from = "", to] = /^\s*(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?))?\s*$/.exec(text) ?? [];
  const number = (part: string) => Number(part.replace(",", "."));
  if (from === "") return null;
  if (to === undefined || number(to) === number(from)) return number(from);
  return number(to) > number(from) ? { from: number(from), to: number(to) } : null;
}
