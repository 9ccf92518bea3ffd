import { readFileSync } from "node:fs";
import { Area } from "../area/area";
import { parseAs } from "@/formats/validate";
import { demoYacht } from "@/testing/demo-yacht";
import { route } from "../planners/route/route";
import { burnTable } from "./fuel";
import { reefAnswer, reefHours, reefKnown, reefTable } from "./reef";
import { approachOf, isDark, leaveBy, routeBack, sunOf, underKeelAt } from "./way-back";
import { offM, silentS, watchRadiusM, watchStands, withFix, type Fix, type Watch } from "./watch";

const area = parseAs(Area, JSON.parse(readFileSync("demo/area.geojson", "utf8")));
const withyHole = [-30.14552, 42.34033];
const heron = demoYacht("pale-heron");

describe("the way back", () => {
  it("ends at the harbour of the base, round land and hazards", () => {
    expect(approachOf(area)).toEqual({ position: [-30.09617, 42.28033], depthM: 3.2 });
    const found = route(routeBack(area, withyHole, 0.2));
    // straight across Great Sallow it is 4.2 nm: 60 · 0.06 north and 60 · cos 42.31° · 0.04935 east
    expect(Math.hypot(60 * 0.06, 60 * Math.cos(0.7385) * 0.04935)).toBeCloseTo(4.215, 2);
    expect(found.distanceNm!).toBeGreaterThan(4.3);
    expect(found.distanceNm!).toBeLessThan(9);
  });

  const of = {
    route: { distanceNm: 12.4, legs: [] },
    burn: burnTable(heron),
    currentKn: 0,
    backAt: "2027-06-19T09:00:00.000Z",
    now: "2027-06-19T05:00:00.000Z",
    fuelMinutes: 30,
    spareMinutes: 30,
    usableL: 5,
    at: withyHole,
  };

  it("is left by so early at each of her speeds", () => {
    const [slow, fast] = leaveBy(of);
    // 12.4 nm at 4.6 and at 6.2 kn, and an hour before nine
    expect(slow).toMatchObject({
      rpm: 1500,
      leaveAt: new Date(Date.parse("2027-06-19T08:00:00Z") - (12.4 / 4.6) * 3.6e6).toISOString(),
    });
    expect(fast).toMatchObject({ rpm: 2200, leaveAt: "2027-06-19T06:00:00.000Z", litres: expect.closeTo(6.2, 9) });
    expect([slow?.isFuelEnough, fast?.isFuelEnough]).toEqual([true, false]);
    expect([slow?.isPast, fast?.isPast]).toEqual([false, false]);
    expect(leaveBy({ ...of, now: "2027-06-19T07:00:00.000Z" }).map(({ isPast }) => isPast)).toEqual([true, true]);
    expect(leaveBy({ ...of, currentKn: -5 }).map(({ rpm }) => rpm)).toEqual([2200]);
    expect(leaveBy({ ...of, route: { distanceNm: null, legs: [] } })).toEqual([]);
    expect(leaveBy({ ...of, usableL: null })[0]?.isFuelEnough).toBeNull();
  });

  it("knows the sun: at 42.3° north in June it is up for fifteen hours and a quarter", () => {
    const sun = sunOf("2027-06-19T12:00:00.000Z", withyHole)!;
    const hours = (Date.parse(sun.set) - Date.parse(sun.rise)) / 3.6e6;
    // day length by 2/15 · acos(−tan φ · tan δ) with δ = 23.44°, 15.1 h, and some minutes of refraction
    expect(hours).toBeGreaterThan(15.1);
    expect(hours).toBeLessThan(15.4);
    // noon by the sun: 30.15° west are two hours and a minute after twelve, with a minute and a half of the equation of time
    expect((Date.parse(sun.rise) + Date.parse(sun.set)) / 2).toBeCloseTo(Date.parse("2027-06-19T14:02:00Z"), -6);
    expect(isDark("2027-06-19T04:00:00.000Z", withyHole)).toBe(true);
    expect(isDark("2027-06-19T14:00:00.000Z", withyHole)).toBe(false);
  });

  it("adds the tide to the depth at the harbour, and says nothing where the feed ends", () => {
    const turns = [
      { at: "2027-06-19T06:00:00.000Z", heightM: 0.4 },
      { at: "2027-06-19T12:00:00.000Z", heightM: 2.4 },
    ];
    const outlook = { at: turns[0]!.at, wind: null, tide: { from: "x", turns } };
    // half-way the tide stands at 1.4 m: 3.2 + 1.4 − 1.95
    expect(underKeelAt(3.2, 1.95, outlook, "2027-06-19T09:00:00.000Z")).toBeCloseTo(2.65, 9);
    expect(underKeelAt(3.2, 1.95, outlook, "2027-06-19T13:00:00.000Z")).toBeNull();
    expect(underKeelAt(null, 1.95, outlook, "2027-06-19T09:00:00.000Z")).toBeNull();
    expect(underKeelAt(3.2, 1.95, null, "2027-06-19T09:00:00.000Z")).toBeNull();
  });
});

