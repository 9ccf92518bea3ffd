import { catamaran, dayBoat, yacht } from "../../../testing/handled-boats";
import { checkInput } from "../check-input";
import { Manoeuvre } from "../manoeuvre";
import type { HandledBoat } from "../schema";
import { scenes } from ".";

const boats: [string, HandledBoat][] = [
  ["yacht", yacht],
  ["catamaran", catamaran],
  ["day boat", dayBoat],
];
const named = (name: string) => scenes.find((scene) => scene.name === name)!;
type Deed = Parameters<Manoeuvre["act"]>[0] & { at: number };

/** Plays a scene by deeds in their order. */
function played(name: string, boat: HandledBoat, windKn: number, deeds: Deed[], until: number) {
  const { input, isDone } = named(name).set(boat, windKn);
  const manoeuvre = new Manoeuvre(input);
  const fast = new Set((input.lines ?? []).map(({ id }) => `line:${id}`));
  let doneAt: number | null = null;
  for (let at = 0; at <= until; at += 0.25) {
    manoeuvre.goTo(at);
    for (const deed of deeds.filter((each) => each.at === at)) {
      manoeuvre.act(deed);
      if (deed.do === "slip") fast.delete(deed.control);
    }
    if (doneAt === null && isDone(manoeuvre.motion, fast.size > 0)) doneAt = at;
  }
  return { doneAt, struck: manoeuvre.events.some(({ code }) => code === "struck"), manoeuvre };
}
const set = (at: number, control: string, to: number): Deed => ({ at, control, to });
const slip = (at: number, ...lines: string[]): Deed[] => lines.map((id) => ({ at, control: `line:${id}`, do: "slip" }));

describe.each(boats)("every scene for a %s", (_name, boat) => {
  it.each(scenes.map(({ name }) => name))("%s is sound, begins clear of everything and not done", (name) => {
    const { input, isDone, viewM } = named(name).set(boat, 10);
    expect(() => checkInput({ ...input, actions: [], until: 1 })).not.toThrow();
    const manoeuvre = new Manoeuvre(input);
    expect(manoeuvre.events.filter(({ code }) => code === "touch" || code === "struck")).toEqual([]);
    expect(isDone(manoeuvre.motion, (input.lines ?? []).length > 0)).toBe(false);
    const { x, y } = manoeuvre.motion;
    expect([viewM[0] < x, viewM[1] < y, x < viewM[2], y < viewM[3]]).toEqual([true, true, true, true]);
  });

  it("lies quietly at her lines in fifteen knots, whichever way they blow", () => {
    for (const name of ["wind-off", "wind-on"]) {
      const { manoeuvre, struck } = played(name, boat, 15, [], 60);
      expect(struck).toBe(false);
      expect(Math.hypot(manoeuvre.motion.x, manoeuvre.motion.y)).toBeLessThan(1.5);
    }
  });
});

describe("a scene is done", () => {
  const all = ["bow-line", "stern-line", "fore-spring", "aft-spring"];
  it("by letting the wind take her off, once every line is aboard", () => {
    expect(played("wind-off", yacht, 15, slip(2, ...all), 90).doneAt).toBeGreaterThan(5);
    expect(played("wind-off", yacht, 15, slip(2, ...all.slice(1)), 90).doneAt).toBeNull();
  });
  it("against the wind by springing her stern out, and never by waiting", () => {
    const spring: Deed[] = [
      ...slip(1, "bow-line", "stern-line", "aft-spring"),
      set(2, "wheel", 35),
      set(2, "lever", 0.4),
      set(22, "lever", 0),
      ...slip(24, "fore-spring"),
      set(24, "wheel", 0),
      set(25, "lever", -0.8),
    ];
    const { doneAt, struck } = played("wind-on", yacht, 8, spring, 90);
    expect([doneAt !== null, struck]).toEqual([true, false]);
    expect(played("wind-on", yacht, 15, slip(2, ...all), 90).doneAt).toBeNull();
  });
  it("with the stream from ahead by letting the bow go first: with the wheel over it swings out by itself", () => {
    const bowFirst: Deed[] = [
      ...slip(1, "fore-spring", "aft-spring"),
      ...slip(2, "bow-line"),
      set(2, "wheel", -35),
      ...slip(24, "stern-line"),
      set(24, "wheel", 0),
      set(24, "lever", 0.5),
    ];
    const { doneAt, struck } = played("with-current", yacht, 0, bowFirst, 90);
    expect([doneAt !== null, struck]).toEqual([true, false]);
    // let go without a hand on anything she is set down along the quay and never out
    expect(played("with-current", yacht, 0, slip(1, ...all), 90).doneAt).toBeNull();
  });
  it("at a mooring by stopping with the ball at the bow, and never by running over it", () => {
    const steer: Deed[] = [set(0, "lever", 0.2), set(0, "wheel", -6), set(10, "wheel", 0)];
    // a hand that steers for the ball and stops short of it
    const { input, isDone, ball } = named("mooring").set(yacht, 6);
    expect(ball).toEqual([0, 0]);
    const manoeuvre = new Manoeuvre(input);
    let doneAt: number | null = null;
    for (let at = 0.5; at <= 120 && doneAt === null; at += 0.5) {
      manoeuvre.goTo(at);
      const { x, y, heading, groundU } = manoeuvre.motion;
      const [bowX, bowY] = [x + (Math.sin(heading) * yacht.lengthM) / 2, y + (Math.cos(heading) * yacht.lengthM) / 2];
      const off = Math.atan2(-bowX, -bowY) - heading;
      const wrapped = Math.atan2(Math.sin(off), Math.cos(off));
      const left = Math.hypot(bowX, bowY);
      manoeuvre.act({ control: "wheel", to: Math.max(-35, Math.min(35, (wrapped * 180) / Math.PI)) });
      const wanted = Math.min(1, 0.1 * left);
      const lever = groundU > wanted + 0.05 ? -0.5 : groundU < wanted - 0.1 ? 0.3 : 0;
      manoeuvre.act({ control: "lever", to: lever });
      if (isDone(manoeuvre.motion, false)) doneAt = at;
    }
    expect(doneAt).not.toBeNull();
    expect(played("mooring", yacht, 6, steer, 60).doneAt).toBeNull();
  });
  it("by turning on two engines", () => {
    const spin = [set(0, "lever:starboard", 0.5), set(0, "lever:port", -0.7)];
    const { doneAt, struck } = played("turn-short", catamaran, 0, spin, 60);
    expect([doneAt !== null, struck]).toEqual([true, false]);
    expect(played("turn-short", catamaran, 0, [], 60).doneAt).toBeNull();
  });
});
