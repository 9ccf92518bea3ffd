import { Manoeuvre } from "../handling/manoeuvre";
import { catamaran, dayBoat, yacht } from "../../testing/handled-boats";
import { berthScene } from "./scene";
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
