import { Type } from "@sinclair/typebox";
import { button, choice, look, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, oneWord, setupOf, yesNo } from "../setup";
import { Moment } from "../since";

interface WindlassSetup {
  chainM: number;
  chainKgPerM: number;
  ropeM: number;
  gypsyTakesRope: boolean;
  anchorKg: number;
  depthM: number;
  bowM: number;
  outM: number;
  plannedM: number | null;
  windKn: number;
  dragAreaM2: number;
  speedMs: number;
  workingN: number;
  breakerA: number;
  breakerWaitSeconds: number;
  chargingRpm: number;
  remote: "normal" | "reversed";
}

type Way = "hauling" | "lowering";
const other: Readonly<Record<Way, Way>> = { hauling: "lowering", lowering: "hauling" };

const airKgPerM3 = 1.225;
const msPerKn = 0.514444;
const gMs2 = 9.81;
/** What is left of the weight of steel in water. */
const inWater = 0.87;
/** How hard the boat's own engine takes the load off at full ahead, N. */
const aheadN = 4000;
/** It trips when the square of the load above its own has run for that long (I²t), s. */
const tripsAtS = 20;
const freeFallMs = 2;
const safeToLooseN = 500;
/** A twisted anchor sticks in the roller until it has been let down again by a metre. */
const twistedAtM = 0.4;
const untwistM = 1;

class Windlass {
  private outM: number;
  private heat = 0;
  private readonly tripped = new Moment();
  private readonly rightM = { of: 0 };
  private isTwisted: boolean;
  private twistedFromM = 0;

  constructor(private readonly given: Given<WindlassSetup>) {
    this.outM = Math.min(given.setup.outM, given.setup.chainM + given.setup.ropeM);
    this.isTwisted = given.faults.has("anchor-twisted");
  }

  private get toBowM(): number {
    return this.given.setup.depthM + this.given.setup.bowM;
  }
  private get isOnGround(): boolean {
    return this.outM > this.toBowM + hair;
  }
  private get hasPower(): boolean {
    const { panel, faults } = this.given;
    return panel.is("switch", "on") && panel.is("breaker", "in") && !faults.has("switch-dead");
  }
  /** Which way the motor turns, by the button and how the remote is wired; null where it does not. */
  private get works(): Way | null {
    const { panel, setup } = this.given;
    const [up, down] = [panel.isHeld("up"), panel.isHeld("down")];
    if (up === down || !this.hasPower) return null;
    const asked: Way = up ? "hauling" : "lowering";
    return setup.remote === "reversed" ? other[asked] : asked;
  }
  /** Which way the motor works the chain: not against the pin, nor with the clutch loose. */
  private get moves(): Way | null {
    const { panel } = this.given;
    return panel.is("pin", "in") || panel.is("clutch", "loose") ? null : this.works;
  }
  /** how long the button has been held in this press, s */
  private get heldS(): number {
    const { panel } = this.given;
    return panel.isHeld("up") ? panel.heldS("up") : panel.heldS("down");
  }

  /** What the chain pulls with at the windlass, N: the wind less the engine's help and the chain that hangs; relief takes it. */
  get loadN(): number {
    const { setup, panel } = this.given;
    if (panel.is("relief", "on")) return 0;
    const kgIn = (chainM: number) => chainM * setup.chainKgPerM;
    const ropeOutM = Math.max(0, this.outM - setup.chainM);
    if (!this.isOnGround) return this.outM <= hair ? 0 : inWater * gMs2 * (kgIn(this.outM - ropeOutM) + setup.anchorKg);
    const windN = 0.5 * airKgPerM3 * (setup.windKn * msPerKn) ** 2 * setup.dragAreaM2;
    const hangingM = Math.max(0, this.toBowM - ropeOutM);
    return Math.max(0, windN - panel.number("ahead") * aheadN) + inWater * gMs2 * kgIn(hangingM);
  }
  private get strain(): number {
    return this.loadN / this.given.setup.workingN;
  }
  /** held by the pin, or by the anchor home in the roller */
  private get isBlocked(): boolean {
    const { panel } = this.given;
    if (panel.is("clutch", "loose")) return false;
    if (panel.is("pin", "in")) return true;
    return this.works === "hauling" && (this.outM <= hair || this.isStuck);
  }
  private get isStuck(): boolean {
    return this.isTwisted && this.outM <= twistedAtM + hair;
  }
  private get amps(): number {
    const { setup, panel } = this.given;
    if (this.works === null) return 0;
    // with the clutch loose the motor turns by itself
    const strain = panel.is("clutch", "loose") ? 0 : this.strain;
    return setup.breakerA * (0.4 + 0.6 * strain) * (this.isBlocked ? 3 : 1);
  }

