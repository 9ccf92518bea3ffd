import { Type } from "@sinclair/typebox";
import { button, choice, listen, look, number } from "../control";
import { device, type Condition, type Given, type Heard, type Output } from "../device";
import { follow } from "../lag";
import { hair } from "../panel";
import { figure, setupOf } from "../setup";
import { Lasting, Moment } from "../since";

interface EngineSetup {
  sides: readonly string[];
  fireSeconds: number;
  crankSeconds: number;
  restSeconds: number;
  coolingWaterSeconds: number;
  stopHoldSeconds: number;
  powerHoldSeconds: number;
  pauseSeconds: number;
  startThrottle: number;
  idleRpm: number;
  maximumRpm: number;
}

/** From that position on the lever is in gear, with the hub button out. */
const inGearFrom = 0.05;
const revLagS = 0.8;
const crankRpm = 220;
/** A failed try of that length heats the starter and fills the exhaust. */
const triedS = 3;
const triesTillSeacock = 3;
const alarmAfterDryS = 60;
const heedWithinS = 10;
const oilGoneAfterS = 20;
const leftOnAfterS = 60;
const dryGraceS = 10;

type Gear = "neutral" | "ahead" | "astern";

/** One engine of the boat, with the panel that is its own. */
class Engine {
  isRunning = false;
  private isOn = false;
  /** the press that put the panel on does not put it off */
  private wentOnInThisPress = false;
  private isCranking = false;
  private readonly cranked = new Lasting();
  private readonly failed = new Moment();
  private tries = 0;
  private readonly fired = new Moment();
  private readonly died = new Moment();
  private hasFired = false;
  private hadWater = false;
  private lookedInTime = false;
  private readonly dry = new Lasting();
  private readonly alarmed = new Lasting();
  private stopSinceAlarm = false;
  private gear: Gear = "neutral";
  private readonly left = { ahead: new Moment(), astern: new Moment() };
  private rpm = 0;
  private coolantC = 25;
  private starterC = 25;
  /** a start button that sticks stays in until the panel or the isolator is off */
  private isStuck = false;

  constructor(
    private readonly given: Given<EngineSetup>,
    private readonly side: string | undefined,
  ) {}

  nameOf(name: string): string {
    return this.side === undefined ? name : `${name}:${this.side}`;
  }
  private is(name: string, value: string): boolean {
    return this.given.panel.is(this.nameOf(name), value);
  }
  private isHeld(name: string): boolean {
    return this.given.panel.isHeld(this.nameOf(name));
  }
  private has(fault: string): boolean {
    return this.given.faults.has(fault);
  }
  private event(code: string): void {
    this.given.tell.event(code, this.side);
  }
  private mistake(code: string): void {
    this.given.tell.mistake(code, this.side);
  }
  private get lever(): number {
    return this.given.panel.number(this.nameOf("lever"));
  }
  private get setup(): EngineSetup {
    return this.given.setup;
  }
  private get now(): number {
    return this.given.panel.at;
  }

  private get gearNow(): Gear {
    if (!this.is("hub", "out") || Math.abs(this.lever) <= inGearFrom + hair) return "neutral";
    return this.lever > 0 ? "ahead" : "astern";
  }
  private get hasWater(): boolean {
    return (
      this.isRunning &&
      this.is("seacock", "open") &&
      !this.has("no-cooling-water") &&
      !this.has("strainer-blocked") &&
      this.fired.ago(this.now) >= this.setup.coolingWaterSeconds / 2 - hair
    );
  }
  private get hasOil(): boolean {
    return this.isRunning && !(this.has("oil-lamp") && this.fired.ago(this.now) >= oilGoneAfterS - hair);
  }
  private get isAlarm(): boolean {
    return this.isOn && this.isRunning && (this.dry.isFor(alarmAfterDryS) || !this.hasOil);
  }
  private get turnsOver(): boolean {
    const isPressed = this.isHeld("start") || this.isStuck;
    return isPressed && this.isOn && this.is("isolator", "on") && !this.isRunning && !this.isHeld("emergency-stop");
  }

