/** A set of small whole numbers, 32 to a word. */
export type Bits = Uint32Array;

/** An empty set with room for 0 to size - 1. */
export const bitsFor = (size: number): Bits => new Uint32Array(Math.max(1, Math.ceil(size / 32)));

export const hasBit = (bits: Bits, i: number): boolean => (((bits[i >> 5] as number) >>> (i & 31)) & 1) === 1;

export const addBit = (bits: Bits, i: number): void => {
  bits[i >> 5] = (bits[i >> 5] as number) | (1 << (i & 31));
};

/** Whether every member of the first set is in the second. */
export function isWithin(some: Bits, all: Bits): boolean {
  for (let i = 0; i < some.length; i++) if (((some[i] as number) & ~(all[i] as number)) !== 0) return false;
  return true;
}

/** Adds the members of another set. */
export function addAll(bits: Bits, more: Bits): void {
  for (let i = 0; i < bits.length; i++) bits[i] = (bits[i] as number) | (more[i] as number);
}
