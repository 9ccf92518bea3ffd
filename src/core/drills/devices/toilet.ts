import { button, choice, look } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, setupOf } from "../setup";

interface ToiletSetup {
  tankL: number;
  startL: number;
}

const useL = 1;
const strokeL = 0.3;

/** A portable toilet: a bowl upon a tank that is carried ashore. */
class Toilet {
  private levelL: number;
  private isUsed = false;
  private isFlushed = false;
  private isEmptied = false;

  constructor(private readonly given: Given<ToiletSetup>) {
    this.levelL = Math.min(given.setup.startL, given.setup.tankL);
  }

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }

  heard(heard: Heard): void {
    const { tell } = this.given;
    if (heard.do === "press" && heard.control === "use") this.use();
    if (heard.do === "press" && heard.control === "stroke") {
      this.fill(strokeL);
      this.isFlushed ||= this.isUsed && this.is("slide", "open");
    }
    if (heard.do !== "set") return;
    if (heard.control === "latch" && heard.to === "loose" && this.is("slide", "open")) tell.mistake("slide-left-open");
    if (heard.control === "emptied" && heard.to !== "nowhere") this.empty(heard.to === "sea");
  }

  private use(): void {
    const { tell } = this.given;
    if (this.is("fluid", "none")) tell.mistake("no-fluid");
    if (this.is("slide", "shut")) tell.mistake("slide-shut");
    this.isUsed = true;
    this.fill(useL);
  }
  private fill(litres: number): void {
    const { setup, tell } = this.given;
    if (this.levelL + litres > setup.tankL + hair) tell.mistake("overfilled");
    this.levelL = Math.min(setup.tankL, this.levelL + litres);
  }
  private empty(isOverboard: boolean): void {
    const { tell, panel } = this.given;
    if (isOverboard) tell.mistake("emptied-overboard");
    if (this.is("latch", "fast")) return;
    this.levelL = 0;
    this.isEmptied ||= !isOverboard;
    // what was in it goes with it
    panel.put("fluid", "none");
  }

  works(): Works {
    const { task } = this.given;
    return {
      step: () => undefined,
      heard: (heard) => this.heard(heard),
      conditions: [],
      leaving: [
        { code: "slide-left-open", when: () => this.is("slide", "open") },
        { code: "not-latched", when: () => this.is("latch", "loose") },
      ],
      outputs: () => ({ levelL: this.levelL }),
      goal: () =>
        task === "use-it" ? this.isFlushed && this.is("slide", "shut") : task === "empty-it" && this.isReady,
    };
  }

  private get isReady(): boolean {
    return this.isEmptied && this.is("latch", "fast") && this.is("fluid", "in") && this.is("slide", "shut");
  }
}

export const toilet = device<ToiletSetup>({
  name: "toilet",
  setup: setupOf<ToiletSetup>({ tankL: figure(20, 200), startL: figure(5, 200) }),
  controls: () => [
    ...[choice("fluid", "none", "in"), choice("slide", "shut", "open"), button("use"), button("stroke")],
    ...[choice("latch", "fast", "loose"), choice("emptied", "nowhere", "station", "sea"), look("level")],
  ],
  outputs: () => [{ name: "levelL", unit: "l" }],
  faults: [],
  tasks: ["use-it", "empty-it"],
  mistakes: ["no-fluid", "slide-shut", "slide-left-open", "overfilled", "emptied-overboard", "not-latched"],
  make: (given) => new Toilet(given).works(),
});