  step(dtS: number): void {
    const { panel } = this.given;
    if (this.isOn && this.isHeld("power") && !this.wentOnInThisPress)
      if (panel.heldS(this.nameOf("power")) >= this.setup.powerHoldSeconds - hair) this.turnOff();
    this.crank(dtS);
    this.run(dtS);
    const target = this.isRunning
      ? this.setup.idleRpm + Math.abs(this.lever) * (this.setup.maximumRpm - this.setup.idleRpm)
      : this.isCranking
        ? crankRpm
        : 0;
    this.rpm = follow(this.rpm, target, dtS, revLagS);
    this.starterC = this.isCranking ? this.starterC + 5 * dtS : follow(this.starterC, 25, dtS, 120);
  }

  private crank(dtS: number): void {
    this.followStarter();
    if (!this.isCranking) return;
    const { fireSeconds, startThrottle } = this.setup;
    const mayFire =
      !this.has("weak-starter") &&
      (startThrottle === 0 || (this.is("hub", "in") && this.lever >= startThrottle - hair));
    this.cranked.step(true, dtS);
    if (this.cranked.isFor(fireSeconds) && mayFire) this.fire();
  }

  /** Cranking begins and ends with what is held and what is on. */
  private followStarter(): void {
    const turns = this.turnsOver;
    if (turns && !this.isCranking) {
      this.event("cranks");
      if (this.failed.ago(this.now) < this.setup.restSeconds - hair) this.mistake("cranked-again-without-rest");
      if (this.tries >= triesTillSeacock && this.is("seacock", "open")) this.mistake("cranked-with-seacock-open");
    }
    if (!turns && this.isCranking) {
      if (this.cranked.seconds >= triedS - hair) {
        this.failed.mark(this.now);
        this.tries++;
      }
      this.cranked.step(false, 0);
    }
    this.isCranking = turns;
  }

  private fire(): void {
    this.isRunning = true;
    this.hasFired = true;
    this.isCranking = false;
    this.cranked.step(false, 0);
    this.tries = 0;
    this.fired.mark(this.now);
    this.hadWater = false;
    this.lookedInTime = false;
    this.rpm = Math.max(this.rpm, this.setup.idleRpm * 0.8);
    this.event("fires");
  }

  private run(dtS: number): void {
    if (this.isRunning && !this.has("stop-solenoid-dead") && this.isHeld("stop"))
      if (this.given.panel.heldS(this.nameOf("stop")) >= this.setup.stopHoldSeconds - hair) this.die();
    if (this.isRunning && this.isHeld("emergency-stop")) this.die();
    const { hasWater } = this;
    if (hasWater && !this.hadWater) this.event("water");
    this.hadWater ||= hasWater;
    this.dry.step(this.isRunning && !hasWater, dtS);
    const before = this.alarmed.seconds > 0;
    const { isAlarm } = this;
    if (isAlarm && !before) {
      this.event("alarm");
      this.stopSinceAlarm = this.isHeld("stop") || this.isHeld("emergency-stop");
    }
    this.alarmed.step(isAlarm, dtS);
    const towards = !this.isRunning ? 25 : hasWater ? 78 : 125;
    this.coolantC = follow(this.coolantC, towards, dtS, this.isRunning ? 60 : 600);
  }

  private die(): void {
    this.isRunning = false;
    this.died.mark(this.now);
    this.event("dead");
  }

  private turnOff(): void {
    this.isOn = false;
    this.isStuck = false;
    this.followStarter();
  }

