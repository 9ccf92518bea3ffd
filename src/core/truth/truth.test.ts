import { readFileSync } from "node:fs";
import { demoYachtFile } from "../../demo/yacht-file";
import faults from "../../testing/faulty-files/faults.json";
import { resolveYacht } from "../yacht/resolve";
import type { YachtFile } from "../yacht/schema";
import { upgradeYachtFile } from "../yacht/upgrade";
import { amountsIn } from "./amounts";
import { checkTexts } from "./check-texts";
import { withReference } from "./put-reference";
import { questionsOf } from "./questions";

const yachts = ["cold-harbour", "gannet-rock", "little-auk", "pale-heron", "quillback", "two-lanterns"] as const;
const read = (path: string) => JSON.parse(readFileSync(path, "utf8")) as never;
const inFolder = (folder: string, yacht: string): { file: YachtFile; onClass: YachtFile } => {
  const own = read(`${folder}/yachts/${yacht}.json`) as { class: string; patch: Record<string, unknown> };
  const onClass = upgradeYachtFile(read(`${folder}/classes/${own.class}.json`)) as YachtFile;
  return { file: upgradeYachtFile(resolveYacht(onClass, own.patch)) as YachtFile, onClass };
};
const partsOf = ({ findings }: { findings: { path: string }[] }) => findings.map(({ path }) => path);
/** A sound file with something changed in it. */
const changed = (yacht: string, change: (file: YachtFile) => void) => {
  const file = structuredClone(demoYachtFile(yacht));
  change(file);
  return file;
};
const found = (file: YachtFile, before: YachtFile[] = []) =>
  checkTexts(file, before).findings.map(({ code, path, fact }) => [code, path, fact]);

describe("the files that stood before", () => {
  // each was found by reading the files as a practitioner does, before anything was written that looks for them
  it("holds at least 55 of 60 of the faults that reading them found", () => {
    const inQuestion = new Map(
      yachts.map((yacht) => {
        const { file, onClass } = inFolder("src/testing/faulty-files", yacht);
        return [yacht as string, partsOf(checkTexts(file, [onClass]))];
      }),
    );
    const missed = faults.filter(
      ({ yacht, part }) => !inQuestion.get(yacht)?.some((path) => path === part || path.startsWith(`${part}/`)),
    );
    expect(faults.length).toBeGreaterThanOrEqual(60);
    expect(missed.length / faults.length).toBeLessThanOrEqual(5 / 60);
  });
});

describe("the files of today", () => {
  it.each(yachts)("have no text in question: %s", (yacht) => {
    const { file, onClass } = inFolder("demo", yacht);
    expect(found(file, [onClass])).toEqual([]);
    expect(checkTexts(file).texts).toBeGreaterThan(400);
  });

  it.each(["farrant-42", "ondavar-38", "ondavar-41", "ondavar-51", "wren-22"])("nor has the class %s", (slug) => {
    expect(found(read(`demo/classes/${slug}.json`) as YachtFile)).toEqual([]);
  });
});

