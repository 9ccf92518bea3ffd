import { choice, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, setupOf } from "../setup";

interface TillerSetup {
  /** how fast she turns with the tiller hard over at cruising speed */
  turnDegS: number;
}

const overDeg = 30;
const slowLever = 0.2;
const turnDeg = 20;
const wrongDeg = 10;

/** The emergency tiller, once the wheel steers no more: pushed to port it turns her to starboard. */
class Tiller {
  private headingDeg = 0;
  private wasStarboard = false;
  private wasPort = false;

  constructor(private readonly given: Given<TillerSetup>) {}

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get isFitted(): boolean {
    return this.is("tiller", "fitted");
  }

  step(dtS: number): void {
    const { panel, setup } = this.given;
    if (!this.isFitted) return;
    const isFought = this.is("pilot", "on");
    const rate = isFought ? 0 : (-panel.number("push") / overDeg) * setup.turnDegS * panel.number("lever") * 2;
    this.headingDeg += rate * dtS;
    this.wasStarboard ||= this.headingDeg >= turnDeg - hair;
    this.wasPort ||= this.wasStarboard && this.headingDeg <= -turnDeg + hair;
  }

  heard(heard: Heard): void {
    if (heard.do !== "set" || heard.control !== "tiller" || heard.to !== "fitted") return;
    const { panel, tell } = this.given;
    if (this.is("cover", "shut")) {
      panel.put("tiller", "stowed");
      return tell.event("under-its-cover");
    }
    if (panel.number("lever") > slowLever + hair) tell.mistake("fitted-under-way");
  }

  works(): Works {
    const { panel, task } = this.given;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        { code: "pilot-against-it", when: () => this.isFitted && this.is("pilot", "on") },
        { code: "steered-the-wrong-way", when: () => !this.wasStarboard && this.headingDeg <= -wrongDeg + hair },
      ],
      leaving: [{ code: "let-go-under-way", when: () => this.isFitted && panel.number("lever") > slowLever + hair }],
      outputs: () => ({ headingDeg: this.headingDeg, steers: this.isFitted && this.is("pilot", "off") }),
      goal: () => task === "steer" && this.wasPort,
    };
  }
}

export const tiller = device<TillerSetup>({
  name: "tiller",
  setup: setupOf<TillerSetup>({ turnDegS: figure(3, 20) }),
  controls: () => [
    ...[number("lever", 0, 1, 0.5), choice("cover", "shut", "open"), choice("tiller", "stowed", "fitted")],
    ...[choice("pilot", "off", "on"), number("push", -overDeg, overDeg)],
  ],
  outputs: () => [
    { name: "headingDeg", unit: "°" },
    { name: "steers", unit: "" },
  ],
  faults: [],
  tasks: ["steer"],
  mistakes: ["fitted-under-way", "pilot-against-it", "steered-the-wrong-way", "let-go-under-way"],
  make: (given) => new Tiller(given).works(),
});
