import { mismatch } from "../../formats/validate";
import { demoYacht } from "../../testing/demo-yacht";
import { msPerKn, radPerDeg } from "./frames";
import { handledFrom, leverFor, topSpeedOf } from "./from-file";
import { HandledBoat } from "./schema";
import { simulate } from "./simulate";

const slugs = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"];
const boatOf = (slug: string) => handledFrom(demoYacht(slug))!.boat;

describe("a boat to be handled, out of her file", () => {
  it.each(slugs)("%s has the form, and settles at her own table's speeds within 3 %", (slug) => {
    const file = demoYacht(slug);
    const boat = boatOf(slug);
    expect(mismatch(HandledBoat, boat)).toBeNull();
    const [engine] = Object.values(file.engines);
    for (const { rpm, speedKn } of engine?.burn ?? []) {
      const actions = [{ at: 0, control: "lever", to: leverFor(file, rpm)! }];
      const { u } = simulate({ boat, start: { headingDeg: 0 }, actions, until: 150 }).track.at(-1)!;
      expect(Math.abs(u / msPerKn / speedKn - 1)).toBeLessThan(0.03);
    }
  });

  it.each(slugs)("%s stops, turns and drifts as boats do", (slug) => {
    const boat = boatOf(slug);
    const run = (more: object) =>
      simulate({ boat, start: { headingDeg: 0, speedKn: 2 }, actions: [], until: 60, ...more }).track;
    const stopped = run({ actions: [{ at: 0, control: "lever", to: -1 }] }).find(({ u }) => u <= 0)!;
    expect(stopped.y / boat.lengthM).toBeLessThan(1.2);
    const turning = [
      { at: 0, control: "lever", to: 0.5 },
      { at: 0, control: "wheel", to: 35 },
    ];
    const { u, v, r } = run({ actions: turning }).at(-1)!;
    const radius = Math.hypot(u, v) / (r * radPerDeg) / boat.lengthM;
    expect([radius > 0.5, radius < 4.5]).toEqual([true, true]);
    const drifts = run({ start: { headingDeg: 0 }, wind: { fromDeg: 90, kn: 20 }, until: 200 }).at(-1)!;
    const share = Math.hypot(drifts.u, drifts.v) / (20 * msPerKn);
    expect([share > 0.02, share < 0.22]).toEqual([true, true]);
  });

  it("has her table carried on to her highest revs", () => {
    // 6.2 kn at 2200 and 7 at 2800: 0.8 a 600; 200 more to 3000
    expect(topSpeedOf(demoYacht("pale-heron"))).toBeCloseTo(7 + (0.8 / 600) * 200, 9);
    expect(leverFor(demoYacht("pale-heron"), 2200)).toBeCloseTo(6.2 / 7.2667, 4);
    expect(leverFor(demoYacht("pale-heron"), 3000)).toBeCloseTo(1, 9);
  });

  it("walks as her file tells, to port for the yachts, and asks where it tells nothing", () => {
    expect(boatOf("pale-heron").engines[0]!.walkN).toBeLessThan(0);
    const silent = structuredClone(demoYacht("pale-heron"));
    delete silent.engines.main!.walksTo;
    expect(handledFrom(silent)).toMatchObject({ asked: ["engines.main.walksTo"], boat: { engines: [{ walkN: 0 }] } });
    expect(handledFrom(demoYacht("little-auk"))?.asked).toEqual([]);
  });

  it("takes a pull that was measured, and says what rests on rules", () => {
    const measured = structuredClone(demoYacht("gannet-rock"));
    measured.engines.main!.bollardPullN = { ahead: 6100, astern: 4000 };
    const { boat, byRule } = handledFrom(measured)!;
    expect(boat.engines[0]).toMatchObject({ thrustAheadN: 6100, thrustAsternN: 4000 });
    expect(byRule).toEqual(["windageM2.side", "rudders", "thrustN"]);
    expect(handledFrom(demoYacht("pale-heron"))?.byRule).toContain("thrustAheadN");
  });

  it("has two hulls' worth of engines and rudders for a catamaran, a thruster at each end for who has them", () => {
    const lanterns = boatOf("two-lanterns");
    expect(lanterns.engines.map(({ id, atM }) => [id, Math.sign(atM[1])])).toEqual([
      ["port", -1],
      ["starboard", 1],
    ]);
    expect(lanterns.rudders).toHaveLength(2);
    expect(boatOf("gannet-rock").thrusters?.map(({ id, atM }) => [id, Math.sign(atM)])).toEqual([
      ["bow", 1],
      ["stern", -1],
    ]);
    expect(boatOf("pale-heron").thrusters).toBeUndefined();
  });

  it("does not know motor yachts, nor boats without an engine", () => {
    const heron = demoYacht("pale-heron");
    expect(handledFrom({ ...heron, particulars: { ...heron.particulars, hull: "motor-yacht" } })).toBeNull();
    expect(handledFrom({ ...heron, engines: {} })).toBeNull();
  });
});
