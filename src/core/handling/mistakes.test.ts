import { HandlingWatch } from "./mistakes";
import { Manoeuvre } from "./manoeuvre";
import { yacht } from "../../testing/handled-boats";

const motion = (at: number, kn = 0) =>
  ({ at, x: 0, y: 0, heading: 0, u: 0, v: 0, r: 0, groundU: (kn * 1852) / 3600, groundV: 0, sin: 0, cos: 1 }) as const;
const codes = (watch: HandlingWatch) => watch.mistakes.map(({ at, code }) => [at, code]);

describe("how a manoeuvre was done", () => {
  it("tells a gearbox thrown over without a second in neutral, and not one that had it", () => {
    const watch = new HandlingWatch();
    watch.set("lever", 0.5, 1);
    watch.set("lever", 0, 4);
    watch.set("lever", -0.4, 5.2);
    expect(codes(watch)).toEqual([]);
    watch.set("lever", 0, 8);
    watch.set("lever", 0.3, 8.5);
    expect(codes(watch)).toEqual([[8.5, "reversed-at-once"]]);
    // straight through neutral by a drag is the same
    watch.set("lever", -0.2, 9);
    expect(codes(watch)).toHaveLength(2);
    // the other engine is another gearbox
    watch.set("lever:port", 0.4, 9);
    expect(codes(watch)).toHaveLength(2);
  });

  it("tells a thruster reversed within two seconds, one that runs on, and counts bursts and seconds", () => {
    const watch = new HandlingWatch();
    watch.set("thruster:bow", 1, 0);
    for (let at = 0.5; at <= 3; at += 0.5) watch.goOn(motion(at), 0, false);
    watch.set("thruster:bow", 0, 3);
    watch.set("thruster:bow", -1, 4);
    expect(codes(watch)).toEqual([[4, "thruster-reversed-at-once"]]);
    for (let at = 4.5; at <= 14; at += 0.5) watch.goOn(motion(at), 0, false);
    // longer than eight seconds in one go, told once: at 12.5
    expect(codes(watch).slice(1)).toEqual([[12.5, "thruster-too-long"]]);
    expect(watch.bursts).toBe(2);
    // three seconds of the first and ten of the second
    expect(watch.thrusterS).toBeCloseTo(13, 6);
  });

  it("lays a touch to the thruster that pushed just before, and to nobody else", () => {
    const watch = new HandlingWatch();
    watch.goOn(motion(1), 1, false);
    expect(codes(watch)).toEqual([]);
    watch.set("thruster:bow", -1, 2);
    watch.goOn(motion(3), 1, false);
    watch.set("thruster:bow", 0, 3);
    watch.goOn(motion(5), 2, false);
    expect(codes(watch)).toEqual([[5, "stern-swung-in"]]);
    watch.goOn(motion(9), 3, false);
    expect(codes(watch)).toHaveLength(1);
  });

  it("tells a line slipped under load, and one dropped near a propeller that turns", () => {
    const watch = new HandlingWatch();
    watch.slip(1, { tensionN: 100, strengthN: 48_000 }, true);
    expect(codes(watch)).toEqual([]);
    watch.slip(2, { tensionN: 9000, strengthN: 48_000 }, false);
    watch.set("lever", 0.3, 3);
    watch.slip(4, { tensionN: 0, strengthN: 48_000 }, true);
    watch.slip(5, { tensionN: 0, strengthN: 48_000 }, false);
    expect(codes(watch)).toEqual([
      [2, "slipped-under-load"],
      [4, "line-near-propeller"],
    ]);
  });

  it("tells a ball that was run over, once each time", () => {
    const watch = new HandlingWatch();
    for (const [at, isUnder] of [
      [1, false],
      [2, true],
      [3, true],
      [4, false],
      [5, true],
    ] as const)
      watch.ball(at, isUnder);
    expect(codes(watch)).toEqual([
      [2, "ran-over-the-ball"],
      [5, "ran-over-the-ball"],
    ]);
  });

  it("tells more than three knots beside others, once each time, and none out in the open", () => {
    const watch = new HandlingWatch();
    watch.goOn(motion(1, 3.5), 0, false);
    watch.goOn(motion(2, 3.5), 0, true);
    watch.goOn(motion(3, 4), 0, true);
    watch.goOn(motion(4, 2), 0, true);
    watch.goOn(motion(5, 3.2), 0, true);
    expect(codes(watch)).toEqual([
      [2, "too-fast-inside"],
      [5, "too-fast-inside"],
    ]);
  });
});

describe("what she does if everything is let go", () => {
  const input = { boat: yacht, start: { headingDeg: 0, speedKn: 0 } };
  it("is where she goes on to without a hand on anything, and changes nothing of her", () => {
    const [one, two] = [new Manoeuvre(input), new Manoeuvre(input)];
    for (const each of [one, two]) {
      each.act({ control: "lever", to: 0.5 });
      each.goTo(12);
    }
    const ghost = one.ifLetGo(6);
    expect(one.row()).toEqual(two.row());
    two.act({ control: "lever", to: 0 });
    two.goTo(18);
    // the propeller of the ghost stands at once, hers runs down in a second: it lies a little short of her
    expect(ghost.y).toBeGreaterThan(one.motion.y + 3);
    expect(two.motion.y - ghost.y).toBeGreaterThanOrEqual(0);
    expect(two.motion.y - ghost.y).toBeLessThan(1.5);
  });

  it("keeps the lines that are fast and leaves those that are off", () => {
    const lines = [
      { id: "stern-line", boatAtM: [-5, 0] as [number, number], shoreAtM: [0, -6] as [number, number], lengthM: 1.2 },
    ];
    const held = new Manoeuvre({ ...input, start: { headingDeg: 0, speedKn: 2 }, lines });
    const free = new Manoeuvre({ ...input, start: { headingDeg: 0, speedKn: 2 }, lines });
    free.act({ control: "line:stern-line", do: "slip" });
    expect(held.ifLetGo(8).y).toBeLessThan(1.5);
    expect(free.ifLetGo(8).y).toBeGreaterThan(4);
    held.goTo(3);
    expect(held.loadOf("stern-line").strengthN).toBe(6 * yacht.displacementKg);
    expect(free.loadOf("stern-line")).toEqual({ tensionN: 0, strengthN: 0 });
  });
});
