import { demoYacht } from "@/testing/demo-yacht";
import { statesOf } from "./states";

const fitting = (yacht: string, key: string) => {
  const found = demoYacht(yacht).fittings[key];
  if (!found) throw new Error(`${yacht} has no ${key}`);
  return statesOf(found);
};

describe("how a fitting's stands are drawn", () => {
  it("shows a quarter-turn tap in line and across, and how it is usually left", () =>
    expect(fitting("pale-heron", "gas-tap")).toEqual({
      shape: "lever",
      states: [
        { at: "in-line", means: "open", isUsual: false },
        { at: "across", means: "shut", isUsual: true },
      ],
    }));

  it("shows which way a wheel opens, and the other way for the one that is odd", () => {
    const [fore, aft] = ["tank-valve-fore", "tank-valve-aft"].map((key) => fitting("pale-heron", key));
    expect(fore?.states.map(({ at, means }) => [at, means])).toEqual([
      ["in-line", "open"],
      ["across", "shut"],
    ]);
    expect(aft?.states.map(({ at, means }) => [at, means])).toEqual([
      ["clockwise", "open"],
      ["anticlockwise", "shut"],
    ]);
  });

  it("speaks of on and off where it is a switch", () =>
    expect(
      fitting("pale-heron", "battery-switch-service")?.states.map(({ at, means, isUsual }) => [at, means, isUsual]),
    ).toEqual([
      ["clockwise", "on", true],
      ["anticlockwise", "off", false],
    ]));

  it("shows every stand of a three-way switch by its own words, the other way round on the yacht that is wired so", () => {
    const stands = (yacht: string) =>
      fitting(yacht, "navigation-lights-switch")?.states.map(({ at, means }) => [
        at,
        typeof means === "string" ? means : means.en,
      ]);
    expect(stands("quillback")).toEqual([
      ["left", "motoring"],
      ["middle", "off"],
      ["right", "sailing"],
    ]);
    expect(stands("cold-harbour")).toEqual([
      ["left", "sailing"],
      ["middle", "off"],
      ["right", "motoring"],
    ]);
    expect(fitting("quillback", "bilge-switch")?.states.find(({ isUsual }) => isUsual)?.at).toBe("up");
  });

  it("shows a slide out for open where pulling opens it", () =>
    expect(fitting("little-auk", "toilet-slide")?.states.map(({ at, means }) => [at, means])).toEqual([
      ["out", "open"],
      ["in", "shut"],
    ]));

  it("draws nothing where the file does not say how it looks", () => {
    expect(fitting("pale-heron", "throttle")).toBeNull();
    expect(fitting("pale-heron", "horn-button")).toBeNull();
  });
});
