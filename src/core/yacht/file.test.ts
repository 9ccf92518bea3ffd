import { mismatch } from "../../formats/validate";
import { demoYacht } from "../../testing/demo-yacht";
import { fileChanges, same } from "./changes";
import { brokenFigures, figureAt, fillFigures, textsOf } from "./figures";
import { YachtFile } from "./schema";
import { sisterDifferences, traps } from "./sisters";
import { upgradeYachtFile } from "./upgrade";

const heron = demoYacht("pale-heron");

describe("figures by reference", () => {
  it("are written in from the file, so that text and figure never disagree", () => {
    expect(fillFigures("Water within {engines.main.coolingWaterSeconds} seconds.", heron)).toBe(
      "Water within 12 seconds.",
    );
    expect(fillFigures("Water within {engines.main.coolingWaterSeconds} seconds.", demoYacht("gannet-rock"))).toBe(
      "Water within 15 seconds.",
    );
    expect(fillFigures("This is {particulars.name}.", heron)).toBe("This is Pale Heron.");
  });

  it("are written as the language writes numbers", () => {
    const boat = { ...heron, particulars: { ...heron.particulars, displacementKg: 15800, draughtM: 1.95 } };
    expect(fillFigures("{particulars.displacementKg} kg, {particulars.draughtM} m", boat)).toBe("15,800 kg, 1.95 m");
    expect(fillFigures("{particulars.displacementKg} kg, {particulars.draughtM} m", boat, "de")).toBe(
      "15.800 kg, 1,95 m",
    );
    // four digits stand together: revs are no thousands
    expect(fillFigures("{engines.main.chargingRpm} revs", heron)).toBe("1500 revs");
  });

  it("name fittings, things and places by what they are called here", () => {
    expect(fillFigures("[fitting:throttle] first, then the [fitting:engine-panel].", heron)).toBe(
      "Engine lever first, then the engine panel.",
    );
    expect(fillFigures("The [item:emergency-tiller] is in the [place:locker-port].", heron)).toBe(
      "The emergency tiller is in the port lazarette.",
    );
    // a noun keeps its capital in German
    expect(fillFigures("Der [fitting:throttle].", heron, "de")).toBe("Der Engine lever.");
    expect(fillFigures("At the [fitting:gone].", heron)).toBe("At the [fitting:gone].");
    expect(brokenFigures("At the [fitting:gone], the [fitting:throttle].", heron)).toEqual(["fittings.gone.name"]);
  });

  it("write out words and marks too", () => {
    expect(figureAt(heron, "platforms.main.locks")).toBe("both corner locks pushed until they click.");
    expect(figureAt(heron, "groundTackle.main.marks")).toBe("10 m yellow, 20 m red, 30 m blue, 40 m white");
    // the colours that catch a person out: the same red is 20 m on one sister and 10 m on the other
    expect(figureAt(demoYacht("quillback"), "groundTackle.main.marks")).toContain("10 m red");
    expect(figureAt(demoYacht("cold-harbour"), "groundTackle.main.marks")).toContain("20 m red");
  });

  it("stay as they are where they lead nowhere, and are named", () => {
    expect(fillFigures("Hold {engines.other.stop} s", heron)).toBe("Hold {engines.other.stop} s");
    expect(brokenFigures("Hold {engines.other.stop} s, {constructor.name}, {engines.main}", heron)).toEqual([
      "engines.other.stop",
      "constructor.name",
      "engines.main",
    ]);
    expect(textsOf(heron).every(({ text }) => brokenFigures(text, heron).length === 0)).toBe(true);
  });

  it("stand in no text of the fleet as a number that the file has", () => {
    const stop = heron.procedures["engine-stop"]!.steps.map((step) => step.words.en).join(" ");
    expect(stop).toContain("{engines.main.stopHoldSeconds}");
    expect(fillFigures(stop, demoYacht("cold-harbour"))).toContain("Hold stop 6 seconds");
  });
});

