/** Parts in their own order; of equals the one whose id comes first. */
export function byOrder<T extends { id: string; order: number }>(parts: readonly T[]): T[] {
  return [...parts].sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
}
