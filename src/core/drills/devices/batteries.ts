import { button, choice, look, number } from "../control";
import { device, type Given, type Heard, type Works } from "../device";
import { hair } from "../panel";
import { figure, setupOf } from "../setup";
import { Lasting, Moment } from "../since";

interface BatteriesSetup {
  starterPercent: number;
  servicePercent: number;
  serviceAh: number;
  parallelSeconds: number;
}

const switches = ["switch:engine", "switch:service", "switch:negative"] as const;
const fireS = 1.5;
const leastPercent = 25;
const flatPercent = 10;
const flatV = 12.2;
const alternatorA = 40;
/** Rest volts of a starter battery by percent of charge, linear between (general practice of the trade). */
const restVolts: readonly (readonly [number, number])[] = [
  [0, 11.89],
  [25, 12.06],
  [50, 12.24],
  [75, 12.45],
  [100, 12.65],
];

/** Volts at rest of a 12 V starter battery, by percent of charge, 0 to 100. */
export function restVoltsOf(percent: number): number {
  const above = Math.max(
    1,
    restVolts.findIndex(([from]) => percent <= from),
  );
  const [low, high] = [restVolts[above - 1], restVolts[above]];
  if (!low || !high) return 0;
  return low[1] + ((percent - low[0]) / (high[0] - low[0])) * (high[1] - low[1]);
}

class Batteries {
  isRunning = false;
  private readonly cranked = new Lasting();
  private readonly fired = new Moment();
  private readonly starterPercent: number;
  private servicePercent: number;

  constructor(private readonly given: Given<BatteriesSetup>) {
    const { setup, faults } = given;
    this.starterPercent = faults.has("starter-flat") ? flatPercent : setup.starterPercent;
    this.servicePercent = setup.servicePercent;
  }

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get isCranking(): boolean {
    const hasPower = this.is("switch:engine", "on") && this.is("switch:negative", "on");
    return !this.isRunning && this.given.panel.isHeld("start") && hasPower;
  }
  private get crankPercent(): number {
    return this.is("parallel", "on") ? Math.max(this.starterPercent, this.servicePercent) : this.starterPercent;
  }
  private get charges(): boolean {
    return this.isRunning && !this.given.faults.has("alternator-dead");
  }

  step(dtS: number): void {
    const { panel, setup } = this.given;
    this.cranked.step(this.isCranking, dtS);
    if (this.cranked.isFor(fireS) && this.crankPercent >= leastPercent - hair) {
      this.isRunning = true;
      this.fired.mark(panel.at);
      this.cranked.step(false, 0);
    }
    const usedA = this.is("switch:service", "on") ? panel.number("load") : 0;
    const netA = usedA - (this.charges ? alternatorA : 0);
    const lostPercent = setup.serviceAh === 0 ? 0 : ((netA * dtS) / 3600 / setup.serviceAh) * 100;
    this.servicePercent = Math.min(100, Math.max(0, this.servicePercent - lostPercent));
  }

  heard(heard: Heard): void {
    const { tell } = this.given;
    if (heard.do === "press" && heard.control === "start" && !this.isRunning)
      if (restVoltsOf(this.starterPercent) < flatV && this.is("parallel", "off")) tell.mistake("started-on-flat");
    if (heard.do === "press" && heard.control === "stop") this.isRunning = false;
    if (heard.do === "set" && heard.to === "off" && this.isRunning && switches.some((name) => name === heard.control))
      tell.mistake("switched-off-running");
  }

  works(): Works {
    const { setup, panel, task } = this.given;
    const isParallel = () => this.is("parallel", "on");
    return {
      step: (dtS) => this.step(dtS),
      heard: (heard) => this.heard(heard),
      conditions: [
        {
          code: "paralleled-and-forgotten",
          when: () => isParallel() && this.isRunning && this.fired.ago(panel.at) >= setup.parallelSeconds - hair,
        },
      ],
      leaving: [{ code: "paralleled-and-forgotten", when: isParallel }],
      outputs: () => ({
        running: this.isRunning,
        "volts:starter": this.charges ? 14.2 : this.isCranking ? this.crankVolts : restVoltsOf(this.starterPercent),
        "percent:service": this.servicePercent,
      }),
      goal: () => task === "start" && this.isRunning && !isParallel(),
    };
  }

  private get crankVolts(): number {
    return this.crankPercent >= leastPercent - hair ? 10.4 : 7.5;
  }
}

export const batteries = device<BatteriesSetup>({
  name: "batteries",
  setup: setupOf<BatteriesSetup>({
    ...{ starterPercent: figure(100, 100), servicePercent: figure(90, 100) },
    ...{ serviceAh: figure(210), parallelSeconds: figure(120) },
  }),
  controls: () => [
    ...switches.map((name) => choice(name, "on", "off")),
    choice("parallel", "off", "on"),
    ...[button("start"), button("stop"), number("load", 0, 200), look("volts")],
  ],
  outputs: () => [
    { name: "running", unit: "" },
    { name: "volts:starter", unit: "V" },
    { name: "percent:service", unit: "%" },
  ],
  faults: ["starter-flat", "alternator-dead"],
  tasks: ["start"],
  mistakes: ["switched-off-running", "paralleled-and-forgotten", "started-on-flat"],
  make: (given) => new Batteries(given).works(),
});