describe("changes between revisions", () => {
  it("say part, field, from and to", () => {
    const next = structuredClone(heron);
    next.fittings["gas-tap"]!.where = { en: "left of the stove" };
    next.engines.main!.stopHoldSeconds = 5;
    delete next.inventory.corkscrew;
    next.oddities.creak = { place: "mast", system: "rig-and-sails", words: { en: "It creaks." } };
    expect(fileChanges(heron, next)).toEqual(
      expect.arrayContaining([
        {
          path: "/fittings/gas-tap/where",
          part: "Gas tap",
          field: "where",
          from: heron.fittings["gas-tap"]!.where,
          to: { en: "left of the stove" },
        },
        { path: "/engines/main/stopHoldSeconds", part: "Engine", field: "stopHoldSeconds", from: 4, to: 5 },
        {
          path: "/inventory/corkscrew",
          part: "Corkscrew and tin opener",
          field: null,
          from: heron.inventory.corkscrew,
          to: null,
        },
        { path: "/oddities/creak", part: "It creaks.", field: null, from: null, to: next.oddities.creak },
      ]),
    );
    expect(fileChanges(heron, next)).toHaveLength(4);
  });

  it("name the entry of a list that changed, came or went", () => {
    const next = structuredClone(heron);
    next.procedures["engine-stop"]!.steps[1]!.words = { en: "Otherwise." };
    const { title } = heron.procedures["engine-stop"]!;
    expect(fileChanges(heron, next)).toEqual([
      {
        path: "/procedures/engine-stop/steps/1/words",
        part: title.en,
        field: "steps.2.words",
        from: heron.procedures["engine-stop"]!.steps[1]!.words,
        to: { en: "Otherwise." },
      },
    ]);
    const shorter = structuredClone(heron);
    const [gone] = shorter.groundTackle.main!.marks.splice(0, 1);
    shorter.groundTackle.main!.marks.push({ atM: 45, colour: { en: "green" } }, { atM: 48, colour: { en: "black" } });
    expect(fileChanges(heron, shorter).map(({ field, from, to }) => [field, from, to])).toEqual([
      ["marks.1", gone, null],
      ["marks.4", null, { atM: 45, colour: { en: "green" } }],
      ["marks.5", null, { atM: 48, colour: { en: "black" } }],
    ]);
  });

  it("are none where only the order of keys differs", () => {
    const shuffled = Object.fromEntries(Object.entries(heron).reverse()) as unknown as YachtFile;
    expect(fileChanges(heron, shuffled)).toEqual([]);
    expect([
      same({ a: 1, b: [1] }, { b: [1], a: 1 }),
      same([1, 2], [2, 1]),
      same({ a: 1 }, { a: 1, b: 2 }),
      same(null, {}),
    ]).toEqual([true, false, false, false]);
  });
});

describe("two sisters", () => {
  const [quillback, harbour] = [demoYacht("quillback"), demoYacht("cold-harbour")];

  it("are told apart by what differs alone", () => {
    const paths = sisterDifferences(quillback, harbour).map((change) => change.path);
    expect(paths).toContain("/engines/main/stopHoldSeconds");
    expect(paths).toContain("/groundTackle/main/marks/0/colour");
    expect(paths).not.toContain("/particulars/name");
    expect(paths.some((path) => path.startsWith("/sails"))).toBe(false);
  });

  it("differ in at least eight things that would catch somebody out, found by the program itself", () => {
    const found = traps(quillback, harbour);
    expect(found.length).toBeGreaterThanOrEqual(8);
    expect(found.find((trap) => trap.fitting === "shore-breaker")).toEqual({
      fitting: "shore-breaker",
      name: "Shore power breaker",
      differs: ["place", "where"],
      one: {
        place: "Chart table",
        where: "AC panel, lower left, clear cover",
        how: "Up is on. Test button once a month.",
      },
      other: {
        place: "Port lazarette",
        where: "aft bulkhead, behind the hose",
        how: "Up is on. Test button once a month.",
      },
    });
    expect(found.find((trap) => trap.fitting === "tank-valve-aft")?.differs).toEqual(["opens", "how"]);
    expect(traps(quillback, quillback)).toEqual([]);
  });
});

describe("a file published in the first form", () => {
  const {
    chargers: _1,
    generators: _2,
    inverters: _3,
    shoreCords: _4,
    groundTackle: _5,
    sails: _6,
    reefs: _7,
    heads: _8,
    gas: _9,
    tenders: _10,
    platforms: _11,
    procedures: _12,
    rules: _13,
    stops: _14,
    ...old
  } = heron;
  const first = {
    ...old,
    schema: "brinecove/yacht-file/1",
    engines: {
      main: {
        name: { en: "Engine" },
        place: "engine-space",
        serviceEveryHours: 250,
        lastServiceHours: 0,
        coolingWaterSeconds: 12,
        burnLph: 3.1,
      },
    },
  };

  it("is read in the form of today, with nothing guessed", () => {
    const read = upgradeYachtFile(first) as YachtFile;
    expect(mismatch(YachtFile, { ...read, emergencyCards: {}, oddities: {}, tanks: heron.tanks })).toBeNull();
    expect([read.procedures, read.engines.main?.kind, read.engines.main?.neutral]).toEqual([{}, "diesel", undefined]);
    expect(first.schema).toBe("brinecove/yacht-file/1");
  });

  it("of the second form has written down what the names of its keys were taken for", () => {
    const { "anchor-down": down, ...others } = heron.procedures;
    const second = {
      ...heron,
      schema: "brinecove/yacht-file/2",
      procedures: { ...others, "anchor-down": without(down!, "purpose") },
      fittings: { "windlass-switch": without(heron.fittings["windlass-switch"]!, "purpose") },
      places: { cockpit: without(heron.places.cockpit!, "purpose"), bow: heron.places.bow },
    };
    const read = upgradeYachtFile(second) as YachtFile;
    expect(read.schema).toBe("brinecove/yacht-file/4");
    expect(read.procedures["anchor-down"]?.purpose).toBe("anchor-down");
    expect(read.fittings["windlass-switch"]?.purpose).toBe("windlass-switch");
    expect([read.places.cockpit?.purpose, read.places.bow?.purpose]).toEqual(["signing", undefined]);
  });

  it.each([null, 7, "text", []])("leaves %j to the schema", (no) => expect(upgradeYachtFile(no)).toBe(no));

  it("of today is left alone", () => expect(upgradeYachtFile(heron)).toBe(heron));
});

const without = (part: object, field: string) =>
  Object.fromEntries(Object.entries(part).filter(([name]) => name !== field));
