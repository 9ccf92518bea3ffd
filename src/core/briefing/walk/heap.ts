/** A queue that gives the item with the least key first; of equal keys the one put in last. */
export class Heap<T> {
  private readonly items: { key: number; number: number; value: T }[] = [];
  private count = 0;

  get size(): number {
    return this.items.length;
  }

  /** The least key in the queue; Infinity when it is empty. */
  get least(): number {
    return this.items[0]?.key ?? Infinity;
  }

  push(key: number, value: T): void {
    const { items } = this;
    items.push({ key, number: this.count++, value });
    for (let at = items.length - 1; at > 0;) {
      const up = (at - 1) >> 1;
      if (!this.before(at, up)) return;
      this.swap(at, up);
      at = up;
    }
  }

  pop(): T | undefined {
    const { items } = this;
    const [first] = items;
    const last = items.pop();
    if (!first || !last || items.length === 0) return first?.value;
    items[0] = last;
    for (let at = 0; ;) {
      let least = at;
      for (const down of [2 * at + 1, 2 * at + 2]) if (down < items.length && this.before(down, least)) least = down;
      if (least === at) return first.value;
      this.swap(at, least);
      at = least;
    }
  }

  private before(a: number, b: number): boolean {
    const [one, other] = [this.items[a], this.items[b]];
    return !!one && !!other && (one.key < other.key || (one.key === other.key && one.number > other.number));
  }

  private swap(a: number, b: number): void {
    const [one, other] = [this.items[a], this.items[b]];
    if (one && other) [this.items[a], this.items[b]] = [other, one];
  }
}
