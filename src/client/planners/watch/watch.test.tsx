/** @jest-environment ./src/testing/browser-environment.cjs */
import "@/testing/browser-bits";
import { act, cleanup, fireEvent, screen } from "@testing-library/react";
import { demoYacht } from "@/testing/demo-yacht";
import { draw } from "@/testing/screen";
import type { OfBoat } from "../frame/of-boat";
import { AnchorWatch } from "./AnchorWatch";

const of: OfBoat = {
  ...{
    stay: "stay-3",
    file: demoYacht("pale-heron"),
    persons: 4,
    timeZone: "Atlantic/Azores",
    berth: null,
    windLimitKn: null,
    area: null,
    outlook: null,
  },
  ...{ readings: [], backAt: "2027-06-19T09:00:00.000Z", now: new Date().toISOString() },
};
let tell: (lat: number, secondsAgo?: number, accuracy?: number) => void = () => undefined;
let refuse: (code: number) => void = () => undefined;
let shaken: unknown[] = [];
let asked = 0;
beforeEach(() => {
  localStorage.clear();
  shaken = [];
  Object.defineProperty(navigator, "geolocation", {
    configurable: true,
    value: {
      watchPosition: (yes: (at: object) => void, no: (fault: object) => void) => {
        tell = (latitude, secondsAgo = 0, accuracy = 5) => {
          const then = jest.spyOn(Date, "now").mockReturnValue(Date.now() - secondsAgo * 1000);
          act(() => yes({ coords: { latitude, longitude: -30.1, accuracy } }));
          then.mockRestore();
        };
        refuse = (code) => act(() => no({ code }));
        return ++asked;
      },
      clearWatch: () => undefined,
    },
  });
  Object.defineProperty(navigator, "vibrate", { configurable: true, value: (each: unknown) => shaken.push(each) });
});
afterEach(cleanup);
/** so many metres north of the anchor */
const north = (metres: number) => 42.3 + metres / (1852 * 60);
const begin = () => {
  draw(<AnchorWatch of={of} onBack={() => undefined} />);
  tell(north(0), 100);
  fireEvent.click(screen.getByRole("button", { name: "The anchor is here: watch" }));
};

describe("the anchor watch", () => {
  it("says before all else what it cannot do, and begins only with a position", () => {
    draw(<AnchorWatch of={of} onBack={() => undefined} />);
    expect(screen.getByText(/A locked telephone watches nothing/)).toBeInTheDocument();
    expect(screen.getByRole("button", { name: "The anchor is here: watch" })).toBeDisabled();
    refuse(1);
    expect(screen.getByText(/does not let the page know where it is/)).toBeInTheDocument();
    refuse(2);
    expect(screen.getByText(/nothing can be watched/)).toBeInTheDocument();
  });

  it("is calm inside the circle, and wakes people once she is surely outside", () => {
    begin();
    tell(north(30), 40);
    expect(screen.getByText("Inside the circle.")).toBeInTheDocument();
    // the circle is 45 m: 60 m off with 5 m of error is outside, and one position is not enough
    tell(north(60), 20);
    expect(screen.getByText("At the edge: the last position lies outside.")).toBeInTheDocument();
    expect(shaken.filter((each) => each !== 0)).toEqual([]);
    tell(north(62), 0);
    expect(screen.getByText("Outside the circle. Look now.")).toBeInTheDocument();
    expect(shaken.filter((each) => each !== 0)).toHaveLength(1);
    fireEvent.click(screen.getByRole("button", { name: "I am awake: silence" }));
    expect(shaken.at(-1)).toBe(0);
  });

  it("goes on after the page was left, and has the night written down", () => {
    begin();
    tell(north(20), 50);
    cleanup();
    draw(<AnchorWatch of={of} onBack={() => undefined} />);
    expect(screen.getByText(/Inside the circle|No position comes/)).toBeInTheDocument();
    expect(screen.getByText(/^Farthest off: 20 m/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole("button", { name: "End the watch" }));
    expect(screen.getByRole("button", { name: "The anchor is here: watch" })).toBeInTheDocument();
    cleanup();
    draw(<AnchorWatch of={of} onBack={() => undefined} />);
    expect(screen.queryByText(/^Farthest off/)).toBeNull();
  });

  it("tells that a position is too coarse, and that none comes", () => {
    begin();
    tell(north(20), 0, 120);
    expect(screen.getByText("The position is too coarse to watch by.")).toBeInTheDocument();
    cleanup();
    localStorage.clear();
    draw(<AnchorWatch of={of} onBack={() => undefined} />);
    tell(north(0), 70);
    fireEvent.click(screen.getByRole("button", { name: "The anchor is here: watch" }));
    expect(screen.getByText("No position comes any more.")).toBeInTheDocument();
  });

  it("asks a device that lies still, so that silence means silence", () => {
    jest.useFakeTimers();
    try {
      begin();
      const before = asked;
      act(() => jest.advanceTimersByTime(10_000));
      expect(asked).toBe(before + 1);
      tell(north(0));
      expect(screen.getByText("Inside the circle.")).toBeInTheDocument();
    } finally {
      jest.useRealTimers();
    }
  });

  it("can be tried before one sleeps", () => {
    draw(<AnchorWatch of={of} onBack={() => undefined} />);
    fireEvent.click(screen.getByRole("button", { name: "Try the alarm" }));
    expect(shaken).toHaveLength(1);
  });
});
