/** Parts in their own order; of equals the one whose id comes first. */
export function byOrder<T extends { id: string; order: number }>(parts: readonly T[]): T[] {
  return [...parts].sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
}

/** Parts of a collection in their own order: a stored document does not keep the order of its keys. */
export const entriesByOrder = <T extends { order: number }>(parts: Readonly<Record<string, T>>): [string, T][] =>
  Object.entries(parts).sort(([a, one], [b, other]) => one.order - other.order || (a < b ? -1 : 1));
