import { choice, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { figure, oneWord, setupOf, yesNo } from "../setup";
import { hair } from "../panel";
import { Lasting } from "../since";

interface SailsSetup {
  main: "slab" | "in-mast";
  areaM2: number;
  windKn: number;
  /** whether something else than a topping lift holds the boom up */
  boomHeld: boolean;
  /** how much of the hoist is left with the reef in */
  reefAt: number;
  flogSeconds: number;
}

const msPerKn = 0.5144;
/** Air at 15 °C, kg/m³; a sail that is eased keeps about a seventh of its pull (a rule of thumb). */
const airKgM3 = 1.225;
const easedShare = 0.15;
const heavyN = 500;
const loweredFrom = 0.95;
const near = 0.05;
const mostSlackTurns = 2;
const rolled = 0.97;
/** A main that rolls into the mast is reefed between these shares. */
const rolledReef = [0.25, 0.6] as const;

class Sails {
  private readonly flogs = new Lasting();

  constructor(private readonly given: Given<SailsSetup>) {}

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get isSlab(): boolean {
    return this.given.setup.main === "slab";
  }
  private get hoisted(): number {
    const { panel } = this.given;
    return this.isSlab ? panel.number("halyard") : 1 - panel.number("furl");
  }
  private get isLowered(): boolean {
    return this.isSlab && this.hoisted < loweredFrom - hair;
  }
  /** by the topping lift or what stands in for it, or again by the sail once its reef is made */
  private get isBoomHeld(): boolean {
    const isReefMade = this.is("tack", "hooked") && this.is("clew", "hauled");
    return this.given.setup.boomHeld || this.is("topping-lift", "set") || isReefMade;
  }
  /** pull of the mainsail on its lines, N */
  private get loadN(): number {
    const { areaM2, windKn } = this.given.setup;
    const pressure = 0.5 * airKgM3 * (windKn * msPerKn) ** 2;
    return pressure * areaM2 * this.hoisted * (this.is("sheet", "eased") ? easedShare : 1);
  }

  step(dtS: number): void {
    this.flogs.step(this.is("sheet", "eased") && this.hoisted > 1 - rolled, dtS);
  }

  heard(heard: Heard): void {
    if (heard.do !== "set") return;
    const { panel, tell } = this.given;
    const { control, from, to } = heard;
    const isHauledIn = Number(to) > Number(from);
    if (control === "clutch" && to === "open" && this.is("winch", "off") && this.loadN > heavyN)
      tell.mistake("clutch-opened-under-load");
    if (control === "halyard" && this.is("clutch", "shut") && !isHauledIn) {
      // what its clutch holds does not come down
      panel.put("halyard", from);
      tell.event("held-by-clutch");
    }
    if (control === "furl" && isHauledIn) this.roll("outhaul");
    if (control === "jib-furl" && isHauledIn) this.roll("jib-sheet");
    if (control === "jib-sheet" && to === "hauled" && from === "let-go" && panel.number("turns") > mostSlackTurns)
      tell.mistake("riding-turn");
  }

  /** A sail that is rolled wants a line that gives, but not freely. */
  private roll(line: string): void {
    if (this.is(line, "let-go")) this.given.tell.mistake("furled-loose");
    if (this.is(line, "hauled")) this.given.tell.mistake("furled-against-load");
  }

  works(): Works {
    const { setup, task } = this.given;
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        { code: "boom-dropped", when: () => this.isLowered && !this.isBoomHeld },
        {
          code: "ties-take-load",
          when: () =>
            this.isLowered && this.is("ties", "tied") && this.is("clew", "slack") && this.is("sheet", "hauled"),
        },
        { code: "sail-flogged", when: () => this.flogs.isFor(setup.flogSeconds) },
      ],
      leaving: [],
      outputs: () => ({ hoisted: this.hoisted, rolled: this.given.panel.number("jib-furl"), loadN: this.loadN }),
      goal: () => (task === "reef" ? this.isReefed : task === "roll-headsail" && this.isRolled),
    };
  }

  private get isReefed(): boolean {
    const { setup } = this.given;
    if (!this.is("sheet", "hauled")) return false;
    const furl = this.given.panel.number("furl");
    if (!this.isSlab) return this.is("outhaul", "hauled") && furl >= rolledReef[0] && furl <= rolledReef[1];
    const isIn = this.is("tack", "hooked") && this.is("clew", "hauled") && this.is("clutch", "shut");
    const isHoisted = Math.abs(this.hoisted - setup.reefAt) <= near + hair;
    return isIn && isHoisted && (setup.boomHeld || this.is("topping-lift", "loose"));
  }
  private get isRolled(): boolean {
    return this.given.panel.number("jib-furl") >= rolled && !this.is("jib-sheet", "let-go");
  }
}

export const sails = device<SailsSetup>({
  name: "sails",
  setup: setupOf<SailsSetup>({
    ...{ main: oneWord("slab", "in-mast"), areaM2: figure(35), windKn: figure(18, 80), boomHeld: yesNo(false) },
    ...{ reefAt: figure(0.75, 1), flogSeconds: figure(60) },
  }),
  controls: () => [
    ...[choice("sheet", "hauled", "eased"), choice("topping-lift", "loose", "set"), choice("winch", "off", "on")],
    ...[choice("clutch", "shut", "open"), number("halyard", 0, 1, 1), choice("tack", "free", "hooked")],
    ...[choice("clew", "slack", "hauled"), choice("ties", "none", "tied")],
    ...[choice("outhaul", "hauled", "eased", "let-go"), number("furl", 0, 1)],
    ...[choice("jib-sheet", "hauled", "eased", "let-go"), number("turns", 1, 4, 1), number("jib-furl", 0, 1)],
  ],
  outputs: () => [
    { name: "hoisted", unit: "" },
    { name: "rolled", unit: "" },
    { name: "loadN", unit: "N" },
  ],
  faults: [],
  tasks: ["reef", "roll-headsail"],
  mistakes: [
    ...["boom-dropped", "clutch-opened-under-load", "ties-take-load", "sail-flogged", "riding-turn", "furled-loose"],
    "furled-against-load",
  ],
  make: (given) => new Sails(given).works(),
});
