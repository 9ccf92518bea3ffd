/** @jest-environment ./src/testing/browser-environment.cjs */
import "@testing-library/jest-dom";
import { fireEvent, render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { fittingKinds } from "@/core/yacht/parts/fittings";
import type { Level, Point } from "@/core/yacht/schema";
import { demoYacht } from "@/testing/demo-yacht";
import { StateDrawing } from "./StateDrawing";
import { FittingSymbol } from "./FittingSymbol";
import { HullIcon } from "./HullIcon";
import { ProfileView } from "./ProfileView";
import { YachtPlan } from "./YachtPlan";

const fleet = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"];
const levels: readonly Level[] = ["deck", "below"];
const heron = demoYacht("pale-heron");
const words = {
  port: "PORT",
  starboard: "STARBOARD",
  title: "Pale Heron from above",
  place: (id: string) => `place ${id}`,
  fitting: (id: string) => `fitting ${id}`,
};
const placesOn = (file: typeof heron, level: Level) =>
  Object.keys(file.places).filter((key) => file.places[key]?.level === level);

/** jsdom lays nothing out: a drawing stands 1:1 in the window, and a point is carried over as it is. */
function shownOneToOne(): void {
  const same = { inverse: () => same };
  Object.defineProperty(SVGElement.prototype, "getScreenCTM", { configurable: true, value: () => same });
  globalThis.DOMPoint = class {
    constructor(
      readonly x: number,
      readonly y: number,
    ) {}
    matrixTransform = () => this;
  } as unknown as typeof DOMPoint;
}

describe("a yacht from above", () => {
  it.each(fleet.flatMap((slug) => levels.map((level) => [slug, level] as const)))(
    "has every place of %s %s as a button by its name, and none of the other level",
    (slug, level) => {
      const file = demoYacht(slug);
      render(<YachtPlan file={file} level={level} words={words} onPick={() => undefined} />);
      const names = screen.queryAllByRole("button").map((button) => button.getAttribute("aria-label"));
      expect(names.sort()).toEqual(
        placesOn(file, level)
          .map((id) => `place ${id}`)
          .sort(),
      );
    },
  );

  it.each(fleet)(
    "draws the hull of %s within her own length and beam, two hulls with the deck between them",
    (slug) => {
      const file = demoYacht(slug);
      const { container } = render(<YachtPlan file={file} level="deck" words={words} />);
      const hulls = [...container.querySelectorAll("path.hull")];
      expect(hulls).toHaveLength(file.particulars.hull === "catamaran" ? 3 : 1);
      for (const hull of hulls) {
        const numbers = (hull.getAttribute("d") ?? "").match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [];
        const across = numbers.filter((_, index) => index % 2 === 0);
        const along = numbers.filter((_, index) => index % 2 === 1);
        // 50 pixels are a metre
        expect(Math.max(...across.map(Math.abs))).toBeLessThanOrEqual((file.particulars.beamM / 2) * 50 + 1);
        expect(Math.min(...along)).toBeGreaterThanOrEqual(-1);
        expect(Math.max(...along)).toBeLessThanOrEqual(file.particulars.lengthM * 50 + 1);
      }
    },
  );

  it("is picked by a tap, by Enter and by the space bar, and by nothing else", async () => {
    const picked: string[] = [];
    render(<YachtPlan file={heron} level="deck" words={words} onPick={(id) => picked.push(id)} />);
    const person = userEvent.setup();
    const bow = screen.getByRole("button", { name: "place bow" });
    await person.click(bow);
    bow.focus();
    await person.keyboard("{Enter}");
    await person.keyboard(" ");
    await person.keyboard("x");
    expect(picked).toEqual(["bow", "bow", "bow"]);
  });

  it("says where one is, and how much is left where something is", () => {
    const [here = "", other = ""] = placesOn(heron, "deck");
    const { container } = render(
      <YachtPlan
        file={heron}
        level="deck"
        words={words}
        current={here}
        next={other}
        left={{ [here]: 7, [other]: 0 }}
        onPick={() => undefined}
      />,
    );
    expect(screen.getByRole("button", { current: "location" })).toHaveAccessibleName(`place ${here}`);
    expect([...container.querySelectorAll("g.badge text")].map((text) => text.textContent)).toEqual(["7"]);
    expect(container.querySelectorAll("path.route")).toHaveLength(1);
    expect(container.querySelectorAll("g.done")).toHaveLength(placesOn(heron, "deck").length === 0 ? 0 : 1);
  });

  it("shows no way to a place on the other level", () => {
    const [here = ""] = placesOn(heron, "deck");
    const [below = ""] = placesOn(heron, "below");
    const { container } = render(
      <YachtPlan file={heron} level="deck" words={words} current={here} next={below} left={{}} />,
    );
    expect(container.querySelectorAll("path.route")).toHaveLength(0);
  });

  it("shows fittings of its level by their names, and the one that is lit", async () => {
    const onDeck = Object.keys(heron.fittings).filter(
      (key) => heron.places[heron.fittings[key]?.place ?? ""]?.level === "deck",
    );
    const chosen: string[] = [];
    const { container } = render(
      <YachtPlan
        file={heron}
        level="deck"
        words={words}
        fittings={Object.keys(heron.fittings)}
        lit={onDeck[0] ?? null}
        onFitting={(key) => chosen.push(key)}
      />,
    );
    const shown = screen.getAllByRole("button").map((button) => button.getAttribute("aria-label"));
    expect(shown.sort()).toEqual(onDeck.map((key) => `fitting ${key}`).sort());
    expect(container.querySelectorAll("g.lit")).toHaveLength(1);
    await userEvent.click(screen.getByRole("button", { name: `fitting ${onDeck[1]}` }));
    expect(chosen).toEqual([onDeck[1]]);
  });

  it("takes the spot under a tap in metres to the centimetre, where a spot is asked for", () => {
    shownOneToOne();
    const spots: Point[] = [];
    render(
      <YachtPlan
        file={heron}
        level="deck"
        words={words}
        onPick={() => undefined}
        onAim={(at) => spots.push(at)}
        aim={[3, 1]}
      />,
    );
    // 50 pixels are a metre: 250 down is 5 m aft, 61 across is 1.22 m to starboard
    fireEvent.click(screen.getByRole("group", { name: words.title }), { clientX: 61, clientY: 250 });
    expect(spots).toEqual([[5, 1.22]]);
    // while a spot is chosen no place takes the tap away
    expect(screen.queryByRole("button")).not.toBeInTheDocument();
  });

  it("shows marks where they are, new ones apart from old ones", () => {
    const { container } = render(
      <YachtPlan
        file={heron}
        level="deck"
        words={words}
        points={[
          { id: "old", at: [2, 0], fresh: false },
          { id: "new", at: [4, 1], fresh: true },
        ]}
      />,
    );
    const d = (selector: string) => container.querySelector(selector)?.getAttribute("d");
    // a diamond of 13 cm about 4 m aft and 1 m to starboard: at 50 pixels a metre 50, 200 and 6.5 each way
    expect(d("path.freshMark")).toBe("M50 193.5L56.5 200L50 206.5L43.5 200Z");
    expect(d("path.mark")).toBe("M0 93.5L6.5 100L0 106.5L-6.5 100Z");
  });
});

describe("a yacht from one side", () => {
  const side = { bow: "bow", stern: "stern", waterline: "waterline", port: "port", starboard: "starboard" };
  const draw = (surface: "bow" | "stern" | "port-side" | "starboard-side", onAim?: (at: Point) => void) =>
    render(
      <ProfileView
        particulars={heron.particulars}
        surface={surface}
        title={surface}
        words={side}
        points={[{ id: "one", at: [2, 0.5], fresh: true }]}
        aim={null}
        onAim={onAim}
      />,
    );

  it.each([
    ["port-side", "bow", "stern"],
    ["starboard-side", "stern", "bow"],
    ["stern", "port", "starboard"],
    ["bow", "starboard", "port"],
  ] as const)("has on %s the %s on the left and the %s on the right", (surface, left, right) => {
    const { container } = draw(surface);
    expect([...container.querySelectorAll("text")].map((text) => text.textContent)).toEqual([left, right]);
  });

  it("takes a tap on either side as the same spot of the hull", () => {
    shownOneToOne();
    const spots: Record<string, Point> = {};
    for (const surface of ["port-side", "starboard-side"] as const) {
      const { container, unmount } = draw(surface, (at) => (spots[surface] = at));
      const mark = container.querySelector("circle");
      fireEvent.click(within(container).getByRole("group"), {
        clientX: Number(mark?.getAttribute("cx")),
        clientY: Number(mark?.getAttribute("cy")),
      });
      unmount();
    }
    expect(spots).toEqual({ "port-side": [2, 0.5], "starboard-side": [2, 0.5] });
  });
});

describe("small drawings", () => {
  it.each(fittingKinds)("there is one of a %s", (kind) => {
    const { container } = render(
      <svg>
        <FittingSymbol kind={kind} />
      </svg>,
    );
    expect(container.querySelector("path")?.getAttribute("d")).toMatch(/^M/);
  });

  it("turns a valve's lever by a quarter between its two stands", () => {
    const turned = (["in-line", "across"] as const).map((at) => {
      const { container, unmount } = render(<StateDrawing shape="lever" at={at} />);
      const angle = container.querySelector("g")?.getAttribute("transform");
      unmount();
      return angle;
    });
    expect(turned).toEqual(["rotate(90)", "rotate(0)"]);
  });

  it.each(fleet)("%s stands in a list by her own outline, as long as it is wide asked", (slug) => {
    const { particulars } = demoYacht(slug);
    const { container } = render(<HullIcon particulars={particulars} width={84} />);
    const numbers = [...container.querySelectorAll("path")].flatMap(
      (path) =>
        path
          .getAttribute("d")
          ?.match(/-?\d+(\.\d+)?/g)
          ?.map(Number) ?? [],
    );
    expect(Math.max(...numbers.filter((_, index) => index % 2 === 0))).toBeCloseTo(84, 0);
    expect(container.querySelector("svg")).toHaveAttribute("aria-hidden", "true");
  });
});
