import type { Control, Value } from "./control";

/** Instants are sums of steps: what is nearer than this is the same instant. */
export const hair = 1e-9;

/** The panel of a device: what stands where, what is held, and since when. */
export class Panel {
  /** seconds since the drill began */
  at = 0;
  private readonly held = new Map<string, number>();
  private readonly stands = new Map<string, Value>();

  /** @param first what stands otherwise at the start than usual: by a fault, or by the setup */
  constructor(controls: readonly Control[], first: Readonly<Partial<Record<string, Value>>> = {}) {
    for (const control of controls) {
      if (control.kind === "choice") this.stands.set(control.name, control.values[0] ?? "");
      if (control.kind === "number") this.stands.set(control.name, control.first);
    }
    for (const [name, value] of Object.entries(first)) if (value !== undefined) this.stands.set(name, value);
  }

  is(name: string, value: Value): boolean {
    return this.stands.get(name) === value;
  }
  number(name: string): number {
    return Number(this.stands.get(name));
  }
  word(name: string): string {
    return String(this.stands.get(name));
  }
  isHeld(name: string): boolean {
    return this.held.has(name);
  }
  /** how long it has been held in this press, s; 0 where it is not held */
  heldS(name: string): number {
    const since = this.held.get(name);
    return since === undefined ? 0 : this.at - since;
  }
  /** whether it has been held for longer than that in this press */
  isHeldOver(name: string, seconds: number): boolean {
    return this.isHeld(name) && this.heldS(name) > seconds + hair;
  }

  /** @returns whether that changed anything: what is held already is not pressed again */
  press(name: string): boolean {
    if (this.held.has(name)) return false;
    this.held.set(name, this.at);
    return true;
  }
  /** @returns how long it was held, s; null where it was not */
  release(name: string): number | null {
    if (!this.held.has(name)) return null;
    const seconds = this.heldS(name);
    this.held.delete(name);
    return seconds;
  }
  /** Puts a control where it is to stand, by hand or by itself: a breaker that trips. */
  put(name: string, value: Value): void {
    this.stands.set(name, value);
  }
  /** everything that stands somewhere, and everything that is held */
  snapshot(): Record<string, Value | boolean> {
    return {
      ...Object.fromEntries(this.stands),
      ...Object.fromEntries([...this.held.keys()].map((name) => [name, true])),
    };
  }
}