describe("a text beside a fact", () => {
  it.each<[string, string, (file: YachtFile) => void, unknown[]]>([
    [
      "another number of seconds",
      "quillback",
      (file) =>
        (file.procedures["engine-stop"]!.steps[1]!.words = { en: "Hold stop nine seconds, until she is dead." }),
      ["figure-differs", "/procedures/engine-stop/steps/1/words", "/engines/main/stopHoldSeconds"],
    ],
    [
      "another power of the inverter",
      "gannet-rock",
      (file) => (file.procedures["inverter-use"]!.steps[3]!.words = { en: "It carries 3000 watts." }),
      ["figure-differs", "/procedures/inverter-use/steps/3/words", "/inverters/main/powerW"],
    ],
    [
      "another power of the outboard",
      "quillback",
      (file) => (file.inventory.outboard!.name = { en: "Outboard, 4.4 kW" }),
      ["figure-differs", "/inventory/outboard/name", "/tenders/main/outboard/powerKw"],
    ],
    [
      // 12.2 V is where practice stops a starter bank at rest
      "volts that no rule has",
      "quillback",
      (file) =>
        (file.procedures["engine-will-not-start"]!.steps[2]!.words = {
          en: "Read the starter battery. Below 11.2 V use the parallel switch.",
        }),
      ["figure-differs", "/procedures/engine-will-not-start/steps/2/words", null],
    ],
    [
      "another hold of a button that a procedure works",
      "quillback",
      (file) => (file.fittings["distress-button"]!.how = { en: "Lift, hold nine seconds. Shown, never tried." }),
      ["figure-differs", "/fittings/distress-button/how", "/procedures/distress-call/steps/1/holdSeconds"],
    ],
    [
      "another weight",
      "quillback",
      (file) => (file.inventory["anchor-main"]!.name = { en: "Main anchor, 20 kg" }),
      ["figure-differs", "/inventory/anchor-main/name", "/groundTackle/main/anchorKg"],
    ],
    [
      "another length of chain",
      "two-lanterns",
      (file) => (file.inventory["anchor-chain"]!.name = { en: "Anchor chain, 50 m of 10 mm, marked each 10 m" }),
      ["figure-differs", "/inventory/anchor-chain/name", "/groundTackle/main/chainM"],
    ],
    [
      "a raft for other than its places",
      "pale-heron",
      (file) => (file.inventory["life-raft"]!.name = { en: "Life raft, 6 persons" }),
      ["figure-differs", "/inventory/life-raft/name", "/inventory/life-raft/raftPlaces"],
    ],
    [
      "a raft for too few, where it does not tell its places",
      "pale-heron",
      (file) => {
        delete file.inventory["life-raft"]!.raftPlaces;
        file.inventory["life-raft"]!.name = { en: "Life raft, 6 persons" };
      },
      ["figure-differs", "/inventory/life-raft/name", "/particulars/maximumAboard"],
    ],
    [
      "rafts that together take too few",
      "pale-heron",
      (file) => {
        file.inventory["life-raft"]!.raftPlaces = 6;
        file.inventory["life-raft"]!.name = { en: "Life raft, 6 persons" };
      },
      ["figure-differs", "/inventory/life-raft/name", "/particulars/maximumAboard"],
    ],
    [
      "a test at another place",
      "two-lanterns",
      (file) => (file.tests.windlass!.place = "bow"),
      ["place-differs", "/tests/windlass/name", "/fittings/windlass/place"],
    ],
    [
      "a place named in words",
      "quillback",
      (file) =>
        (file.procedures["emergency-tiller"]!.steps[0]!.words = {
          en: "Fetch the tiller from the starboard lazarette.",
        }),
      ["place-differs", "/procedures/emergency-tiller/steps/0/words", "/procedures/emergency-tiller/steps/0/place"],
    ],
    [
      "the lever the other way",
      "gannet-rock",
      (file) => (file.fittings.throttle!.how = { en: "Upright is neutral." }),
      ["says-other", "/fittings/throttle/how", "/engines/main/neutral"],
    ],
    [
      "a valve that opens the other way",
      "cold-harbour",
      (file) => (file.fittings["tank-valve-aft"]!.opens = "anticlockwise"),
      ["says-other", "/fittings/tank-valve-aft/how", "/fittings/tank-valve-aft/opens"],
    ],
    [
      "a switch whose stands are swapped",
      "quillback",
      (file) => {
        const { stands } = file.fittings["bilge-switch"]!.positions!;
        [stands[0]!.name, stands[2]!.name] = [stands[2]!.name, stands[0]!.name];
      },
      ["says-other", "/fittings/bilge-switch/how", "/fittings/bilge-switch/positions"],
    ],
    [
      "another colour",
      "pale-heron",
      (file) =>
        (file.procedures["fuel-cut-off"]!.steps[1]!.words = {
          en: "Turn the blue lever a quarter, across the pipe. The engine dies within half a minute.",
        }),
      ["says-other", "/procedures/fuel-cut-off/steps/1/words", "/fittings/fuel-shut-off/where"],
    ],
    [
      "another relief of the anchor's load",
      "gannet-rock",
      (file) => (file.procedures["anchor-up"]!.steps[1]!.words = { en: "Snubber off, pin still out." }),
      ["says-other", "/procedures/anchor-up/steps/1/words", "/groundTackle/main/relief"],
    ],
    [
      "a generator that is not aboard",
      "quillback",
      (file) => (file.procedures["shore-power-on"]!.steps[3]!.words = { en: "Generator off, shore breaker on." }),
      ["names-missing", "/procedures/shore-power-on/steps/3/words", null],
    ],
    [
      "a card that is gone",
      "quillback",
      (file) => void delete file.emergencyCards.aground,
      ["needed-missing", "/emergencyCards/aground", null],
    ],
    ["a reef table that is gone", "quillback", (file) => (file.reefs = {}), ["needed-missing", "/reefs", null]],
  ])("is in question: %s", (_what, yacht, change, expected) => {
    expect(found(changed(yacht, change))).toContainEqual(expected);
  });

  it("is in question where a sister has the fitting otherwise and the text is still the class's", () => {
    const { onClass } = inFolder("demo", "quillback");
    const file = changed("quillback", ({ fittings }) => {
      fittings["extinguisher-port"]!.where = { en: "small hatch behind the galley bin" };
    });
    // the fire card says "through the flap in the second step", as the class's fitting has it
    expect(found(file, [onClass])).toContainEqual([
      "class-text",
      "/emergencyCards/fire-below/steps/1",
      "/fittings/extinguisher-port/where",
    ]);
    // and by herself nothing tells it from a text of her own
    expect(found(file).map(([code]) => code)).not.toContain("class-text");
  });

  it("says nothing of what is said about a sister, or of what is not so", () => {
    const file = changed("quillback", ({ oddities }) => {
      oddities.stop = {
        place: "helm",
        system: "engine",
        words: { en: "Hold stop four seconds, not six. On her sister it is nine seconds." },
        fitting: "engine-panel",
      };
    });
    expect(found(file)).toEqual([]);
  });

  it("keeps a file from being published where it is one of safety, and not otherwise", () => {
    const blocks = (path: string, file: YachtFile) =>
      checkTexts(file).findings.find((finding) => finding.path === path)?.blocks;
    const wrong = { en: "Water within 40 seconds." };
    const test = changed("quillback", (file) => (file.tests["engine-start-stop"]!.how = wrong));
    expect(blocks("/tests/engine-start-stop/how", test)).toBe(true);
    const tender = changed("quillback", (file) => (file.inventory.tender!.name = { en: "Tender, 3.4 m, with floor" }));
    expect(blocks("/inventory/tender/name", tender)).toBe(false);
  });
});

