import { button, choice, look } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, setupOf } from "../setup";
import { Lasting } from "../since";

interface BilgeSetup {
  pumpLpm: number;
  strokeL: number;
  /** what comes in through a hose that is off */
  leakLpm: number;
  floatOnL: number;
}

const floatOffL = 2;
const alarmL = 30;
const safeL = 5;
const blindS = 30;
const dryL = 0.5;
const dryS = 20;
const idleS = 20;

class Bilge {
  private waterL = 0;
  private floats = false;
  private isClear: boolean;
  private hasLooked = false;
  private hadWater = false;
  private readonly blind = new Lasting();
  private readonly dry = new Lasting();
  private readonly idle = new Lasting();

  constructor(private readonly given: Given<BilgeSetup>) {
    this.isClear = !given.faults.has("strainer-blocked");
  }

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get leaks(): boolean {
    return this.given.faults.has("hose-off") && this.is("seacock", "open");
  }
  private get runs(): boolean {
    if (this.is("switch", "off")) return false;
    return this.is("switch", "on") || (this.floats && !this.given.faults.has("float-stuck"));
  }
  private get isAlarm(): boolean {
    return this.waterL >= alarmL - hair;
  }

  step(dtS: number): void {
    const { setup } = this.given;
    const inL = this.leaks ? (setup.leakLpm / 60) * dtS : 0;
    const outL = this.runs && this.isClear ? (setup.pumpLpm / 60) * dtS : 0;
    this.waterL = Math.max(0, this.waterL + inL - outL);
    this.floats = this.floats ? this.waterL > floatOffL : this.waterL >= setup.floatOnL - hair;
    this.hadWater ||= this.waterL >= safeL;
    this.blind.step(this.leaks && this.hadWater && !this.hasLooked, dtS);
    this.dry.step(this.is("switch", "on") && this.waterL < dryL, dtS);
    this.idle.step(this.isAlarm && !(this.runs && this.isClear), dtS);
  }

  heard(heard: Heard): void {
    if (heard.do === "look" && heard.control === "hoses") this.hasLooked = true;
    if (heard.do !== "press") return;
    if (heard.control === "clean") this.isClear = true;
    if (heard.control === "stroke") {
      this.waterL = Math.max(0, this.waterL - this.given.setup.strokeL);
      this.idle.step(false, 0);
    }
  }

  works(): Works {
    const { task } = this.given;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        { code: "pumped-without-looking", when: () => this.blind.isFor(blindS) },
        { code: "pump-ran-dry", when: () => this.dry.isFor(dryS) },
        { code: "nobody-pumped", when: () => this.idle.isFor(idleS) },
      ],
      leaving: [
        { code: "pump-left-off", when: () => this.is("switch", "off") },
        { code: "seacock-left-open", when: () => this.leaks },
      ],
      outputs: () => ({ waterL: this.waterL, pumping: this.runs, alarm: this.isAlarm }),
      goal: () => task === "leak" && this.hadWater && !this.leaks && this.waterL < safeL && this.is("switch", "auto"),
    };
  }
}

export const bilge = device<BilgeSetup>({
  name: "bilge",
  setup: setupOf<BilgeSetup>({
    ...{ pumpLpm: figure(30), strokeL: figure(0.8), leakLpm: figure(40), floatOnL: figure(10) },
  }),
  controls: () => [
    ...[choice("switch", "auto", "on", "off"), choice("seacock", "open", "shut"), button("stroke"), button("clean")],
    ...[look("sump"), look("hoses")],
  ],
  outputs: () => [
    { name: "waterL", unit: "l" },
    { name: "pumping", unit: "" },
    { name: "alarm", unit: "" },
  ],
  faults: ["hose-off", "float-stuck", "strainer-blocked"],
  tasks: ["leak"],
  mistakes: ["pumped-without-looking", "pump-ran-dry", "nobody-pumped", "pump-left-off", "seacock-left-open"],
  make: (given) => new Bilge(given).works(),
});
