/** A part that has an order of its own among its like. */
export interface Ordered {
  key: string;
  order: number;
}

/** The room that is left between two parts, so that a later one can go between. */
const gap = 10;

/**
 * What has to be changed so that a part stands elsewhere among its like: its own order alone where there is room between
 * its new neighbours, else everybody's.
 *
 * @param parts in their order
 * @param from which one is moved, from 0
 * @param to where it stands then, from 0
 * @returns the new orders, of those alone that change
 */
export function reorder(parts: readonly Ordered[], from: number, to: number): Ordered[] {
  const moved = parts[from];
  if (!moved || from === to || !parts[to]) return [];
  const next = parts.filter((_, index) => index !== from);
  next.splice(to, 0, moved);
  const [before, after] = [next[to - 1]?.order, next[to + 1]?.order];
  const between =
    before === undefined
      ? Math.floor((after ?? 0) / 2)
      : after === undefined
        ? before + gap
        : Math.floor((before + after) / 2);
  if (between > (before ?? -1) && (after === undefined || between < after)) return [{ key: moved.key, order: between }];
  return next
    .map(({ key }, index) => ({ key, order: (index + 1) * gap }))
    .filter(({ key, order }) => parts.find((part) => part.key === key)?.order !== order);
}