describe("contradictions planted at random", () => {
  /** A row of numbers between 0 and 1 that is the same at every run (mulberry32, public domain). */
  const chance = (seed: number) => () => {
    seed = (seed + 0x6d2b79f5) | 0;
    let t = Math.imul(seed ^ (seed >>> 15), 1 | seed);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const pick = <T>(list: readonly T[], next: () => number): T => list[Math.floor(next() * list.length)] as T;
  type Plant = (file: YachtFile, next: () => number) => string | null;
  const otherPlace = (file: YachtFile, place: string, next: () => number) =>
    pick(
      Object.keys(file.places).filter((each) => each !== place),
      next,
    );

  /** Each makes one thing untrue that was true; null where this boat has nothing of the kind. */
  const plants: Record<string, Plant> = {
    "a figure for the fact that stood there": (file, next) => {
      const texts = Object.entries(file.procedures).flatMap(([key, { steps }]) =>
        steps.flatMap((step, i) =>
          /\{(engines|generators)\.[a-z]+\.(stopHold|coolingWater|crank)Seconds\}/.test(step.words.en ?? "")
            ? [{ key, i, step }]
            : [],
        ),
      );
      if (texts.length === 0) return null;
      const { key, i, step } = pick(texts, next);
      step.words = { en: (step.words.en ?? "").replace(/\{[^}]+Seconds\}/, String(20 + Math.floor(next() * 20))) };
      return `/procedures/${key}/steps/${i}`;
    },
    "the sense of a valve": (file, next) => {
      const turned = {
        "in-line": "across",
        across: "in-line",
        clockwise: "anticlockwise",
        anticlockwise: "clockwise",
      } as const;
      const valves = Object.entries(file.fittings).filter(
        ([, { opens, how }]) =>
          opens !== undefined &&
          opens in turned &&
          /(in line|clockwise|across).*(open|shut|on|empt)/i.test(how?.en ?? ""),
      );
      if (valves.length === 0) return null;
      const [key, valve] = pick(valves, next);
      valve.opens = turned[valve.opens as keyof typeof turned];
      return `/fittings/${key}`;
    },
    "the place of a test": (file, next) => {
      const [key, test] = pick(Object.entries(file.tests), next);
      test.place = otherPlace(file, test.place, next);
      return `/tests/${key}`;
    },
    "the place of a reading": (file, next) => {
      const [key, reading] = pick(Object.entries(file.readings), next);
      reading.place = otherPlace(file, reading.place, next);
      return `/readings/${key}`;
    },
    "the side of a place": (file, next) => {
      const places = Object.entries(file.places).filter(
        ([, { side, name }]) => side !== "centre" && (name.en ?? "").toLowerCase().includes(side),
      );
      if (places.length === 0) return null;
      const [key, place] = pick(places, next);
      place.side = place.side === "port" ? "starboard" : "port";
      return `/places/${key}`;
    },
    "a device that she has not": (file, next) => {
      const has = JSON.stringify(file).toLowerCase();
      const absent = [
        "watermaker",
        "stern thruster",
        "generator",
        "davits",
        "escape hatch",
        "freezer",
        "bow thruster",
      ].filter((each) => !has.includes(each.split(" ").at(-1)!));
      if (absent.length === 0) return null;
      const [key, { steps }] = pick(Object.entries(file.procedures), next);
      const i = Math.floor(next() * steps.length);
      steps[i]!.words = { en: `${steps[i]!.words.en} First the ${pick(absent, next)} off.` };
      return `/procedures/${key}/steps/${i}`;
    },
    "the marks of the chain": (file, next) => {
      const marked = Object.values(file.groundTackle).find(({ marks }) => marks.length > 1);
      if (!marked) return null;
      const mark = pick(marked.marks, next);
      file.procedures["anchor-down"]!.steps[0]!.words = { en: `The chain: ${mark.colour.en} is ${mark.atM + 5} m.` };
      return "/procedures/anchor-down/steps/0";
    },
    "what everybody needs": (file, next) => {
      const items = Object.entries(file.inventory).filter(([, { perPerson }]) => perPerson);
      const [key, item] = pick(items, next);
      item.expected = Math.max(0, file.particulars.maximumAboard - 1 - Math.floor(next() * 3));
      return `/inventory/${key}`;
    },
  };

  it("are found nine times in ten, and each kind more often than not", () => {
    const next = chance(20270612);
    const tally: Record<string, { planted: number; found: number }> = {};
    for (const [kind, plant] of Object.entries(plants))
      for (const yacht of yachts)
        for (let turn = 0; turn < 2; turn++) {
          const file = structuredClone(demoYachtFile(yacht));
          const at = plant(file, next);
          if (at === null) continue;
          const count = (tally[kind] ??= { planted: 0, found: 0 });
          count.planted++;
          if (partsOf(checkTexts(file)).some((path) => path === at || path.startsWith(`${at}/`))) count.found++;
        }
    const counts = Object.values(tally);
    const sum = (of: "planted" | "found") => counts.reduce((all, each) => all + each[of], 0);
    expect(sum("planted")).toBeGreaterThan(70);
    expect(sum("found") / sum("planted")).toBeGreaterThanOrEqual(0.9);
    for (const { planted, found: hits } of counts) expect(hits / planted).toBeGreaterThan(0.5);
  }, 240_000);
});

