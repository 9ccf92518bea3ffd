import { button, choice, look, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, setupOf } from "../setup";
import { Lasting, Moment } from "../since";

interface OutboardSetup {
  /** pulls that a cold engine takes with the choke out */
  pulls: number;
  chokeSeconds: number;
  ventSeconds: number;
  jetSeconds: number;
}

const floodPulls = 6;
const carburettorS = 20;
const dryS = 30;
const calmThrottle = 0.3;
const warmS = 5;

class Outboard {
  private isRunning = false;
  private pulls = 0;
  private isFlooded = false;
  private isWarm = false;
  private hasSeenJet = false;
  private readonly fired = new Moment();
  private readonly runs = new Lasting();
  private readonly choked = new Lasting();
  private readonly airless = new Lasting();
  private readonly starved = new Lasting();
  private readonly dry = new Lasting();
  private hasRun = false;

  constructor(private readonly given: Given<OutboardSetup>) {}

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get jets(): boolean {
    return this.isRunning && this.is("tilt", "down") && !this.given.faults.has("no-jet");
  }

  step(dtS: number): void {
    const { setup, tell } = this.given;
    this.runs.step(this.isRunning, dtS);
    this.isWarm ||= this.runs.isFor(warmS);
    this.choked.step(this.isRunning && this.is("choke", "out"), dtS);
    this.airless.step(this.isRunning && this.is("vent", "shut"), dtS);
    this.starved.step(this.isRunning && this.is("fuel-tap", "shut"), dtS);
    this.dry.step(this.isRunning && !this.jets, dtS);
    if (this.choked.isFor(setup.chokeSeconds)) {
      tell.mistake("choke-left-out");
      this.die();
    }
    if (this.airless.isFor(setup.ventSeconds)) {
      tell.mistake("vent-shut");
      this.die();
    }
    if (this.starved.isFor(carburettorS)) this.die();
  }

  private die(): void {
    if (!this.isRunning) return;
    this.isRunning = false;
    this.given.tell.event("dead");
    for (const each of [this.runs, this.choked, this.airless, this.starved, this.dry]) each.step(false, 0);
  }

  heard(heard: Heard): void {
    const { tell } = this.given;
    if (heard.do === "look" && heard.control === "jet" && this.jets) this.hasSeenJet = true;
    if (heard.do === "press" && heard.control === "pull") this.pull();
    if (heard.do === "press" && heard.control === "stop") this.die();
    if (heard.do !== "set") return;
    const { control, to } = heard;
    if (control === "kill-cord" && to === "out") this.die();
    if (control === "choke" && to === "in") this.isFlooded = false;
    if (control === "gear" && to !== "neutral" && this.isRunning) {
      if (!this.is("kill-cord", "worn")) tell.mistake("cord-not-worn");
      if (this.given.panel.number("throttle") > calmThrottle + hair) tell.mistake("shifted-at-revs");
    }
  }

  private pull(): void {
    const { setup, tell, panel, faults } = this.given;
    if (this.isRunning) return;
    if (!this.is("gear", "neutral")) tell.mistake("pulled-in-gear");
    if (this.is("tilt", "up")) tell.mistake("pulled-tilted");
    this.pulls++;
    const isRich = this.is("choke", "out");
    if (isRich && this.pulls >= floodPulls && !this.isFlooded) {
      this.isFlooded = true;
      tell.mistake("flooded");
    }
    const hasFuel = this.is("fuel-tap", "open") && !faults.has("no-fuel");
    const isEnough = this.isWarm ? !isRich : isRich && this.pulls >= setup.pulls;
    if (!hasFuel || this.is("kill-cord", "out") || this.isFlooded || !isEnough) return;
    this.isRunning = true;
    this.hasRun = true;
    this.hasSeenJet = false;
    this.pulls = 0;
    this.fired.mark(panel.at);
    tell.event("fires");
  }

  works(): Works {
    const { setup, panel, task } = this.given;
    const jetDueS = setup.jetSeconds + 10;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        {
          code: "jet-not-looked-at",
          when: () => this.isRunning && !this.hasSeenJet && this.fired.ago(panel.at) >= jetDueS - hair,
        },
        { code: "ran-without-water", when: () => this.dry.isFor(dryS) },
      ],
      leaving: [
        { code: "left-running", when: () => this.isRunning },
        { code: "petrol-left-open", when: () => !this.isRunning && this.isPetrolOpen },
      ],
      outputs: () => ({ running: this.isRunning, jet: this.jets }),
      goal: () => task === "start-and-stop" && this.hasRun && this.isWarm && !this.isRunning && !this.isPetrolOpen,
    };
  }

  private get isPetrolOpen(): boolean {
    return this.is("fuel-tap", "open") || this.is("vent", "open");
  }
}

export const outboard = device<OutboardSetup>({
  name: "outboard",
  setup: setupOf<OutboardSetup>({
    ...{ pulls: figure(2, 5), chokeSeconds: figure(15), ventSeconds: figure(60), jetSeconds: figure(5) },
  }),
  controls: () => [
    ...[choice("kill-cord", "out", "in", "worn"), choice("vent", "shut", "open"), choice("fuel-tap", "shut", "open")],
    ...[choice("choke", "in", "out"), choice("gear", "neutral", "ahead", "astern"), number("throttle", 0, 1)],
    ...[choice("tilt", "down", "up"), button("pull"), button("stop"), look("jet")],
  ],
  outputs: () => [
    { name: "running", unit: "" },
    { name: "jet", unit: "" },
  ],
  faults: ["no-jet", "no-fuel"],
  tasks: ["start-and-stop"],
  mistakes: [
    ...["pulled-in-gear", "pulled-tilted", "flooded", "choke-left-out", "vent-shut", "jet-not-looked-at"],
    ...["ran-without-water", "cord-not-worn", "shifted-at-revs", "left-running", "petrol-left-open"],
  ],
  make: (given) => new Outboard(given).works(),
});
