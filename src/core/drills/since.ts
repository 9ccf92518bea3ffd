import { hair } from "./panel";

/** How long something has been so without a break. */
export class Lasting {
  private s = 0;

  /** @returns how long it has been so, s; 0 once it is not */
  step(isSo: boolean, dtS: number): number {
    this.s = isSo ? this.s + dtS : 0;
    return this.s;
  }
  get seconds(): number {
    return this.s;
  }
  /** whether it has been so for that long */
  isFor(seconds: number): boolean {
    return this.s > 0 && this.s >= seconds - hair;
  }
}

/** A moment that may not have been. */
export class Moment {
  private moment: number | null = null;
  mark(at: number): void {
    this.moment = at;
  }
  /** seconds since then; endless where it never was */
  ago(at: number): number {
    return this.moment === null ? Number.POSITIVE_INFINITY : at - this.moment;
  }
  get was(): boolean {
    return this.moment !== null;
  }
}
