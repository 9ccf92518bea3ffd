import { parseAs } from "@/formats/validate";
import { demoYacht } from "@/testing/demo-yacht";
import { checkFile } from "../checks";
import { lineKinds } from "../handover/lines";
import { usualRules } from "../base/rules";
import { judge } from "../readings";
import { checkTexts } from "../truth/check-texts";
import { figureAt } from "./figures";
import { YachtFile } from "./schema";
import { upgradeYachtFile } from "./upgrade";

const today = "2027-06-12";
const errorsIn = (file: YachtFile) => checkFile(file, today).filter(({ level }) => level === "error");
const inQuestion = (file: YachtFile) => checkTexts(file).findings.map(({ path, code }) => [path, code]);

/** Little Auk with an electric drive on a bank of 48 V, and an anchor whose rope is belayed on a cleat. */
function electric(): YachtFile {
  const file = structuredClone(demoYacht("little-auk"));
  file.batteries.drive = {
    name: { en: "Drive bank" },
    place: "cabin",
    chemistry: "lfp",
    duty: "drive",
    nominalV: 48,
    capacityAh: 100,
    feeds: { en: "the propeller alone" },
  };
  file.engines.main = {
    name: { en: "Electric drive" },
    place: "stern",
    kind: "electric-drive",
    serviceEveryHours: 500,
    lastServiceHours: 0,
    neutral: { en: "the lever stands in the middle and clicks" },
    battery: "drive",
  };
  file.fittings["bow-cleat"] = {
    name: { en: "Bow cleat" },
    system: "anchoring",
    place: "bow",
    kind: "cleat",
    where: { en: "middle of the foredeck" },
  };
  // figures of the engine before it lead nowhere now, and the checks name each text that took them
  file.procedures["engine-start"]!.steps[4]!.words = { en: "Lever ahead a little: she moves." };
  file.procedures["engine-stop"]!.steps[0]!.words = { en: "Lever to the middle, key off." };
  file.groundTackle.main = { ...file.groundTackle.main!, relief: "belayed-rope", reliefAt: "bow-cleat" };
  return parseAs(YachtFile, file);
}

describe("a boat with an electric drive and a belayed rope", () => {
  const file = electric();

  it("is taken, and nobody asks for cooling water, burn or belt", () => {
    expect(errorsIn(file)).toEqual([]);
    const asked = checkFile(file, today).filter(({ check }) => check === "engine-facts");
    expect(asked).toEqual([]);
  });

  it("asks for the bank that the drive runs on, and for nothing that only burns", () => {
    const { battery: _, ...without } = file.engines.main!;
    const asked = checkFile({ ...file, engines: { main: { ...without, burnLph: 2 } } }, today);
    expect(asked.filter(({ check }) => check === "engine-facts").map(({ path }) => path)).toEqual([
      "/engines/main/battery",
      "/engines/main/burnLph",
    ]);
  });

  it("has each text of the outboard before it in question", () => {
    const found = inQuestion(file);
    expect(found.length).toBeGreaterThan(5);
    expect(found).toContainEqual(["/tanks/fuel/name", "says-other"]);
    expect(found).toContainEqual(["/procedures/engine-start/steps/0/words", "says-other"]);
  });

  it.each([
    // four cells of 12 V: lithium is watched at 51.6 V and below, and stopped at 50.0 V and below
    [53, "fine"],
    [51.6, "watch"],
    [50, "stop"],
  ])("judges %d V of its bank by four times the figures of 12 V", (volts, verdict) => {
    expect(
      judge({ reading: "battery-rest", chemistry: "lfp", duty: "drive", nominalV: 48, volts, restHours: 5 } as never)
        .verdict,
    ).toBe(verdict);
  });
});

/** Quillback with one gauge that shows her two water tanks together, read in eighths. */
function oneGauge(): YachtFile {
  const file = structuredClone(demoYacht("quillback"));
  file.tanks["water-fore"]!.gaugeIn = "eighths";
  const reading = Object.entries(file.readings).find(([, { of }]) => of === "water-fore")![0];
  const other = Object.entries(file.readings).find(([, { of }]) => of === "water-aft")![0];
  file.readings[reading]!.with = ["water-aft"];
  delete file.readings[other];
  return parseAs(YachtFile, file);
}

