import { button, choice, look, type Value } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, oneWord, setupOf, yesNo } from "../setup";

interface HeadSetup {
  kind: "manual" | "electric";
  leadsTo: "tank" | "sea" | "y";
  strokesFrom: number;
  holdSeconds: number;
  strokeL: number;
  tankL: number;
  tankStartL: number;
  burstStrokes: number;
  inHarbour: boolean;
}

/** So many strokes against something shut, and it is no slip any more. */
const slips = 3;
/** What runs out of the tank by itself, and what the macerator takes, l/s. */
const drainLs = 0.5;
const maceratorLs = 1.5;

class Head {
  private isUsed = false;
  private wasShort = false;
  /** strokes, or seconds of an electric one, on flush since it was used */
  private flushed = 0;
  private tankL: number;
  private pressure = 0;
  private dryIntake = 0;
  private isBurst = false;
  /** part of a second that an electric one has run towards its next stroke */
  private running = 0;

  constructor(private readonly given: Given<HeadSetup>) {
    const { setup, faults } = given;
    this.tankL = faults.has("tank-full") ? setup.tankL : Math.min(setup.tankL, setup.tankStartL);
  }

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get isElectric(): boolean {
    return this.given.setup.kind === "electric";
  }
  private get isToSea(): boolean {
    const { leadsTo } = this.given.setup;
    return leadsTo === "sea" || (leadsTo === "y" && this.is("y-valve", "sea"));
  }
  private get isFull(): boolean {
    return this.tankL >= this.given.setup.tankL - hair;
  }
  private get isAgainstShut(): boolean {
    return this.is("outlet", "shut") && (this.isToSea || this.isFull);
  }
  private get isOnFlush(): boolean {
    return this.isElectric || this.is("side", "flush");
  }
  private get isDryFlush(): boolean {
    return this.isOnFlush && this.is("intake", "shut");
  }
  private get isEnough(): boolean {
    const { strokesFrom, holdSeconds } = this.given.setup;
    return this.flushed >= (this.isElectric ? holdSeconds : strokesFrom) - hair;
  }

  step(dtS: number): void {
    const { panel, setup } = this.given;
    if (this.isElectric && panel.isHeld("flush") && this.isWhole) {
      this.flushed += dtS;
      this.running += dtS;
      while (this.running >= 1 - hair) {
        this.running -= 1;
        this.stroke();
      }
    }
    if (setup.leadsTo !== "sea" && this.is("outlet", "open"))
      this.tankL = Math.max(0, this.tankL - (panel.isHeld("macerator") ? maceratorLs : drainLs) * dtS);
    this.relieve();
  }

  private get isWhole(): boolean {
    return !this.given.faults.has("pump-dead") && !this.isBurst;
  }

  /** What one stroke moves, or presses against. */
  private stroke(): void {
    const { setup, tell } = this.given;
    this.relieve();
    if (this.isDryFlush) this.dryIntake++;
    if (this.dryIntake === slips) tell.mistake("seacock-shut");
    if (this.isAgainstShut) {
      this.pressure++;
      if (this.pressure === slips) tell.mistake("pumped-against-shut");
      if (this.pressure < setup.burstStrokes) return;
      this.isBurst = true;
      tell.event("bursts");
    } else if (!this.isToSea) {
      this.tankL = Math.min(setup.tankL, this.tankL + setup.strokeL);
    }
  }

  private relieve(): void {
    if (!this.isAgainstShut) this.pressure = 0;
    if (!this.isDryFlush) this.dryIntake = 0;
  }

  heard(heard: Heard): void {
    const { tell } = this.given;
    if (heard.do === "press") {
      if (heard.control === "use") {
        this.isUsed = true;
        this.wasShort = false;
        this.flushed = 0;
      }
      if (heard.control === "paper") tell.mistake("paper-in-it");
      if (heard.control === "stroke" && !this.isElectric && this.isWhole) {
        if (this.isOnFlush) this.flushed++;
        this.stroke();
      }
    }
    if (heard.do === "set" && heard.control === "side" && heard.from === "flush" && !this.isElectric)
      if (this.isShort) this.tellShort();
    this.relieve();
  }

  private get isShort(): boolean {
    return this.isUsed && !this.wasShort && !this.isEnough;
  }
  private tellShort(): void {
    this.wasShort = true;
    this.given.tell.mistake("not-enough-strokes");
  }

  works(): Works {
    const { setup, task } = this.given;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [{ code: "valve-open-in-harbour", when: () => setup.inHarbour && this.is("outlet", "open") }],
      leaving: [
        {
          code: "not-enough-strokes",
          when: () => {
            const { isShort } = this;
            this.wasShort ||= isShort;
            return isShort;
          },
        },
        { code: "left-on-flush", when: () => !this.isElectric && this.is("side", "flush") },
      ],
      outputs: () => ({
        ...{ strokes: Math.floor(this.flushed + hair), tankL: this.tankL, pressure: this.pressure },
      }),
      goal: () => task === "flush" && this.isUsed && this.isEnough && (this.isElectric || this.is("side", "locked")),
    };
  }
}

export const head = device<HeadSetup>({
  name: "head",
  setup: setupOf<HeadSetup>({
    ...{ kind: oneWord("manual", "electric"), leadsTo: oneWord("tank", "sea", "y") },
    ...{ strokesFrom: figure(15), holdSeconds: figure(12), strokeL: figure(0.4), tankL: figure(55) },
    ...{ tankStartL: figure(5), burstStrokes: figure(10), inHarbour: yesNo(true) },
  }),
  controls: () => [
    ...["use", "paper", "stroke", "flush", "macerator"].map(button),
    choice("side", "locked", "flush", "dry"),
    choice("intake", "open", "shut"),
    choice("outlet", "shut", "open"),
    choice("y-valve", "tank", "sea"),
    ...[look("bowl"), look("gauge")],
  ],
  first: (_setup, faults): Partial<Record<string, Value>> => (faults.has("intake-shut") ? { intake: "shut" } : {}),
  outputs: () => [
    { name: "strokes", unit: "" },
    { name: "tankL", unit: "l" },
    { name: "pressure", unit: "" },
  ],
  faults: ["tank-full", "intake-shut", "pump-dead"],
  tasks: ["flush"],
  mistakes: [
    ...["not-enough-strokes", "valve-open-in-harbour", "pumped-against-shut", "seacock-shut", "left-on-flush"],
    "paper-in-it",
  ],
  make: (given) => new Head(given).works(),
});