describe("when to reef", () => {
  const now = "2027-06-12T10:12:00.000Z";
  const hours = [8, 14, 18, 24].map((windKn, hour) => ({
    ...{ windKn, gustKn: windKn * 1.25, fromDeg: 200 },
    at: `2027-06-12T1${hour}:00:00.000Z`,
  }));
  const outlook = { at: now, wind: { from: "x", hours }, tide: null };

  it("goes by her own rows, and by the forecast of this hour", () => {
    expect(reefTable(heron)).toEqual([
      { id: "first", fromKn: 16 },
      { id: "second", fromKn: 22 },
      { id: "bare", fromKn: 30 },
    ]);
    const known = reefKnown(heron, outlook, now);
    expect(known.trueKn?.value).toBe(8);
    const answer = reefAnswer(heron, known, "none");
    if (!("answer" in answer)) throw new Error("no answer");
    expect([answer.input.basis, answer.isBasisTold, answer.answer.set]).toEqual(["true", true, null]);
    // 0.8 · 1.25 is one: the mean counts; 18 is above 16, 24 above 22
    expect(reefHours(outlook, answer.input, now, 24).map(({ set }) => set)).toEqual([null, null, "first", "second"]);
  });

  it("takes the stronger wind where the file does not say which", () => {
    const gannet = demoYacht("gannet-rock");
    const at = (trueAngleDeg: number) => {
      const known = {
        ...reefKnown(gannet, outlook, now),
        trueAngleDeg: { value: trueAngleDeg, source: { from: "usual" as const } },
      };
      const answer = reefAnswer(gannet, known, "none");
      return "answer" in answer ? [answer.input.basis, answer.isBasisTold] : null;
    };
    expect([at(45), at(160)]).toEqual([
      ["apparent", false],
      ["true", false],
    ]);
  });

  it("asks for the wind where no forecast is, and says where there is no table", () => {
    expect(reefAnswer(heron, reefKnown(heron, null, now), "none")).toEqual({ missing: ["trueKn"] });
    expect(reefAnswer({ ...heron, reefs: {} }, reefKnown(heron, outlook, now), "none")).toEqual({ fault: "no-table" });
    // a forecast of yesterday says nothing of this hour
    expect(reefKnown(heron, outlook, "2027-06-13T10:12:00.000Z").trueKn).toBeNull();
  });
});

describe("the anchor watch", () => {
  const begin: Watch = { anchor: [-30.1, 42.3], radiusM: 45, fixes: [], events: [] };
  const startMs = Date.parse("2027-06-12T22:00:00Z");
  const mPerLat = 1852 * 60;
  /** a position so many metres off by a bearing, so many seconds after the watch began */
  const fix = (seconds: number, metres: number, deg: number, accuracyM = 6): Fix => ({
    at: new Date(startMs + seconds * 1000).toISOString(),
    lat: 42.3 + (metres * Math.cos((deg * Math.PI) / 180)) / mPerLat,
    lon: -30.1 + (metres * Math.sin((deg * Math.PI) / 180)) / (mPerLat * Math.cos((42.3 * Math.PI) / 180)),
    accuracyM,
  });
  const play = (fixes: Fix[]) => {
    let watch = begin;
    const alarms: number[] = [];
    for (const each of fixes) {
      watch = withFix(watch, each);
      if (watchStands(watch, each.at).alarm) alarms.push((Date.parse(each.at) - startMs) / 1000);
    }
    return { watch, alarms };
  };

  it("measures metres from the anchor", () => expect(offM(begin, fix(0, 37, 130))).toBeCloseTo(37, 0));

  it("is silent through a night in which she swings with the wind, with positions that jump", () => {
    // eight hours, a position every twenty seconds; the wind goes round once, each position is off by up to 9 m
    const night = Array.from({ length: 1440 }, (_, at) =>
      fix(at * 20, 36 + 9 * Math.sin(at * 2.399), (360 * at) / 1440 + 20 * Math.sin(at / 40)),
    );
    const { watch, alarms } = play(night);
    expect(alarms).toEqual([]);
    expect(watch.events).toEqual([]);
    expect(watch.fixes.length).toBeLessThanOrEqual(400);
  });

  it("wakes people within a minute when she drags at half a knot", () => {
    // 0.257 m/s from 38 m off: over 45 m after 27 s, surely over it after 51 s
    const { alarms } = play(Array.from({ length: 30 }, (_, at) => fix(at * 10, 38 + 0.257 * at * 10, 200)));
    expect(alarms[0]).toBeGreaterThan(27);
    expect(alarms[0]).toBeLessThanOrEqual(90);
  });

  it("takes one wild position for what it is", () => {
    const { watch, alarms } = play([fix(0, 30, 90), fix(20, 400, 10), fix(40, 31, 91)]);
    expect(alarms).toEqual([]);
    expect(watchStands(watch, watch.fixes.at(-1)!.at).state).toBe("inside");
  });

  it("says that it cannot watch by positions coarser than the circle", () => {
    const { watch } = play([fix(0, 20, 90, 80)]);
    expect(watchStands(watch, watch.fixes[0]!.at)).toMatchObject({ state: "coarse", alarm: false });
  });

  it("says when positions stop, and wakes people after three minutes", () => {
    const { watch } = play([fix(0, 20, 90)]);
    const at = (seconds: number) => watchStands(watch, new Date(startMs + seconds * 1000).toISOString());
    expect(at(30).state).toBe("inside");
    expect(at(silentS.told + 1)).toMatchObject({ state: "silent", alarm: false });
    expect(at(silentS.alarm + 1)).toMatchObject({ state: "silent", alarm: true });
  });

  it("writes down that the device slept, and goes on", () => {
    const { watch } = play([fix(0, 20, 90), fix(20, 21, 90), fix(3600, 22, 92)]);
    expect(watch.events).toEqual([
      { at: fix(20, 0, 0).at, what: "gap" },
      { at: fix(3600, 0, 0).at, what: "on" },
    ]);
  });

  it("leaves out a position that comes late, and begins without one", () => {
    const { watch } = play([fix(20, 20, 90), fix(10, 300, 90)]);
    expect(watch.fixes).toHaveLength(1);
    expect(watchStands(begin, new Date(startMs).toISOString()).state).toBe("waiting");
    expect(watchRadiusM(37.2)).toBe(48);
  });
});
