import { walkInput } from "@/core/briefing/stops/walk-input";
import { planWalk } from "@/core/briefing/walk/plan-walk";
import { demoYacht } from "@/testing/demo-yacht";

const input = walkInput(demoYacht("little-auk"), "shortest");
let answers: unknown[] = [];
let hear: (event: { data: unknown }) => void = () => undefined;

beforeAll(async () => {
  Object.assign(globalThis, {
    addEventListener: (kind: string, listener: typeof hear) => {
      if (kind === "message") hear = listener;
    },
    postMessage: (answer: unknown) => answers.push(answer),
  });
  await import("./plan-worker");
});
beforeEach(() => {
  answers = [];
});

describe("the worker that plans walks", () => {
  it("answers each input under its number with the plan that the core makes", () => {
    hear({ data: { number: 7, input } });
    expect(answers).toEqual([{ number: 7, plan: planWalk(input) }]);
  });

  it("says what cannot be walked instead of dying of it", () => {
    const stops = input.stops.map((stop, index) => (index === 0 ? { ...stop, after: [stop.id] } : stop));
    hear({ data: { number: 8, input: { ...input, stops } } });
    expect(answers).toEqual([{ number: 8, fault: expect.stringMatching(/\S/) }]);
    hear({ data: { number: 9, input } });
    expect(answers).toHaveLength(2);
  });

  it("does not die of what is no input at all", () => {
    hear({ data: { number: 10, input: null } });
    expect(answers).toEqual([{ number: 10, fault: expect.stringMatching(/\S/) }]);
  });
});