describe("an answer to a question", () => {
  const wrong = (seconds: string) =>
    changed("quillback", (file) => (file.tests["engine-start-stop"]!.how = { en: `Water within ${seconds} seconds.` }));
  const basis = (file: YachtFile) =>
    questionsOf(file, []).find(({ path }) => path === "/tests/engine-start-stop/how")?.basis;

  it("holds for the text and the fact as they stand, and for no other", () => {
    expect(basis(wrong("40"))).toMatch(/^[0-9a-f]{64}$/);
    expect(basis(wrong("40"))).toBe(basis(wrong("40")));
    expect(basis(wrong("40"))).not.toBe(basis(wrong("41")));
    const slower = wrong("40");
    slower.engines.main!.coolingWaterSeconds = 15;
    expect(basis(slower)).not.toBe(basis(wrong("40")));
  });

  it("that a card is not needed holds for one yacht, and not for the fleet", () => {
    const without = (yacht: string) =>
      questionsOf(
        changed(yacht, (file) => void delete file.emergencyCards.aground),
        [],
      ).find(({ path }) => path === "/emergencyCards/aground");
    expect(without("quillback")).toMatchObject({ code: "needed-missing", blocks: true });
    expect(without("quillback")?.basis).toBe(without("quillback")?.basis);
    expect(without("quillback")?.basis).not.toBe(without("cold-harbour")?.basis);
  });

  it("can be the figure out of the file", () => {
    const file = demoYachtFile("quillback");
    expect(withReference(file, "Hold stop four seconds.", "/engines/main/stopHoldSeconds")).toBe(
      "Hold stop {engines.main.stopHoldSeconds} seconds.",
    );
    expect(withReference(file, "Engine at 1400 revs.", "/engines/main/chargingRpm")).toBe(
      "Engine at {engines.main.chargingRpm} revs.",
    );
    expect(withReference(file, "Hold stop until she is dead.", "/engines/main/stopHoldSeconds")).toBeNull();
    expect(withReference(file, "Nine tonnes.", "/particulars/displacementKg")).toBeNull();
    expect(withReference(file, "Upright, ten seconds.", "/engines/main/neutral")).toBeNull();
  });
});

