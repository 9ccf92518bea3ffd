import { yacht } from "../../testing/handled-boats";
import { Manoeuvre } from "./manoeuvre";
import { pivotM } from "./pivot";

describe("the point she turns about", () => {
  it("is where her turning undoes her sliding: to starboard at 0.1 m/s, clockwise at 0.05 rad/s, two metres abaft", () => {
    expect(pivotM({ r: 0.05, groundV: 0.1 }, 11.6)).toBeCloseTo(-2, 9);
    expect(pivotM({ r: -0.05, groundV: 0.1 }, 11.6)).toBeCloseTo(2, 9);
  });

  it("is none where she hardly turns, or slides as a whole", () => {
    expect(pivotM({ r: 0.001, groundV: 0.2 }, 11.6)).toBeNull();
    expect(pivotM({ r: 0.02, groundV: 1 }, 11.6)).toBeNull();
  });

  it("lies behind midships under a bow thruster at rest, and ahead of it when she turns going ahead", () => {
    const still = new Manoeuvre({ boat: yacht, start: { headingDeg: 0 } });
    still.act({ control: "thruster:bow", to: 1 });
    still.goTo(4);
    expect(pivotM(still.motion, yacht.lengthM)).toBeLessThan(0);
    const under = new Manoeuvre({ boat: yacht, start: { headingDeg: 0, speedKn: 3 } });
    under.act({ control: "lever", to: 0.5 });
    under.act({ control: "wheel", to: 25 });
    under.goTo(15);
    expect(pivotM(under.motion, yacht.lengthM)).toBeGreaterThan(0);
  });
});