  heard(heard: Heard): void {
    const { control } = heard;
    if (heard.do === "press" && control === this.nameOf("power")) {
      if (!this.isOn) this.wentOnInThisPress = true;
      else if (this.setup.powerHoldSeconds === 0) this.turnOff();
      this.isOn ||= this.wentOnInThisPress;
    }
    if (heard.do === "release" && control === this.nameOf("power")) this.wentOnInThisPress = false;
    if (heard.do === "press" && control === this.nameOf("start")) this.isStuck ||= this.has("button-stuck");
    if (heard.do === "press" && (control === this.nameOf("stop") || control === this.nameOf("emergency-stop")))
      this.stopSinceAlarm = true;
    if (heard.do === "press" && control === this.nameOf("emergency-stop") && this.isRunning) this.die();
    if (heard.do === "press" && control === this.nameOf("stop") && this.setup.stopHoldSeconds === 0)
      if (this.isRunning && !this.has("stop-solenoid-dead")) this.die();
    if (heard.do === "release" && control === this.nameOf("stop") && this.isRunning && !this.has("stop-solenoid-dead"))
      this.mistake("stop-let-go-early");
    if (heard.do === "set" && control === this.nameOf("isolator") && heard.to === "off") this.isStuck = false;
    if (heard.do === "look" && control === this.nameOf("exhaust") && this.isRunning)
      this.lookedInTime ||= this.hasWater || this.fired.ago(this.now) >= this.setup.coolingWaterSeconds - hair;
    this.followStarter();
    this.shift();
  }

  /** What it does that a gear goes in: ahead, astern, or out. */
  private shift(): void {
    const to = this.gearNow;
    if (to === this.gear) return;
    if (this.gear !== "neutral") this.left[this.gear].mark(this.now);
    this.gear = to;
    if (to === "neutral" || !this.isRunning) return;
    const opposite = to === "ahead" ? "astern" : "ahead";
    if (this.left[opposite].ago(this.now) < this.setup.pauseSeconds - hair) this.mistake("shifted-without-pause");
    if (this.rpm > this.setup.idleRpm + 300) this.mistake("shifted-at-revs");
  }

  conditions(): Condition[] {
    const { setup } = this;
    const ran = () => this.fired.ago(this.now);
    const each: Record<string, () => boolean> = {
      "cranked-in-gear": () => this.isCranking && this.gear !== "neutral",
      "cranked-too-long": () => this.isCranking && this.cranked.seconds > setup.crankSeconds + hair,
      "cooling-not-looked-at": () =>
        this.isRunning && !this.lookedInTime && ran() >= setup.coolingWaterSeconds + 5 - hair,
      "ran-without-water": () =>
        this.isRunning && this.dry.isFor(dryGraceS) && ran() >= setup.coolingWaterSeconds + dryGraceS - hair,
      "power-off-before-stop": () => this.isRunning && !this.isOn,
      "panel-left-on": () => this.isOn && !this.isRunning && this.isLeftOn,
      "alarm-not-heeded": () => this.isRunning && this.alarmed.isFor(heedWithinS) && !this.stopSinceAlarm,
    };
    return Object.entries(each).map(([code, when]) => this.condition(code, when));
  }

  private get isLeftOn(): boolean {
    return this.died.was && this.died.ago(this.now) >= leftOnAfterS - hair;
  }

  leaving(): Condition[] {
    return [
      this.condition("panel-left-on", () => this.isOn && !this.isRunning),
      this.condition("isolator-left-off", () => this.is("isolator", "off")),
    ];
  }

  private condition(code: string, when: () => boolean): Condition {
    return this.side === undefined ? { code, when } : { code, side: this.side, when };
  }

  outputs(): Record<string, Output> {
    const { hasWater, setup } = this;
    const share = Math.min(1, this.rpm / setup.maximumRpm);
    const out: Record<string, Output> = {
      ...{ running: this.isRunning, panel: this.isOn, alarm: this.isAlarm, gear: this.gear },
      rpm: this.rpm,
      oilBar: this.hasOil ? 1.2 + 3 * share : 0,
      waterLpm: hasWater ? 8 + 30 * share : 0,
      ...{ coolantC: this.coolantC, starterC: this.starterC },
      batteryV: this.isCranking ? (this.has("weak-starter") ? 8.9 : 10.6) : this.isRunning ? 14.2 : 12.6,
    };
    return Object.fromEntries(Object.entries(out).map(([name, value]) => [this.nameOf(name), value]));
  }

