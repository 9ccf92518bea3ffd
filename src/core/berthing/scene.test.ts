import { Manoeuvre } from "../handling/manoeuvre";
import { catamaran, dayBoat, yacht } from "../../testing/handled-boats";
import { berthBackScene, berthScene } from "./scene";
import type { HerBerth } from "./schema";

const at = (
  change: Partial<HerBerth["lie"]>,
  beside: { offsetM: number; lengthM: number; beamM: number }[],
): HerBerth => ({
  lie: { lies: "stern-to", outDeg: 190, widthM: 9, ...change },
  beside: beside.map((each, index) => ({ ...each, berth: `A${index}`, isKnown: false })),
  depthM: null,
});

describe("her own berth as a scene", () => {
  it.each([
    ["a yacht stern-to", yacht, at({ lazyLines: true }, [{ offsetM: -6, lengthM: 12, beamM: 4 }])],
    [
      "a catamaran alongside",
      catamaran,
      at({ lies: "alongside", widthM: 18 }, [{ offsetM: 20, lengthM: 14, beamM: 5 }]),
    ],
    ["a day boat in a box", dayBoat, at({ lies: "bow-to", widthM: 4, postsM: 8 }, [])],
  ])(
    "%s lies there at rest with her lines fast, touches nothing, and is done only once she is out",
    (_, boat, berth) => {
      const scene = berthScene(berth, 0).set(boat, 0);
      const manoeuvre = new Manoeuvre(scene.input);
      manoeuvre.goTo(30);
      // pulled tight lines settle her a little; nothing is struck
      expect(manoeuvre.events.filter(({ code }) => code === "struck" || code === "line-broken")).toEqual([]);
      const { x, y } = manoeuvre.motion;
      expect(Math.hypot(x - (scene.input.start.x ?? 0), y - (scene.input.start.y ?? 0))).toBeLessThan(0.6);
      expect(scene.isDone(manoeuvre.motion, true)).toBe(false);
      expect(scene.isDone(manoeuvre.motion, false)).toBe(false);
      // 100 m out from the quay, on 190 degrees
      const far = {
        ...manoeuvre.motion,
        x: 100 * Math.sin((190 * Math.PI) / 180),
        y: 100 * Math.cos((190 * Math.PI) / 180),
      };
      expect(scene.isDone(far, false)).toBe(true);
      expect(scene.isDone(far, true)).toBe(false);
    },
  );

  it.each([
    ["stern-to", at({ lazyLines: true }, [{ offsetM: -9, lengthM: 12, beamM: 4 }])],
    ["bow-to", at({ lies: "bow-to" }, [])],
    ["alongside", at({ lies: "alongside", widthM: 18 }, [{ offsetM: 20, lengthM: 14, beamM: 5 }])],
  ])(
    "is come back into, %s: begins clear and not done, and is done where she lay, stopped and straight",
    (_, berth) => {
      const back = berthBackScene(berth, 190).set(yacht, 0);
      const manoeuvre = new Manoeuvre(back.input);
      expect(manoeuvre.events).toEqual([]);
      expect(back.isDone(manoeuvre.motion, false)).toBe(false);
      const { start } = berthScene(berth, 190).set(yacht, 0).input;
      const heading = (start.headingDeg * Math.PI) / 180;
      const lying = {
        ...manoeuvre.motion,
        ...{ x: start.x ?? 0, y: start.y ?? 0, heading, groundU: 0, groundV: 0 },
      };
      expect(back.isDone(lying, false)).toBe(true);
      expect(back.isDone({ ...lying, groundU: 0.5 }, false)).toBe(false);
      expect(back.isDone({ ...lying, heading: heading + 0.4 }, false)).toBe(false);
      expect(back.isDone({ ...lying, x: lying.x + 12 }, false)).toBe(false);
    },
  );

  it("stern-to is come back into by going astern on the wheel alone", () => {
    const berth = at({ widthM: 12 }, []);
    const still = { ...yacht, engines: yacht.engines.map((engine) => ({ ...engine, walkN: 0 })) };
    const back = berthBackScene(berth, 190).set(still, 0);
    const manoeuvre = new Manoeuvre(back.input);
    let doneAt: number | null = null;
    for (let time = 0.5; time < 180 && doneAt === null; time += 0.5) {
      manoeuvre.goTo(time);
      const { x, y, groundU } = manoeuvre.motion;
      // so far her stern is from the quay, which runs through 0 across 190 degrees
      const out = (190 * Math.PI) / 180;
      const left = x * Math.sin(out) + y * Math.cos(out) - yacht.lengthM / 2;
      const wanted = Math.min(1, 0.15 * (left - 1));
      manoeuvre.act({ control: "lever", to: -groundU < wanted ? -0.35 : -groundU > wanted + 0.15 ? 0.4 : 0 });
      if (back.isDone(manoeuvre.motion, false)) doneAt = time;
    }
    expect(doneAt).not.toBeNull();
    expect(manoeuvre.events.filter(({ code }) => code === "struck")).toEqual([]);
  });

  it("is touched along the sides of what lies beside her", () => {
    const berth = at({}, [{ offsetM: -6, lengthM: 12, beamM: 4 }]);
    const scene = berthScene(berth, 100).set(yacht, 30);
    const manoeuvre = new Manoeuvre(scene.input);
    for (const { id } of scene.input.lines ?? []) manoeuvre.act({ control: `line:${id}`, do: "slip" });
    manoeuvre.goTo(60);
    // wind from 100 degrees carries her to the right of who looks out on 190: to 280, away from the neighbour at the left
    expect(manoeuvre.events.some(({ code }) => code === "touch" || code === "struck")).toBe(false);
    const other = berthScene(berth, 280).set(yacht, 30);
    const blown = new Manoeuvre(other.input);
    for (const { id } of other.input.lines ?? []) blown.act({ control: `line:${id}`, do: "slip" });
    blown.goTo(60);
    expect(blown.events.some(({ code }) => code === "touch" || code === "struck")).toBe(true);
  });
});