  step(dtS: number): void {
    const { setup, panel, tell } = this.given;
    const share = setup.breakerA === 0 ? 0 : this.amps / setup.breakerA;
    this.heat = Math.max(0, this.heat + (share ** 2 - 1) * dtS);
    if (panel.is("breaker", "in") && this.heat >= tripsAtS - hair && this.works !== null) {
      panel.put("breaker", "out");
      this.tripped.mark(panel.at);
      tell.event("trips");
    }
    const before = this.outM;
    const way = this.moves;
    if (way === "hauling" && !this.isStuck) this.outM -= setup.speedMs * Math.max(0, 1 - this.strain / 2) * dtS;
    if (way === "lowering") this.outM += setup.speedMs * dtS;
    const isFree = panel.is("clutch", "loose") && panel.is("pin", "out") && panel.is("relief", "off");
    if (isFree) this.outM += freeFallMs * dtS;
    this.outM = Math.min(setup.chainM + setup.ropeM, Math.max(0, this.outM));
    this.untwist(before);
    if (way === null) return;
    this.rightM.of += Math.max(0, this.rightWay === "lowering" ? this.outM - before : before - this.outM);
    if (setup.ropeM > 0 && !setup.gypsyTakesRope && before > setup.chainM !== this.outM > setup.chainM)
      tell.mistake("splice-in-gypsy");
  }

  private untwist(beforeM: number): void {
    if (this.isStuck) this.twistedFromM = Math.max(this.twistedFromM, untwistM);
    if (this.twistedFromM > 0) this.twistedFromM -= Math.max(0, this.outM - beforeM);
    if (this.twistedFromM < 0) this.isTwisted = false;
  }

  private get rightWay(): Way {
    return this.given.task === "raise" ? "hauling" : "lowering";
  }

  heard(heard: Heard): void {
    const { setup, panel, tell } = this.given;
    if (heard.do !== "set") return;
    const { control, to } = heard;
    if (control === "breaker" && to === "in" && this.tripped.ago(panel.at) < setup.breakerWaitSeconds - hair)
      tell.mistake("breaker-pushed-back-hot");
    if (control === "clutch" && to === "loose") {
      if (this.loadN > safeToLooseN) tell.mistake("clutch-under-load");
      if (panel.is("hands", "near")) tell.mistake("hands-near");
    }
  }

  private isHeldOver(seconds: number): boolean {
    return this.heldS > seconds + hair;
  }
  private isHeldFor(seconds: number): boolean {
    return this.heldS >= seconds - hair;
  }

