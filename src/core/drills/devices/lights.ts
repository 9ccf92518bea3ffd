import { choice, look } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { oneWord, setupOf, yesNo } from "../setup";
import { Lasting } from "../since";

interface LightsSetup {
  left: "motoring" | "sailing";
  hasTricolour: boolean;
}

const lamps = ["sides", "stern", "masthead", "tricolour", "all-round"] as const;
type Lamp = (typeof lamps)[number];
const from = ["ahead", "port", "starboard", "astern"] as const;
type From = (typeof from)[number];
const doings = ["motoring", "sailing", "anchored"] as const;
type Doing = (typeof doings)[number];

/** What is seen of each lamp from each side (the usual arcs of the collision rules). */
const seenFrom: Readonly<Record<Lamp, Readonly<Record<From, readonly string[]>>>> = {
  sides: { ahead: ["green", "red"], port: ["red"], starboard: ["green"], astern: [] },
  stern: { ahead: [], port: [], starboard: [], astern: ["white"] },
  masthead: { ahead: ["white"], port: ["white"], starboard: ["white"], astern: [] },
  tricolour: { ahead: ["green", "red"], port: ["red"], starboard: ["green"], astern: ["white"] },
  "all-round": { ahead: ["white"], port: ["white"], starboard: ["white"], astern: ["white"] },
};
/** Lamps that each asks for; one of several sets. */
const asked: Readonly<Record<Doing, readonly (readonly Lamp[])[]>> = {
  motoring: [["sides", "stern", "masthead"]],
  sailing: [["sides", "stern"], ["tricolour"]],
  anchored: [["all-round"]],
};
const wrongS = 10;
const rightS = 5;

class Lights {
  private readonly wrong = new Lasting();
  private readonly right = new Lasting();
  private readonly shown = new Set<Doing>();
  private hasLooked = true;
  private lit: readonly Lamp[] = [];
  private did = "berthed";

  constructor(private readonly given: Given<LightsSetup>) {}

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get doing(): Doing | null {
    return doings.find((doing) => this.is("doing", doing)) ?? null;
  }
  private isLit(lamp: Lamp): boolean {
    const { setup, panel, faults } = this.given;
    if (!this.is("panel", "on")) return false;
    const way = panel.word("three-way");
    const shows =
      way === "off" ? null : way === "left" ? setup.left : setup.left === "motoring" ? "sailing" : "motoring";
    switch (lamp) {
      case "sides":
        return shows !== null;
      case "stern":
        return shows !== null && !faults.has("stern-lamp-dead");
      case "masthead":
        return shows === "motoring";
      case "tricolour":
        return setup.hasTricolour && this.is("tricolour", "on");
      case "all-round":
        return this.is("anchor-light", "on");
    }
  }
  private get isRight(): boolean {
    const { doing } = this;
    return doing === null || asked[doing].some((set) => lamps.every((lamp) => set.includes(lamp) === this.isLit(lamp)));
  }

  step(dtS: number): void {
    const { doing } = this;
    this.wrong.step(doing !== null && !this.isRight, dtS);
    this.right.step(doing !== null && this.isRight, dtS);
    if (doing !== null && this.right.isFor(rightS)) this.shown.add(doing);
  }

  heard(heard: Heard): void {
    if (heard.do === "look" && heard.control === "outside") this.hasLooked = true;
    const now = lamps.filter((lamp) => this.isLit(lamp));
    if (now.join() !== this.lit.join()) this.hasLooked = false;
    this.lit = now;
    // each doing is shown by itself
    const did = this.given.panel.word("doing");
    if (did !== this.did) this.right.step(false, 0);
    this.did = did;
  }

  works(): Works {
    const { task } = this.given;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        { code: "wrong-lights", when: () => this.wrong.isFor(wrongS) },
        { code: "tricolour-with-deck-lights", when: () => this.isLit("tricolour") && this.isLit("sides") },
      ],
      leaving: [{ code: "not-looked-at-outside", when: () => this.lit.length > 0 && !this.hasLooked }],
      outputs: () => Object.fromEntries(from.map((side) => [`seen:${side}`, this.seen(side)])),
      goal: () => task === "show" && this.shown.size === doings.length,
    };
  }

  private seen(side: From): string[] {
    const colours = lamps.filter((lamp) => this.isLit(lamp)).flatMap((lamp) => seenFrom[lamp][side]);
    return [...new Set(colours)].toSorted();
  }
}

export const lights = device<LightsSetup>({
  name: "lights",
  setup: setupOf<LightsSetup>({ left: oneWord("motoring", "sailing"), hasTricolour: yesNo(false) }),
  controls: () => [
    ...["panel", "anchor-light", "tricolour"].map((name) => choice(name, "off", "on")),
    choice("three-way", "off", "left", "right"),
    choice("doing", "berthed", ...doings),
    look("outside"),
  ],
  outputs: () => from.map((side) => ({ name: `seen:${side}`, unit: "" })),
  faults: ["stern-lamp-dead"],
  tasks: ["show"],
  mistakes: ["wrong-lights", "tricolour-with-deck-lights", "not-looked-at-outside"],
  make: (given) => new Lights(given).works(),
});
