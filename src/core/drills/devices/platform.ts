import { button, choice, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, setupOf } from "../setup";

interface PlatformSetup {
  travelSeconds: number;
}

const slowKn = 1;

class Platform {
  /** 0 folded up, 1 down */
  private down = 0;
  private wasDown = false;

  constructor(private readonly given: Given<PlatformSetup>) {}

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get moves(): number {
    const { panel } = this.given;
    if (this.is("lock", "locked")) return 0;
    return (panel.isHeld("down") ? 1 : 0) - (panel.isHeld("up") ? 1 : 0);
  }

  step(dtS: number): void {
    const { travelSeconds } = this.given.setup;
    const by = travelSeconds > 0 ? dtS / travelSeconds : 1;
    this.down = Math.min(1, Math.max(0, this.down + this.moves * by));
    if (this.down >= 1 - hair) this.wasDown = true;
  }

  heard(heard: Heard): void {
    if (heard.do !== "press") return;
    const { tell } = this.given;
    if (this.is("lock", "locked")) tell.mistake("moved-locked");
    if (heard.control === "up" && this.is("ladder", "out")) tell.mistake("ladder-in-the-way");
  }

  works(): Works {
    const { panel, task } = this.given;
    const isUp = () => this.down <= hair;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        { code: "people-on-it", when: () => this.moves !== 0 && this.is("people", "on-it") },
        { code: "hands-near", when: () => this.moves !== 0 && this.is("hands", "near") },
        { code: "under-way-with-it-down", when: () => !isUp() && panel.number("speed") > slowKn + hair },
      ],
      leaving: [{ code: "not-locked", when: () => this.is("lock", "free") }],
      outputs: () => ({ down: this.down }),
      goal: () => task === "bathe" && this.wasDown && isUp() && this.is("lock", "locked") && this.is("ladder", "in"),
    };
  }
}

export const platform = device<PlatformSetup>({
  name: "platform",
  setup: setupOf<PlatformSetup>({ travelSeconds: figure(8, 120) }),
  controls: () => [
    ...[button("down"), button("up"), choice("lock", "locked", "free"), choice("ladder", "in", "out")],
    ...[choice("people", "clear", "on-it"), choice("hands", "clear", "near"), number("speed", 0, 10)],
  ],
  outputs: () => [{ name: "down", unit: "" }],
  faults: [],
  tasks: ["bathe"],
  mistakes: [
    ...["moved-locked", "people-on-it", "hands-near", "under-way-with-it-down", "not-locked", "ladder-in-the-way"],
  ],
  make: (given) => new Platform(given).works(),
});