  all(): Works {
    const { setup, panel, task } = this.given;
    const pressedWith = (control: string, value: string) => () => this.works !== null && panel.is(control, value);
    const conditions: Record<string, () => boolean> = {
      "started-without-engine": pressedWith("engine", "off"),
      "pin-in": pressedWith("pin", "in"),
      "hatch-loose": pressedWith("hatch", "loose"),
      "hands-near": pressedWith("hands", "near"),
      "without-revs": () =>
        this.works !== null &&
        panel.is("engine", "on") &&
        this.isHeldOver(2) &&
        panel.number("rpm") < 0.9 * setup.chargingRpm,
      "pulled-the-boat": () =>
        this.moves === "hauling" && this.isOnGround && this.isHeldFor(3) && this.strain >= 0.5 - hair,
      "pressed-through-strain": () => this.moves === "hauling" && this.isHeldFor(2) && this.strain >= 1 - hair,
      "anchor-swung": () => this.moves === "lowering" && this.isHeldOver(2) && this.outM < 2,
      "last-metre-not-in-touches": () => this.moves === "hauling" && this.isHeldOver(1) && this.outM < 1,
      "wrong-way-by-remote": () =>
        task !== null && this.works === other[this.rightWay] && this.isHeldOver(1) && this.rightM.of < 1,
    };
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: Object.entries(conditions).map(([code, when]) => ({ code, when })),
      leaving: [
        { code: "load-left-on", when: () => this.isOnGround && panel.is("relief", "off") },
        {
          code: "too-little-chain",
          when: () => this.isOnGround && setup.plannedM !== null && this.outM < setup.plannedM - hair,
        },
      ],
      outputs: () => ({
        ...{ outM: this.outM, strain: this.strain, amps: this.amps, breaker: panel.word("breaker") },
        // her marks stand every ten metres: the last one that went over the bow
        mark: Math.floor((this.outM + hair) / 10) * 10,
      }),
      goal: () => (task === "lower" ? this.isLowered : task === "raise" && this.isHome),
    };
  }

  private get isLowered(): boolean {
    const { setup, panel } = this.given;
    const wantedM = setup.plannedM ?? 3 * this.toBowM;
    return this.isOnGround && this.outM >= wantedM - hair && panel.is("relief", "on");
  }
  private get isHome(): boolean {
    return this.outM <= hair && this.given.panel.is("pin", "in");
  }
}

export const windlass = device<WindlassSetup>({
  name: "windlass",
  setup: setupOf<WindlassSetup>({
    ...{ chainM: figure(60), chainKgPerM: figure(2.3), ropeM: figure(0), gypsyTakesRope: yesNo(false) },
    ...{ anchorKg: figure(25), depthM: figure(6), bowM: figure(1.2), outM: figure(0) },
    plannedM: { schema: Type.Union([Type.Number({ minimum: 0 }), Type.Null()], { default: null }), usual: null },
    ...{ windKn: figure(10), dragAreaM2: figure(16), speedMs: figure(0.3), workingN: figure(2500) },
    ...{ breakerA: figure(80), breakerWaitSeconds: figure(300), chargingRpm: figure(1500) },
    remote: oneWord("normal", "reversed"),
  }),
  setupFault: ({ workingN, breakerA, outM, chainM, ropeM }) =>
    workingN <= 0
      ? { where: "/setup/workingN", what: "must be above 0" }
      : breakerA <= 0
        ? { where: "/setup/breakerA", what: "must be above 0" }
        : outM > chainM + ropeM
          ? { where: "/setup/outM", what: "is more than there is of chain and rope" }
          : null,
  controls: () => [
    ...[button("up"), button("down"), choice("engine", "off", "on"), choice("switch", "off", "on")],
    ...[choice("relief", "off", "on"), number("rpm", 0, 4000, 850), number("ahead", 0, 1)],
    ...[choice("breaker", "in", "out"), choice("pin", "in", "out"), choice("hatch", "loose", "tied")],
    ...[choice("clutch", "tight", "loose"), choice("hands", "clear", "near"), look("chain")],
  ],
  first: (_setup, faults) => (faults.has("breaker-out") ? { breaker: "out" } : {}),
  outputs: () => [
    ...[
      { name: "outM", unit: "m" },
      { name: "strain", unit: "" },
      { name: "amps", unit: "A" },
    ],
    ...[
      { name: "breaker", unit: "" },
      { name: "mark", unit: "m" },
    ],
  ],
  faults: ["breaker-out", "switch-dead", "anchor-twisted"],
  tasks: ["lower", "raise"],
  mistakes: [
    ...["started-without-engine", "pin-in", "hatch-loose", "hands-near", "without-revs", "pulled-the-boat"],
    ...["pressed-through-strain", "breaker-pushed-back-hot", "anchor-swung", "last-metre-not-in-touches"],
    ...["wrong-way-by-remote", "splice-in-gypsy", "clutch-under-load", "load-left-on", "too-little-chain"],
  ],
  make: (given) => new Windlass(given).all(),
});