describe("figures in a text", () => {
  it.each([
    ["Hold stop four seconds, then off.", [[4, 4, "s"]]],
    ["15 to 20 strokes, twelve on dry.", [[15, 20, "strokes"]]],
    [
      "60 m of 10 mm chain, 2.75 kg, 80 A.",
      [
        [60, 60, "m"],
        [10, 10, "mm"],
        [2.75, 2.75, "kg"],
        [80, 80, "A"],
      ],
    ],
    [
      "Half an hour, half a minute, a second.",
      [
        [0.5, 0.5, "h"],
        [0.5, 0.5, "min"],
        [1, 1, "s"],
      ],
    ],
    ["A few strokes; a knot in the line; two a side.", []],
    ["Read the volts: they rise above 13.5.", [[13.5, 13.5, "V"]]],
    ["+10, −10, channel 16, position 2.", []],
  ])("are read with their units: %s", (text, expected) => {
    expect(amountsIn(text).map(({ value, to, unit }) => [value, to, unit])).toEqual(
      expect.arrayContaining(expected as never[]),
    );
    expect(amountsIn(text)).toHaveLength(expected.length);
  });
});

describe("a translation", () => {
  const before = changed("quillback", (file) => {
    file.tests["engine-start-stop"]!.how = { en: "Start her.", de: "Motor starten." };
    file.inventory.tender!.name = { en: "Tender", de: "Beiboot" };
  });
  const behind = (change: (file: YachtFile) => void) => {
    const file = structuredClone(before);
    change(file);
    return checkTexts(file, [before]).findings.filter(({ path, fact }) => path === fact);
  };

  it("is in question when its source has changed and it has not; one of safety blocks", () => {
    expect(behind((file) => (file.inventory.tender!.name.en = "Tender, rigid"))).toEqual([
      { path: "/inventory/tender/name", code: "class-text", fact: "/inventory/tender/name", blocks: false },
    ]);
    const [caution] = behind((file) => {
      file.tests["engine-start-stop"]!.how.en = "Start her and look at the water.";
    });
    expect(caution).toMatchObject({ path: "/tests/engine-start-stop/how", blocks: true });
  });

  it("is not when it was written anew with it, when nothing changed, nor where there is none", () => {
    expect(behind(() => undefined)).toEqual([]);
    expect(behind((file) => (file.inventory.tender!.name = { en: "Tender, rigid", de: "Beiboot, fest" }))).toEqual([]);
    expect(behind((file) => (file.inventory.tender!.where = { en: "elsewhere altogether" }))).toEqual([]);
  });
});
