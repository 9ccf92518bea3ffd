import { button, choice } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, oneWord, setupOf } from "../setup";
import { Lasting } from "../since";

interface DavitsSetup {
  heightM: number;
  starts: "hoisted" | "afloat";
}

const ends = ["bow", "stern"] as const;
type End = (typeof ends)[number];
const fallMs = 0.1;
const askewM = 0.3;
const afloatM = 0.05;
const floodsS = 10;

class Davits {
  private readonly heightM: Record<End, number>;
  private readonly floods = new Lasting();

  constructor(private readonly given: Given<DavitsSetup>) {
    const { heightM, starts } = given.setup;
    const at = starts === "hoisted" ? heightM : 0;
    this.heightM = { bow: at, stern: at };
  }

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private moves(end: End): number {
    const { panel } = this.given;
    return (panel.isHeld(`${end}-up`) ? 1 : 0) - (panel.isHeld(`${end}-down`) ? 1 : 0);
  }
  private get isMoving(): boolean {
    return ends.some((end) => this.moves(end) !== 0);
  }
  private get isAfloat(): boolean {
    return ends.every((end) => this.heightM[end] <= afloatM + hair);
  }
  private get isHoisted(): boolean {
    return ends.every((end) => this.heightM[end] >= this.given.setup.heightM - afloatM - hair);
  }

  step(dtS: number): void {
    for (const end of ends) {
      // what its tether holds does not go down
      const by = this.is("tethers", "on") ? Math.max(0, this.moves(end)) : this.moves(end);
      this.heightM[end] = Math.min(this.given.setup.heightM, Math.max(0, this.heightM[end] + by * fallMs * dtS));
    }
    this.floods.step(this.isAfloat && this.is("bung", "out"), dtS);
  }

  heard(heard: Heard): void {
    if (heard.do !== "press") return;
    const { tell } = this.given;
    if (heard.control.endsWith("-up") && this.is("people", "in")) tell.mistake("hoisted-with-people");
    if (heard.control.endsWith("-down") && this.is("tethers", "on")) tell.mistake("lowered-on-tethers");
  }

  works(): Works {
    const { task } = this.given;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        { code: "hung-askew", when: () => Math.abs(this.heightM.bow - this.heightM.stern) > askewM + hair },
        { code: "stood-beneath", when: () => this.isMoving && this.is("beneath", "somebody") },
        { code: "painter-not-fast", when: () => this.isAfloat && this.is("painter", "loose") },
        { code: "afloat-without-bung", when: () => this.floods.isFor(floodsS) },
      ],
      leaving: [
        { code: "not-lashed", when: () => !this.isAfloat && this.is("tethers", "off") },
        { code: "bung-left-in", when: () => !this.isAfloat && this.is("bung", "in") },
      ],
      outputs: () => ({ "heightM:bow": this.heightM.bow, "heightM:stern": this.heightM.stern }),
      goal: () => (task === "tender-down" ? this.isDown : task === "tender-up" && this.isUp),
    };
  }

  private get isDown(): boolean {
    return this.isAfloat && this.is("bung", "in") && this.is("painter", "fast");
  }
  private get isUp(): boolean {
    return this.isHoisted && this.is("bung", "out") && this.is("tethers", "on");
  }
}

export const davits = device<DavitsSetup>({
  name: "davits",
  setup: setupOf<DavitsSetup>({ heightM: figure(1.8, 10), starts: oneWord("hoisted", "afloat") }),
  controls: () => [
    ...ends.flatMap((end) => [button(`${end}-up`), button(`${end}-down`)]),
    ...[choice("tethers", "on", "off"), choice("bung", "out", "in"), choice("painter", "loose", "fast")],
    ...[choice("people", "out", "in"), choice("beneath", "nobody", "somebody")],
  ],
  first: ({ starts }) => (starts === "afloat" ? { tethers: "off", bung: "in", painter: "fast" } : {}),
  outputs: () => ends.map((end) => ({ name: `heightM:${end}`, unit: "m" })),
  faults: [],
  tasks: ["tender-down", "tender-up"],
  mistakes: [
    ...["hung-askew", "hoisted-with-people", "stood-beneath", "painter-not-fast", "afloat-without-bung"],
    ...["bung-left-in", "not-lashed", "lowered-on-tethers"],
  ],
  make: (given) => new Davits(given).works(),
});
