import { button, choice, look, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { follow } from "../lag";
import { hair } from "../panel";
import { figure, oneWord, setupOf, yesNo } from "../setup";
import { Moment } from "../since";

interface ThrusterSetup {
  end: "bow" | "stern";
  kind: "fixed" | "retracting";
  needsEngine: boolean;
  lazyLines: boolean;
  onHoldSeconds: number;
  downSeconds: number;
  burstSeconds: number;
  pauseSeconds: number;
  sleepSeconds: number;
}

const ways = ["port", "starboard"] as const;
type Way = (typeof ways)[number];
const other: Readonly<Record<Way, Way>> = { port: "starboard", starboard: "port" };
/** Longer than that it is relied on; a shorter pulse is a test. */
const testS = 1;
const mostKnDown = 3;
/** At that the motor's own fuse goes: some two minutes without a break. */
const fuseC = 140;

class Thruster {
  private isOn = false;
  private isAsleep = false;
  /** 0 up, 1 down */
  private downShare: number;
  private turned: Way | null = null;
  private readonly last: Record<Way, Moment> = { port: new Moment(), starboard: new Moment() };
  private readonly used = new Moment();
  private readonly tried = new Set<Way>();
  private isThrough = false;
  private motorC = 25;
  private isBlown: boolean;
  private endMs = 0;

  constructor(private readonly given: Given<ThrusterSetup>) {
    this.downShare = given.setup.kind === "fixed" ? 1 : 0;
    this.isBlown = given.faults.has("fuse-blown");
  }

  private get isDown(): boolean {
    return this.downShare >= 1 - hair;
  }
  private get isReady(): boolean {
    const { setup, panel } = this.given;
    const hasPower = !setup.needsEngine || panel.is("engine", "on");
    return this.isOn && !this.isAsleep && this.isDown && hasPower && !this.isBlown;
  }
  private get asked(): Way | null {
    const { panel } = this.given;
    const held = ways.filter((way) => panel.isHeld(way));
    return held.length === 1 ? (held[0] ?? null) : null;
  }
  private get turning(): Way | null {
    return this.isReady ? this.asked : null;
  }
  private isHeldOver(seconds: number): boolean {
    return ways.some((way) => this.given.panel.isHeldOver(way, seconds));
  }

  step(dtS: number): void {
    const { setup, panel, faults } = this.given;
    if (panel.isHeld("on") && panel.heldS("on") >= setup.onHoldSeconds - hair) this.wake();
    if (setup.kind === "retracting") {
      const change = setup.downSeconds === 0 ? 1 : dtS / setup.downSeconds;
      const isStuck = faults.has("stuck-up");
      this.downShare = Math.min(1, Math.max(0, this.downShare + (this.isOn && !isStuck ? change : -change)));
    }
    this.turn();
    if (this.turned) this.used.mark(panel.at);
    if (this.isOn && setup.sleepSeconds > 0 && this.used.ago(panel.at) >= setup.sleepSeconds - hair)
      this.isAsleep = true;
    this.motorC = this.turned ? this.motorC + dtS : follow(this.motorC, 25, dtS, 240);
    if (this.motorC >= fuseC) this.isBlown = true;
    const towards = this.turned === null ? 0 : this.turned === "starboard" ? 0.5 : -0.5;
    this.endMs = follow(this.endMs, towards, dtS, 1.2);
  }

  /** It turns as it is asked to, from now on; the other way at once is what breaks it. */
  private turn(): void {
    const { setup, panel, tell } = this.given;
    const to = this.turning;
    if (to === this.turned) return;
    if (this.turned) this.last[this.turned].mark(panel.at);
    this.turned = to;
    if (to === null) return;
    this.tried.add(to);
    if (this.last[other[to]].ago(panel.at) < setup.pauseSeconds - hair) tell.mistake("reversed-without-pause");
  }

  private wake(): void {
    if (!this.isOn || this.isAsleep) this.used.mark(this.given.panel.at);
    this.isOn = true;
    this.isAsleep = false;
  }

  heard(heard: Heard): void {
    if (heard.do === "press" && heard.control === "off") {
      this.isOn = false;
      this.isAsleep = false;
      this.isThrough ||= this.tried.size === ways.length;
    }
    this.turn();
  }

  works(): Works {
    const { setup, panel, task } = this.given;
    const isPressed = () => ways.some((way) => panel.isHeld(way));
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        { code: "ran-too-long", when: () => this.turning !== null && this.isHeldOver(setup.burstSeconds) },
        {
          code: "used-before-down",
          when: () => setup.kind === "retracting" && this.isOn && !this.isDown && isPressed(),
        },
        {
          code: "under-way-with-it-down",
          when: () => setup.kind === "retracting" && this.isDown && panel.number("speed") > mostKnDown,
        },
        { code: "relied-on-it-asleep", when: () => this.isAsleep && this.isHeldOver(testS) },
        { code: "lazy-line-in-it", when: () => this.turning !== null && panel.is("lines", "in-water") },
      ],
      leaving: [{ code: "left-on", when: () => this.isOn }],
      outputs: () => ({
        ...{ ready: this.isReady, asleep: this.isAsleep, turning: this.turning ?? "no" },
        ...{ motorC: this.motorC, fuse: this.isBlown ? "blown" : "whole" },
        endMs: this.endMs,
        // she turns about a point beyond midships: the other end goes the other way, slower
        otherEndMs: this.endMs * -0.2,
        yawDegS: this.endMs * (setup.end === "bow" ? 6 : -6),
      }),
      goal: () => task === "try" && this.isThrough,
    };
  }
}

export const thruster = device<ThrusterSetup>({
  name: "thruster",
  setup: setupOf<ThrusterSetup>({
    ...{ end: oneWord("bow", "stern"), kind: oneWord("fixed", "retracting") },
    ...{ needsEngine: yesNo(false), lazyLines: yesNo(false), onHoldSeconds: figure(0.5), downSeconds: figure(4) },
    ...{ burstSeconds: figure(4), pauseSeconds: figure(2), sleepSeconds: figure(300) },
  }),
  controls: () => [
    ...["on", "off", "port", "starboard"].map(button),
    choice("engine", "on", "off"),
    choice("lines", "clear", "in-water"),
    number("speed", 0, 10),
    look("lamp"),
  ],
  first: ({ lazyLines }) => (lazyLines ? { lines: "in-water" } : {}),
  outputs: () => [
    ...["ready", "asleep", "turning"].map((name) => ({ name, unit: "" })),
    ...[
      { name: "motorC", unit: "°C" },
      { name: "fuse", unit: "" },
      { name: "endMs", unit: "m/s" },
    ],
    ...[
      { name: "otherEndMs", unit: "m/s" },
      { name: "yawDegS", unit: "°/s" },
    ],
  ],
  faults: ["fuse-blown", "stuck-up"],
  tasks: ["try"],
  mistakes: [
    ...["reversed-without-pause", "ran-too-long", "used-before-down", "under-way-with-it-down"],
    ...["relied-on-it-asleep", "lazy-line-in-it", "left-on"],
  ],
  make: (given) => new Thruster(given).works(),
});
