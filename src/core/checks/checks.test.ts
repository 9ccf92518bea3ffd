import { demoYacht } from "../../testing/demo-yacht";
import type { YachtFile } from "../yacht/schema";
import { checkFile } from ".";

const fleet = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"];
/** Pale Heron with something changed, and what the checks then find that they did not before. */
const after = (change: (file: YachtFile) => void) => {
  const file = structuredClone(demoYacht("pale-heron"));
  change(file);
  return checkFile(file, "2027-06-12").map(({ check, level, path, message }) => ({ check, level, path, message }));
};
const only = (change: (file: YachtFile) => void, check: string) =>
  after(change).filter((finding) => finding.check === check);

/** A row of the table of sources with one selector. */
const source = (name: string, fitting: string, at: "left" | "up" | "down"): YachtFile["sources"][string] => ({
  name: { en: name },
  order: 1,
  stands: [{ fitting, at }],
  feeds: { en: "all sockets" },
});

describe("the checks before publishing", () => {
  it.each(fleet)("find nothing in %s", (slug) => expect(checkFile(demoYacht(slug), "2027-06-12")).toEqual([]));

  it.each<[string, string, (file: YachtFile) => void, string, RegExp]>([
    [
      "a fitting that a procedure uses and that is not there",
      "references-hold",
      (file) => delete file.fittings["gas-tap"],
      "/gas/main/tap",
      /"gas-tap", which is not in the file/,
    ],
    [
      "a thing bought on a day that is not",
      "bought-before",
      (file) => (file.inventory.bucket!.boughtOn = "2025-02-31"),
      "/inventory/bucket/boughtOn",
      /no such day as 2025-02-31/,
    ],
    [
      "a thing bought tomorrow",
      "bought-before",
      (file) => (file.inventory.bucket!.boughtOn = "2027-06-13"),
      "/inventory/bucket/boughtOn",
      /2027-06-13 is still to come/,
    ],
    [
      "a name of blanks",
      "texts-written",
      (file) => (file.inventory.bucket!.name = { en: "  " }),
      "/inventory/bucket/name",
      /still to be written/,
    ],
    [
      "a figure that is not there",
      "references-hold",
      (file) => (file.procedures["engine-stop"]!.steps[0]!.words = { en: "Hold {engines.main.wait} seconds." }),
      "/procedures/engine-stop/steps/0/words",
      /\{engines\.main\.wait\}/,
    ],
    [
      "a stop that the rules make wait for itself",
      "walk-possible",
      (file) => file.stops["oil-and-coolant"]!.after.push("windlass"),
      "/stops",
      /cannot be walked: .*“Oil, coolant and belt”/,
    ],
    [
      "a limit that its reading does not know",
      "reading-limits",
      (file) => (file.readings["battery-service"]!.limits = { watchBelowVolts: 12.5 }),
      "/readings/battery-service/limits/watchBelowVolts",
      /there are: watchBelowV, stopBelowV/,
    ],
    [
      "a place nobody can walk to",
      "places-reached",
      (file) => (file.places.attic = { ...file.places.bow!, name: { en: "Attic" }, order: 99 }),
      "/places/attic",
      /nobody can walk to Attic/,
    ],
    [
      "a way that leads only out",
      "places-reached",
      (file) => {
        for (const key of Object.keys(file.ways))
          if (file.ways[key]!.from === "stern" || file.ways[key]!.to === "stern") delete file.ways[key];
        file.ways["stern-helm"] = { from: "stern", to: "helm", seconds: 5, oneWay: true };
      },
      "/places/stern",
      /nobody can walk to/,
    ],
    [
      "a mark beyond the chain",
      "marks-on-chain",
      (file) => file.groundTackle.main!.marks.push({ atM: 60, colour: { en: "black" } }),
      "/groundTackle/main/marks/4",
      /a mark at 60 m, but only 50 m of chain/,
    ],
    [
      "a windlass that would carry the yacht",
      "windlass-relieved",
      (file) => (file.groundTackle.main!.relief = "none"),
      "/groundTackle/main/relief",
      /neither snubber, bridle, chain stop nor belayed rope/,
    ],
    [
      "two tanks on one pump with no change-over",
      "tanks-change-over",
      (file) => delete file.tanks["water-aft"]!.valve,
      "/tanks/water-aft/valve",
      /shares its pump/,
    ],
    [
      "a head that leads nowhere",
      "heads-lead-somewhere",
      (file) => {
        delete file.heads.main!.tank;
        delete file.heads.main!.outlet;
      },
      "/heads/main",
      /neither tank nor outlet/,
    ],
    [
      "gas with one shut-off",
      "gas-shut-twice",
      (file) => delete file.gas.main!.tap,
      "/gas/main/tap",
      /the one below is not named/,
    ],
    [
      "a mainsail without reef table",
      "reef-table",
      (file) => (file.reefs = {}),
      "/reefs",
      /nobody knows when she wants the first reef/,
    ],
    [
      "a reef table that does not rise",
      "reef-table",
      (file) => (file.reefs.second!.fromKn = 12),
      "/reefs/second/fromKn",
      /12 kn does not lie above the 16 kn/,
    ],
    [
      "a safety topic with no procedure",
      "safety-topics-covered",
      (file) => delete file.procedures["life-raft"],
      "/procedures",
      /the life raft: no procedure has the purpose life-raft/,
    ],
    [
      "a safety topic whose procedure does not say what it is for",
      "safety-topics-covered",
      (file) => delete file.procedures["anchor-down"]!.purpose,
      "/procedures",
      /anchoring and the length of chain: no procedure has the purpose anchor-down/,
    ],
    [
      "a reef table that no procedure goes by",
      "purposes-named",
      (file) => delete file.procedures["main-reef"]!.purpose,
      "/procedures",
      /reefing: no procedure has the purpose reefing/,
    ],
    [
      "a pilot's keypad that does not say what it works",
      "purposes-named",
      (file) => delete file.fittings["pilot-control"]!.purpose,
      "/fittings/pilot-control/purpose",
      /does not say what it works or feeds/,
    ],
    [
      "a thruster that no procedure is for",
      "purposes-named",
      (file) => (file.fittings["pilot-control"]!.purpose = "thruster-control"),
      "/procedures",
      /the thruster: no procedure has the purpose thruster/,
    ],
    [
      "a windlass switch that no stop takes up",
      "purposes-named",
      (file) => (file.stops["windlass-switch"]!.system = "dc-power"),
      "/fittings/windlass-switch",
      /the windlass would be tried with its switch off/,
    ],
    [
      "a safety topic that could be left out",
      "safety-topics-covered",
      (file) => (file.procedures["man-overboard"]!.safety = false),
      "/procedures/man-overboard/safety",
      /could leave it out/,
    ],
    [
      "a step that sends people elsewhere than its fitting",
      "steps-at-fitting",
      (file) =>
        (file.fittings["windlass-breaker"]!.place = "cabin-aft") &&
        (file.procedures["windlass-dead"]!.steps[2]!.place = "cabin-fore"),
      "/procedures/windlass-dead/steps/2/place",
      /is at Aft cabin/,
    ],
    [
      "a text that was begun and left",
      "texts-written",
      (file) => (file.fittings["gas-tap"]!.where = { en: "…" }),
      "/fittings/gas-tap/where",
      /still to be written/,
    ],
    [
      "a figure nobody told",
      "facts-told",
      (file) => (file.tanks.fuel!.capacityL = -1),
      "/tanks/fuel/capacityL",
      /Nobody has told/,
    ],
    [
      "a chain mark nobody measured",
      "facts-told",
      (file) => (file.groundTackle.main!.marks[0]!.atM = -1),
      "/groundTackle/main/marks/0/atM",
      /Nobody has told/,
    ],
    [
      "a choice nobody made",
      "facts-told",
      (file) => (file.batteries.service!.chemistry = "…" as "agm"),
      "/batteries/service/chemistry",
      /Nobody has told/,
    ],
    [
      "a day nobody told",
      "facts-told",
      (file) => (file.inventory.bucket!.boughtOn = "0000-00-00"),
      "/inventory/bucket/boughtOn",
      /Nobody has told/,
    ],
    [
      "two lines through one clutch",
      "lines-lead",
      (file) => (file.lines.vang!.clutchNumber = 1),
      "/lines/vang/clutchNumber",
      /cannot run through one clutch/,
    ],
    [
      "a line round a fitting that is no winch",
      "lines-lead",
      (file) => (file.lines["main-halyard"]!.winch = "gas-tap"),
      "/lines/main-halyard/winch",
      /and no winch/,
    ],
    [
      "a reef whose range of wind ends before it begins",
      "lines-lead",
      (file) => (file.reefs.first!.toKn = 12),
      "/reefs/first/toKn",
      /ends at 12 kn/,
    ],
    [
      "a line that no file has",
      "references-hold",
      (file) => (file.reefs.first!.clewLine = "reef-third"),
      "/reefs/first/clewLine",
      /names the line "reef-third"/,
    ],
    [
      "a source that stands as another does",
      "sources-differ",
      (file) => {
        file.sources = {
          one: source("Shore", "navigation-lights-switch", "left"),
          two: source("Generator", "navigation-lights-switch", "left"),
        };
      },
      "/sources/two/stands",
      /stands as Shore \(one\) does/,
    ],
    [
      "a stand that the selector has not",
      "sources-differ",
      (file) => (file.sources = { one: source("Shore", "navigation-lights-switch", "down") }),
      "/sources/one/stands/0/at",
      /has no stand "down"; it has left, middle, right/,
    ],
    [
      "a row of the table that leaves a selector out",
      "sources-differ",
      (file) =>
        (file.sources = {
          one: source("Shore", "navigation-lights-switch", "left"),
          two: source("Generator", "bilge-switch", "up"),
        }),
      "/sources/two/stands",
      /does not say once how/,
    ],
    [
      "two tanks on one gauge of which one has no stand of the switch",
      "gauges-told",
      (file) =>
        (file.tanks["water-fore"]!.gaugeSwitch = { fitting: "bilge-switch", stands: { en: "up" } }) &&
        delete file.tanks["water-aft"]!.gaugeSwitch,
      "/tanks/water-aft/gaugeSwitch",
      /have one gauge/,
    ],
    [
      "a mark on a stick above what the tank holds",
      "gauges-told",
      (file) =>
        Object.assign(file.tanks.waste!, {
          gaugeIn: "marks",
          gaugeMarks: [
            { words: { en: "first joint" }, litres: 10 },
            { words: { en: "second joint" }, litres: 999 },
          ],
        }),
      "/tanks/waste/gaugeMarks/1/litres",
      /999 l do not go into/,
    ],
    [
      "a gauge in marks without its marks",
      "gauges-told",
      (file) => (file.tanks.waste!.gaugeIn = "marks"),
      "/tanks/waste/gaugeMarks",
      /marks belong to a gauge/,
    ],
    [
      "a range that falls",
      "ranges-rise",
      (file) => (file.engines.main!.chargingRpm = { from: 1800, to: 1500 }),
      "/engines/main/chargingRpm",
      /write the smaller figure first/,
    ],
    [
      "a belt of no engine",
      "references-hold",
      (file) => (Object.values(file.readings).find(({ kind }) => kind === "belt")!.of = "galley"),
      "/readings/belt/of",
      /names the engine or generator "galley"/,
    ],
    [
      "a dated thing that is not aboard",
      "references-hold",
      (file) => (Object.values(file.readings).find(({ kind }) => kind === "dated-item")!.of = "no-such-thing"),
      "/readings/flares-date/of",
      /names the fitting, thing of the inventory or equipment/,
    ],
    [
      "procedures that wait for each other",
      "nothing-waits-for-itself",
      (file) => (file.procedures["engine-start"]!.after = ["engine-stop"]),
      "/procedures/engine-start/after",
      /comes after itself/,
    ],
  ])("block %s", (_what, check, change, path, words) => {
    const found = only(change, check);
    expect(found.map((finding) => [finding.level, finding.path])).toContainEqual(["error", path]);
    expect(found.find((finding) => finding.path === path)?.message).toMatch(words);
  });

  it.each<[string, string, (file: YachtFile) => void, string]>([
    [
      "a fitting without photo",
      "fittings-found",
      (file) => delete file.fittings["gas-tap"]!.photo,
      "/fittings/gas-tap/photo",
    ],
    [
      "an engine of which nobody has said how neutral is proved",
      "engine-facts",
      (file) => delete file.engines.main!.neutral,
      "/engines/main/neutral",
    ],
    [
      "an engine that burns, of which nobody has said the seconds of its cooling water",
      "engine-facts",
      (file) => delete file.engines.main!.coolingWaterSeconds,
      "/engines/main/coolingWaterSeconds",
    ],
    [
      "a step that works what is ashore",
      "out-of-use",
      (file) =>
        (file.fittings["windlass-breaker"]!.outOfUse = { how: "ashore", since: "2027-05-01", why: { en: "rewired" } }),
      "/procedures/windlass-dead/steps/2/fitting",
    ],
    [
      "a step too long to be heard",
      "steps-short",
      (file) => (file.procedures["engine-stop"]!.steps[0]!.words = { en: "word ".repeat(26).trim() }),
      "/procedures/engine-stop/steps/0/words",
    ],
    [
      "a thing without a price",
      "things-priced",
      (file) => (file.inventory["anchor-main"]!.replacementMinor = 0),
      "/inventory/anchor-main/replacementMinor",
    ],
    [
      "an outline beyond the hull",
      "places-inside",
      (file) => (file.places.bow!.outline[0] = [0.4, 2.5]),
      "/places/bow/outline",
    ],
  ])("warn of %s", (_what, check, change, path) => {
    expect(only(change, check)).toEqual([expect.objectContaining({ level: "warning", path })]);
  });

  it("put errors before warnings", () => {
    const levels = after((file) => {
      delete file.fittings["shower-drain-switch"]!.photo;
      file.reefs = {};
    }).map((finding) => finding.level);
    expect(levels).toEqual([...levels].sort());
    expect(new Set(levels)).toEqual(new Set(["error", "warning"]));
  });

  it("leave a portable head without tank, and a yacht without windlass without relief", () => {
    expect(
      only(
        (file) => (file.heads.main = { name: { en: "Head" }, place: "head", kind: "portable" }),
        "heads-lead-somewhere",
      ),
    ).toEqual([]);
    expect(
      only(
        (file) => delete file.groundTackle.main!.windlass && (file.groundTackle.main!.relief = "none"),
        "windlass-relieved",
      ),
    ).toEqual([]);
  });
});