describe("a boat with two water tanks on one gauge", () => {
  const file = oneGauge();
  const input = {
    kind: "check-in" as const,
    yacht: { file },
    stay: { fromDay: "2027-06-12", toDay: "2027-06-19" },
    checkIn: null,
    knownMarks: [],
    viewPhotos: {},
    history: {},
    openedAt: "2027-06-12T12:00:00Z",
    rules: usualRules,
    changed: { happened: [] },
  };
  const water = lineKinds.reading.fromFile(input).filter(({ reading }) => reading === "water");

  it("is taken, and read once for both", () => {
    expect(errorsIn(file)).toEqual([]);
    expect(water).toHaveLength(1);
    // 160 l and 120 l
    expect(water[0]!.given.capacityL).toBe(280);
  });

  it("is tapped in eighths, each with its litres", () => {
    const [field] = lineKinds.reading.fields!(water[0]!);
    const taps = field?.type === "number" ? field.taps : [];
    expect(taps?.map(({ value, words }) => [words.en, value])).toEqual([
      ["0/8", 0],
      ["1/8", 35],
      ["2/8", 70],
      ["3/8", 105],
      ["4/8", 140],
      ["5/8", 175],
      ["6/8", 210],
      ["7/8", 245],
      ["8/8", 280],
    ]);
  });

  it("says how the switch stands where each tank is read by itself", () => {
    const each = structuredClone(demoYacht("quillback"));
    for (const tank of ["water-fore", "water-aft"])
      each.tanks[tank]!.gaugeSwitch = { fitting: "bilge-switch", stands: { en: `Gauge switch at ${tank}` } };
    const said = lineKinds.reading
      .fromFile({ ...input, yacht: { file: each } })
      .flatMap(({ gaugeStands }) => gaugeStands?.en ?? []);
    expect(said).toEqual(["Gauge switch at water-fore", "Gauge switch at water-aft"]);
  });
});

describe("a figure that is a range", () => {
  it("is written with both ends where a text takes it, and fits what lies in it", () => {
    const file = structuredClone(demoYacht("quillback"));
    file.engines.main!.chargingRpm = { from: 1500, to: 1800 };
    expect(figureAt(file, "engines.main.chargingRpm")).toBe("1500–1800");
    expect(inQuestion(file)).toEqual([]);
    file.tests.windlass!.how = { en: "Engine in neutral at 1600 revs, down a metre and up." };
    expect(inQuestion(file)).toEqual([]);
    file.tests.windlass!.how = { en: "Engine in neutral at 2000 revs, down a metre and up." };
    expect(inQuestion(file)).toEqual([["/tests/windlass/how", "figure-differs"]]);
  });
});

describe("a file of the third form", () => {
  it("is read as one of today, with nothing guessed", () => {
    const { lines: _l, sources: _s, equipment: _e, ...before } = demoYacht("pale-heron");
    const read = upgradeYachtFile({ ...before, schema: "brinecove/yacht-file/3" }) as YachtFile;
    expect(read.lines).toEqual({});
    expect(read.sources).toEqual({});
    expect(read.equipment).toEqual({});
    expect(errorsIn(parseAs(YachtFile, read)).map(({ path }) => path)).toEqual([
      "/reefs/first/clewLine",
      "/reefs/second/clewLine",
    ]);
  });
});

describe("lines in texts", () => {
  it.each([
    ["Take the green main halyard to the winch.", "/lines/main-halyard/colour"],
    ["Ease the red furling line.", "/lines/genoa-furling/colour"],
    ["Roll it in, furling line in its clutch.", "/lines/genoa-furling/mark"],
  ])("is in question: %s", (words, fact) => {
    const file = structuredClone(demoYacht("quillback"));
    file.procedures["main-hoist"]!.steps[0]!.words = { en: words };
    expect(checkTexts(file).findings).toContainEqual(
      expect.objectContaining({ path: "/procedures/main-hoist/steps/0/words", code: "says-other", fact }),
    );
  });

  it("are not where the colour or the fleck is hers", () => {
    const file = structuredClone(demoYacht("quillback"));
    file.procedures["main-hoist"]!.steps[0]!.words = {
      en: "Head to wind; the red halyard to the winch, the green furling line made fast.",
    };
    expect(inQuestion(file)).toEqual([]);
  });

  it("name none that she has not", () => {
    const file = structuredClone(demoYacht("gannet-rock"));
    file.procedures["main-hoist"]!.steps[0]!.words = { en: "Topping lift on." };
    expect(inQuestion(file)).toContainEqual(["/procedures/main-hoist/steps/0/words", "says-other"]);
  });
});
