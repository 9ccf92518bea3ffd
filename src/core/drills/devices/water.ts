import { Type } from "@sinclair/typebox";
import { choice, look } from "../control";
import { device, type Given, type Works } from "../device";
import { hair } from "../panel";
import { figure, oneWord, setupOf } from "../setup";
import { Lasting } from "../since";

interface Tank {
  id: string;
  capacityL: number;
  litres: number;
}
interface WaterSetup {
  tanks: readonly Tank[];
  overflow: "outside" | "inside";
  drawLpm: number;
  fillLpm: number;
}

const togetherS = 5;
const dryS = 10;
const overflowS = 3;
const notTanks = ["none", "fuel", "waste"];

class Water {
  private readonly litres: Map<string, number>;
  private readonly drawnAlone = new Set<string>();
  private readonly together = new Lasting();
  private readonly dry = new Lasting();
  private readonly over = new Lasting();

  constructor(private readonly given: Given<WaterSetup>) {
    this.litres = new Map(given.setup.tanks.map(({ id, litres }) => [id, litres]));
  }

  private is(name: string, value: string): boolean {
    return this.given.panel.is(name, value);
  }
  private get open(): Tank[] {
    return this.given.setup.tanks.filter(({ id }) => this.is(`valve:${id}`, "open"));
  }
  private get isDrawn(): boolean {
    return this.is("tap", "open") || this.is("shower", "open");
  }
  private get isPumping(): boolean {
    return this.is("pump", "on") && !this.given.faults.has("pump-dead");
  }
  private get wet(): Tank[] {
    return this.open.filter(({ id }) => this.inTank(id) > hair);
  }
  private get flowLpm(): number {
    return this.isPumping && this.isDrawn && this.wet.length > 0 ? this.given.setup.drawLpm : 0;
  }
  private get filled(): Tank | null {
    return this.given.setup.tanks.find(({ id }) => this.is("cap", id)) ?? null;
  }
  private isFull({ id, capacityL }: Tank): boolean {
    return this.inTank(id) >= capacityL - hair;
  }
  private inTank(id: string): number {
    return this.litres.get(id) ?? 0;
  }

  step(dtS: number): void {
    const { setup } = this.given;
    const { wet, open, flowLpm, filled } = this;
    for (const { id } of flowLpm > 0 ? wet : [])
      this.litres.set(id, Math.max(0, this.inTank(id) - ((flowLpm / 60) * dtS) / wet.length));
    const [only] = open;
    if (flowLpm > 0 && only && open.length === 1) this.drawnAlone.add(only.id);
    const fills = filled !== null && this.is("hose", "water");
    this.over.step(fills && setup.overflow === "inside" && this.isFull(filled), dtS);
    if (fills) {
      const full = this.inTank(filled.id) + (setup.fillLpm / 60) * dtS;
      this.litres.set(filled.id, Math.min(filled.capacityL, full));
    }
    this.together.step(this.is("pump", "on") && open.length > 1, dtS);
    this.dry.step(this.is("pump", "on") && this.isDrawn && this.wet.length === 0, dtS);
  }

  works(): Works {
    const { setup, task } = this.given;
    const { tanks } = setup;
    return {
      step: (dtS) => this.step(dtS),
      conditions: [
        { code: "two-tanks-open", when: () => this.together.isFor(togetherS) },
        { code: "pump-ran-dry", when: () => this.dry.isFor(dryS) },
        { code: "diesel-in-the-water-filler", when: () => this.filled !== null && this.is("hose", "diesel") },
        { code: "overflowed-inside", when: () => this.over.isFor(overflowS) },
      ],
      leaving: [{ code: "shower-left-on", when: () => this.is("shower", "open") }],
      outputs: () => ({
        ...Object.fromEntries(tanks.map(({ id }) => [`litres:${id}`, this.inTank(id)])),
        flowLpm: this.flowLpm,
      }),
      goal: () => (task === "fill" ? this.isFilled : task === "change-tank" && this.isChanged),
    };
  }

  private get isFilled(): boolean {
    const areFull = this.given.setup.tanks.every((tank) => this.isFull(tank));
    return areFull && this.is("hose", "off") && this.is("cap", "none");
  }
  private get isChanged(): boolean {
    return this.given.setup.tanks.every(({ id }) => this.drawnAlone.has(id)) && this.open.length === 1;
  }
}

const figureFrom = (minimum: number) => Type.Number({ minimum, maximum: 1_000_000 });

export const water = device<WaterSetup>({
  name: "water",
  setup: setupOf<WaterSetup>({
    tanks: {
      schema: Type.Array(
        Type.Object(
          {
            id: Type.String({ pattern: "^[a-z0-9]+(-[a-z0-9]+)*$", maxLength: 60 }),
            capacityL: figureFrom(0),
            litres: figureFrom(0),
          },
          { additionalProperties: false },
        ),
        { minItems: 1, maxItems: 8 },
      ),
      usual: [
        { id: "fore", capacityL: 160, litres: 160 },
        { id: "aft", capacityL: 120, litres: 120 },
      ],
    },
    ...{ overflow: oneWord("outside", "inside"), drawLpm: figure(8), fillLpm: figure(20) },
  }),
  setupFault: ({ tanks }) => {
    const at = tanks.findIndex(
      ({ id }, index) => notTanks.includes(id) || tanks.findIndex((each) => each.id === id) < index,
    );
    if (at >= 0) return { where: `/setup/tanks/${at}/id`, what: "is the name of another tank or filler" };
    const over = tanks.findIndex(({ litres, capacityL }) => litres > capacityL);
    return over < 0 ? null : { where: `/setup/tanks/${over}/litres`, what: "is more than the tank holds" };
  },
  controls: ({ tanks }) => [
    ...tanks.map(({ id }) => choice(`valve:${id}`, "shut", "open")),
    ...[choice("tap", "shut", "open"), choice("shower", "shut", "open"), choice("pump", "off", "on")],
    choice("cap", "none", ...tanks.map(({ id }) => id), "fuel", "waste"),
    ...[choice("hose", "off", "water", "diesel"), look("gauge")],
  ],
  outputs: ({ tanks }) => [
    ...tanks.map(({ id }) => ({ name: `litres:${id}`, unit: "l" })),
    { name: "flowLpm", unit: "l/min" },
  ],
  faults: ["pump-dead"],
  tasks: ["change-tank", "fill"],
  mistakes: [
    ...["two-tanks-open", "pump-ran-dry", "diesel-in-the-water-filler", "shower-left-on", "overflowed-inside"],
  ],
  make: (given) => new Water(given).works(),
});
