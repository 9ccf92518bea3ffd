import { button, choice, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { figure, oneWord, setupOf } from "../setup";
import { Lasting } from "../since";

interface PilotSetup {
  kind: "wheel" | "tiller";
  turnDegS: number;
  nearLandNm: number;
}

const steps: Readonly<Record<string, number>> = { "port-1": -1, "port-10": -10, "starboard-1": 1, "starboard-10": 10 };
const mostWheel = 35;
const againstIt = 5;
const nearLandS = 10;
const testedDeg = 10;

const round = (deg: number): number => ((deg % 360) + 360) % 360;
/** How far to turn from one heading to another, the short way, -180 to 180. */
const turnTo = (from: number, to: number): number => round(to - from + 180) - 180;

class Pilot {
  private isAuto = false;
  private headingDeg = 0;
  private courseDeg = 0;
  private readonly near = new Lasting();
  private wasAuto = false;
  private readonly asked = { port: 0, starboard: 0 };

  constructor(private readonly given: Given<PilotSetup>) {}

  private get isPlugged(): boolean {
    const { setup, panel } = this.given;
    return setup.kind === "wheel" || (panel.is("plug", "in") && panel.is("arm", "in"));
  }

  step(dtS: number): void {
    const { setup, panel, faults } = this.given;
    const mostDeg = setup.turnDegS * dtS;
    if (this.isAuto) {
      const left = turnTo(this.headingDeg, this.courseDeg);
      const turned = faults.has("drive-dead") ? 0 : Math.max(-mostDeg, Math.min(mostDeg, left));
      this.headingDeg = round(this.headingDeg + turned);
    } else {
      this.headingDeg = round(this.headingDeg + (panel.number("wheel") / mostWheel) * mostDeg);
      this.courseDeg = this.headingDeg;
    }
    this.near.step(this.isAuto && panel.number("landNm") < setup.nearLandNm, dtS);
  }

  heard(heard: Heard): void {
    const { panel, tell } = this.given;
    if (heard.do === "press") this.pressed(heard.control);
    if (heard.do !== "set") return;
    if (heard.control === "knob" && this.isAuto && panel.is("focus", "pilot") && heard.to !== 0) {
      tell.mistake("knob-turned-the-boat");
      this.courseDeg = round(this.courseDeg + Number(heard.to));
    }
    // an arm that is lifted off steers nothing
    if (!this.isPlugged) this.isAuto = false;
  }

  private pressed(control: string): void {
    const { faults, tell } = this.given;
    if (control === "standby") this.isAuto = false;
    if (control === "auto") {
      if (!this.isPlugged) return tell.mistake("plug-or-arm-not-in");
      if (faults.has("instruments-off")) return;
      if (!this.isAuto) this.courseDeg = this.headingDeg;
      this.isAuto = true;
      this.wasAuto = true;
    }
    const step = steps[control];
    if (step === undefined || !this.isAuto) return;
    this.courseDeg = round(this.courseDeg + step);
    this.asked[step < 0 ? "port" : "starboard"] += Math.abs(step);
  }

  works(): Works {
    const { panel, task } = this.given;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        { code: "steered-against-it", when: () => this.isAuto && Math.abs(panel.number("wheel")) > againstIt },
        { code: "left-in-auto-near-land", when: () => this.near.isFor(nearLandS) },
      ],
      leaving: [],
      outputs: () => ({
        ...{ mode: this.isAuto ? "auto" : "standby", headingDeg: this.headingDeg, courseDeg: this.courseDeg },
      }),
      goal: () =>
        task === "test" &&
        this.wasAuto &&
        !this.isAuto &&
        this.asked.port >= testedDeg &&
        this.asked.starboard >= testedDeg,
    };
  }
}

export const pilot = device<PilotSetup>({
  name: "pilot",
  setup: setupOf<PilotSetup>({
    ...{ kind: oneWord("wheel", "tiller"), turnDegS: figure(3), nearLandNm: figure(0.25) },
  }),
  controls: () => [
    ...["auto", "standby", ...Object.keys(steps)].map(button),
    number("wheel", -mostWheel, mostWheel),
    choice("plug", "out", "in"),
    choice("arm", "out", "in"),
    choice("focus", "chart", "pilot"),
    { name: "knob", kind: "number", min: -10, max: 10, first: 0, everySetCounts: true },
    number("landNm", 0, 20, 5),
  ],
  outputs: () => [
    { name: "mode", unit: "" },
    { name: "headingDeg", unit: "°" },
    { name: "courseDeg", unit: "°" },
  ],
  faults: ["instruments-off", "drive-dead"],
  tasks: ["test"],
  mistakes: ["steered-against-it", "left-in-auto-near-land", "plug-or-arm-not-in", "knob-turned-the-boat"],
  make: (given) => new Pilot(given).works(),
});
