import { button, choice, look, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, setupOf, yesNo } from "../setup";
import { Lasting, Moment } from "../since";

interface SourcesSetup {
  shoreA: number;
  volts: number;
  generatorW: number;
  inverterW: number;
  interlock: boolean;
  preheatSeconds: number;
  steadySeconds: number;
  coolDownSeconds: number;
  coolingWaterSeconds: number;
}

const feeds = ["feed-shore", "feed-generator", "feed-inverter"] as const;
type Source = "shore" | "generator" | "inverter";
/** More than a source gives, for so long, and it trips. */
const overloadS = 3;
const polarityS = 5;
const dryGraceS = 10;

class Sources {
  private generator: "off" | "heats" | "on" = "off";
  private readonly heating = new Lasting();
  private readonly fired = new Moment();
  private readonly carried = new Moment();
  private hasCarried = false;
  private hasFedShore = false;
  private isThrough = false;
  private readonly wrongPolarity = new Lasting();
  private readonly over: Record<Source, Lasting> = {
    ...{ shore: new Lasting(), generator: new Lasting(), inverter: new Lasting() },
  };

  constructor(private readonly given: Given<SourcesSetup>) {}

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get isQuayLive(): boolean {
    return this.is("pedestal", "on") && !this.given.faults.has("pedestal-dead");
  }
  private get isInletLive(): boolean {
    return this.isQuayLive && this.is("quay-end", "in") && this.is("boat-end", "in");
  }
  private get isPolarityLit(): boolean {
    return this.isInletLive && this.given.faults.has("reverse-polarity");
  }
  private get source(): Source | "none" {
    if (this.is("feed-shore", "on") && this.is("main", "on") && this.isInletLive) return "shore";
    if (this.is("feed-generator", "on") && this.generator === "on") return "generator";
    return this.is("feed-inverter", "on") ? "inverter" : "none";
  }
  private get loadW(): number {
    return this.given.panel.number("load");
  }
  private get hasWater(): boolean {
    const { setup, panel, faults } = this.given;
    return (
      this.generator === "on" &&
      this.is("gen-seacock", "open") &&
      !faults.has("generator-no-water") &&
      this.fired.ago(panel.at) >= setup.coolingWaterSeconds / 2 - hair
    );
  }
  private get limitW(): Record<Source, number> {
    const { shoreA, volts, generatorW, inverterW } = this.given.setup;
    return { shore: shoreA * volts, generator: generatorW, inverter: inverterW };
  }

  step(dtS: number): void {
    const { setup, panel, tell } = this.given;
    this.heating.step(this.generator === "heats", dtS);
    if (this.generator === "heats" && this.heating.seconds >= setup.preheatSeconds - hair) this.fire();
    const { source } = this;
    if (source === "generator" && this.loadW > 0) {
      this.carried.mark(panel.at);
      this.hasCarried = true;
    }
    this.hasFedShore ||= source === "shore";
    this.wrongPolarity.step(this.isPolarityLit && this.is("main", "on"), dtS);
    for (const each of ["shore", "generator", "inverter"] as const) {
      this.over[each].step(source === each && this.loadW > this.limitW[each], dtS);
      if (!this.over[each].isFor(overloadS)) continue;
      if (each === "inverter") tell.mistake("inverter-overloaded");
      tell.event("trips");
      // the breaker that goes first is the nearest to the source
      if (each === "shore") panel.put("pedestal", "off");
      else panel.put(`feed-${each}`, "off");
      this.over[each].step(false, 0);
    }
  }

  private fire(): void {
    this.generator = "on";
    this.fired.mark(this.given.panel.at);
    this.given.tell.event("fires");
  }

  heard(heard: Heard): void {
    const { panel, setup, tell } = this.given;
    if (heard.do === "press" && heard.control === "gen-start" && this.generator === "off") {
      this.generator = "heats";
      if (setup.preheatSeconds === 0) this.fire();
    }
    if (heard.do === "press" && heard.control === "gen-stop" && this.generator !== "off") {
      const isCarrying = this.source === "generator" && this.loadW > 0;
      if (isCarrying || this.carried.ago(panel.at) < setup.coolDownSeconds - hair) tell.mistake("stopped-under-load");
      this.generator = "off";
      this.isThrough ||= this.hasCarried || isCarrying;
    }
    if (heard.do !== "set") return;
    const { control } = heard;
    if (this.is("pedestal", "on") && (control === "quay-end" || (control === "boat-end" && this.is("quay-end", "in"))))
      tell.mistake("plugged-live");
    if (heard.to === "on" && feeds.some((feed) => feed === control)) this.feedOn(control);
  }

  private feedOn(control: string): void {
    const { panel, setup, tell } = this.given;
    if (!feeds.some((feed) => feed !== control && panel.is(feed, "on"))) return;
    tell.mistake("two-sources");
    if (!setup.interlock) return;
    panel.put(control, "off");
    tell.event("blocked");
  }

  works(): Works {
    const { setup, panel, task } = this.given;
    const isRisingUp = () =>
      this.generator === "heats" || (this.generator === "on" && this.fired.ago(panel.at) < setup.steadySeconds - hair);
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        {
          code: "generator-under-load",
          when: () => this.is("feed-generator", "on") && this.loadW > 0 && isRisingUp(),
        },
        { code: "polarity-ignored", when: () => this.wrongPolarity.isFor(polarityS) },
        {
          code: "shore-cord-in-the-water",
          when: () => this.is("cord", "in-water") && this.is("pedestal", "on") && this.is("quay-end", "in"),
        },
        {
          code: "generator-without-water",
          when: () =>
            this.generator === "on" &&
            !this.hasWater &&
            this.fired.ago(panel.at) >= setup.coolingWaterSeconds + dryGraceS - hair,
        },
      ],
      leaving: [],
      outputs: () => ({
        ...{ source: this.source, polarityLamp: this.isPolarityLit, generator: this.generator },
        genWaterLpm: this.hasWater ? 12 : 0,
      }),
      goal: () => (task === "shore" ? this.hasFedShore : task === "generator" && this.isThrough),
    };
  }
}

export const sources = device<SourcesSetup>({
  name: "sources",
  setup: setupOf<SourcesSetup>({
    ...{ shoreA: figure(16), volts: figure(230), generatorW: figure(4000), inverterW: figure(2000) },
    ...{ interlock: yesNo(true), preheatSeconds: figure(10), steadySeconds: figure(20) },
    ...{ coolDownSeconds: figure(180), coolingWaterSeconds: figure(15) },
  }),
  controls: () => [
    ...["pedestal", "main", ...feeds].map((name) => choice(name, "off", "on")),
    ...["boat-end", "quay-end"].map((name) => choice(name, "out", "in")),
    choice("cord", "dry", "in-water"),
    number("load", 0, 10_000),
    ...[button("gen-start"), button("gen-stop"), choice("gen-seacock", "open", "shut")],
    ...[look("gen-exhaust"), look("polarity")],
  ],
  outputs: () => [
    ...["source", "polarityLamp", "generator"].map((name) => ({ name, unit: "" })),
    { name: "genWaterLpm", unit: "l/min" },
  ],
  faults: ["reverse-polarity", "pedestal-dead", "generator-no-water"],
  tasks: ["shore", "generator"],
  mistakes: [
    ...["plugged-live", "two-sources", "generator-under-load", "stopped-under-load", "polarity-ignored"],
    ...["inverter-overloaded", "shore-cord-in-the-water", "generator-without-water"],
  ],
  make: (given) => new Sources(given).works(),
});