  /** started, stopped, and the panel off */
  get isThrough(): boolean {
    return this.hasFired && !this.isRunning && !this.isOn;
  }
}

const sidesOf = ({ sides }: EngineSetup): (string | undefined)[] => (sides.length === 1 ? [undefined] : [...sides]);
const named = (name: string, side: string | undefined) => (side === undefined ? name : `${name}:${side}`);

export const engine = device<EngineSetup>({
  name: "engine",
  setup: setupOf<EngineSetup>({
    sides: {
      schema: Type.Unsafe<string[]>({ enum: [["main"], ["port", "starboard"]], default: ["main"] }),
      usual: ["main"],
    },
    ...{ fireSeconds: figure(1.5), crankSeconds: figure(10), restSeconds: figure(20) },
    ...{ coolingWaterSeconds: figure(12), stopHoldSeconds: figure(4), powerHoldSeconds: figure(0) },
    ...{ pauseSeconds: figure(1), startThrottle: figure(0, 1), idleRpm: figure(850), maximumRpm: figure(3000) },
  }),
  setupFault: ({ idleRpm, maximumRpm }) =>
    maximumRpm > idleRpm ? null : { where: "/setup/maximumRpm", what: "must be above idleRpm" },
  controls: (setup) =>
    sidesOf(setup).flatMap((side) => [
      ...["power", "start", "stop", "emergency-stop"].map((name) => button(named(name, side))),
      number(named("lever", side), -1, 1),
      choice(named("hub", side), "out", "in"),
      choice(named("seacock", side), "open", "shut"),
      choice(named("isolator", side), "on", "off"),
      ...[look(named("exhaust", side)), look(named("lamps", side)), listen(named("alarm", side))],
    ]),
  first: (setup, faults) =>
    Object.fromEntries(
      sidesOf(setup).flatMap((side) => [
        ...(faults.has("seacock-shut") ? [[named("seacock", side), "shut"]] : []),
        ...(faults.has("isolator-off") ? [[named("isolator", side), "off"]] : []),
      ]),
    ) as Record<string, string>,
  outputs: (setup) =>
    sidesOf(setup).flatMap((side) =>
      [
        ...[
          ["running", ""],
          ["panel", ""],
          ["alarm", ""],
          ["gear", ""],
          ["rpm", "rpm"],
          ["oilBar", "bar"],
        ],
        ...[
          ["waterLpm", "l/min"],
          ["coolantC", "°C"],
          ["starterC", "°C"],
          ["batteryV", "V"],
        ],
      ].map(([name = "", unit = ""]) => ({ name: named(name, side), unit })),
    ),
  faults: [
    ...["no-cooling-water", "seacock-shut", "strainer-blocked", "weak-starter", "stop-solenoid-dead"],
    ...["oil-lamp", "isolator-off", "button-stuck"],
  ],
  tasks: ["start-and-stop"],
  mistakes: [
    ...["cranked-in-gear", "cranked-too-long", "cranked-again-without-rest", "cranked-with-seacock-open"],
    ...["cooling-not-looked-at", "ran-without-water", "power-off-before-stop", "stop-let-go-early", "panel-left-on"],
    ...["shifted-without-pause", "shifted-at-revs", "alarm-not-heeded", "isolator-left-off"],
  ],
  make: (given) => {
    const engines = sidesOf(given.setup).map((side) => new Engine(given, side));
    return {
      step: (dtS) => engines.forEach((each) => each.step(dtS)),
      heard: (heard) => engines.forEach((each) => each.heard(heard)),
      conditions: engines.flatMap((each) => each.conditions()),
      leaving: engines.flatMap((each) => each.leaving()),
      outputs: () => Object.assign({}, ...engines.map((each) => each.outputs())) as Record<string, Output>,
      goal: () => given.task === "start-and-stop" && engines.every(({ isThrough }) => isThrough),
    };
  },
});
