import { button, choice } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, oneWord, setupOf } from "../setup";
import { Lasting } from "../since";

interface GasSetup {
  shutOff: "tap" | "solenoid";
  guardSeconds: number;
}

/** What flows out unlit, and what leaks, g/s; what a stroke of the bilge pump takes out, g. */
const unlitGs = 1;
const leakGs = 2;
const strokeG = 2;
const alarmG = 20;
const relightG = 5;
const cookedS = 30;

class Gas {
  private isLit = false;
  private readonly flame = new Lasting();
  private bilgeG = 0;
  private burntS = 0;
  private hasSmelt = false;

  constructor(private readonly given: Given<GasSetup>) {}

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get isGuardHot(): boolean {
    const { setup, faults } = this.given;
    return !faults.has("guard-dead") && this.isLit && this.flame.seconds >= setup.guardSeconds - hair;
  }
  private get flows(): boolean {
    const isOpen = this.is("bottle", "open") && this.is("tap", "open") && this.is("knob", "on");
    return isOpen && (this.given.panel.isHeld("push") || this.isGuardHot);
  }
  private get isAlarm(): boolean {
    return this.bilgeG >= alarmG - hair;
  }

  step(dtS: number): void {
    this.dieWithoutGas();
    this.flame.step(this.isLit, dtS);
    if (this.isLit) this.burntS += dtS;
    else if (this.flows) this.bilgeG += unlitGs * dtS;
    if (this.given.faults.has("leak") && this.is("bottle", "open")) this.bilgeG += leakGs * dtS;
    this.hasSmelt ||= this.bilgeG >= relightG - hair;
  }

  private dieWithoutGas(): void {
    if (this.isLit && !this.flows) {
      this.isLit = false;
      this.flame.step(false, 0);
    }
  }

  heard(heard: Heard): void {
    const { setup, tell } = this.given;
    if (heard.do === "release" && heard.control === "push" && this.isLit)
      if (this.flame.seconds < setup.guardSeconds - hair) tell.mistake("let-go-too-soon");
    if (heard.do === "press" && heard.control === "lighter") {
      if (this.bilgeG > relightG + hair) tell.mistake("relit-with-gas-in-the-bilge");
      this.isLit ||= this.flows;
    }
    if (heard.do === "press" && heard.control === "bilge-pump") this.bilgeG = Math.max(0, this.bilgeG - strokeG);
    if (heard.do === "set" && this.isAlarm)
      if (heard.control === "switch" || (heard.control === "tap" && setup.shutOff === "solenoid"))
        tell.mistake("switched-at-smell");
    this.dieWithoutGas();
  }

  works(): Works {
    const { task } = this.given;
    const isLeft = () => this.isLit || this.is("knob", "on");
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [],
      leaving: [
        { code: "burner-left", when: isLeft },
        { code: "tap-shut-bottle-open", when: () => !isLeft() && this.is("bottle", "open") },
      ],
      outputs: () => ({ flame: this.isLit, bilgeG: this.bilgeG, alarm: this.isAlarm }),
      goal: () => (task === "cook" ? this.isCooked : task === "smell" && this.isSafe),
    };
  }

  private get isCooked(): boolean {
    const isShut = this.is("knob", "off") && this.is("tap", "shut") && this.is("bottle", "shut");
    return isShut && this.burntS >= cookedS - hair;
  }
  private get isSafe(): boolean {
    const isOut = this.is("bottle", "shut") && this.is("hatches", "open") && this.is("crew", "deck");
    return isOut && this.hasSmelt && this.bilgeG < relightG;
  }
}

export const gas = device<GasSetup>({
  name: "gas",
  setup: setupOf<GasSetup>({ shutOff: oneWord("tap", "solenoid"), guardSeconds: figure(5) }),
  controls: () => [
    ...["bottle", "tap", "hatches"].map((name) => choice(name, "shut", "open")),
    ...["knob", "switch"].map((name) => choice(name, "off", "on")),
    ...["push", "lighter", "bilge-pump"].map(button),
    choice("crew", "below", "deck"),
  ],
  outputs: () => [
    { name: "flame", unit: "" },
    { name: "bilgeG", unit: "g" },
    { name: "alarm", unit: "" },
  ],
  faults: ["leak", "guard-dead"],
  tasks: ["cook", "smell"],
  mistakes: [
    ...["burner-left", "tap-shut-bottle-open", "let-go-too-soon", "switched-at-smell"],
    "relit-with-gas-in-the-bilge",
  ],
  make: (given) => new Gas(given).works(),
});
