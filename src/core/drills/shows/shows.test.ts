import { drillCheck } from "../../../testing/drill";
import { demoYacht } from "../../../testing/demo-yacht";
import { devices } from "../devices";
import { drillsOf } from "../hers";
import { deviceOf, runDrill, setupFor } from "../run";
import { shownSteps } from ".";

const played = (
  device: string,
  setup: Readonly<Record<string, unknown>>,
  task: string,
  faults: readonly string[] = [],
  lacks: string[] = [],
) => {
  const whole = setupFor(deviceOf(device), setup, drillCheck);
  const steps = shownSteps(device, whole, task, lacks);
  const actions = steps.map(({ at, do: deed, control, to }) => ({
    at,
    do: deed,
    ...(control === undefined ? {} : { control }),
    ...(to === undefined ? {} : { to }),
  }));
  const until = (steps.at(-1)?.at ?? 0) + 1;
  const { done, clean, mistakes } = runDrill({ device, setup, task, faults: [...faults], actions, until }, drillCheck);
  return { steps: steps.length > 1, done, clean, mistakes };
};
const right = { steps: true, done: true, clean: true, mistakes: [] };

describe("what is shown is played right", () => {
  it.each(["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"])(
    "on every device of %s, with her own figures",
    (slug) => {
      const drills = drillsOf(demoYacht(slug));
      expect(drills.length).toBeGreaterThan(3);
      for (const { key, device, setup, tasks, lacks } of drills)
        for (const { task, setup: own, faults } of tasks)
          expect([key, task, played(device, { ...setup, ...own }, task, faults, [...lacks])]).toEqual([
            key,
            task,
            right,
          ]);
    },
  );

  it("and on each device as usual, in every task", () => {
    const usual: Readonly<Record<string, Record<string, unknown>>> = {
      raise: { outM: 22 },
      "tender-up": { starts: "afloat" },
    };
    const faults: Readonly<Record<string, string[]>> = { smell: ["leak"], leak: ["hose-off"] };
    for (const { name, tasks } of devices)
      for (const task of tasks) {
        // the tanks are full as usual: there is nothing to be filled
        const setup: Record<string, unknown> | undefined =
          task === "fill" ? { tanks: [{ id: "fore", capacityL: 60, litres: 30 }] } : usual[task];
        expect([name, task, played(name, setup ?? {}, task, faults[task])]).toEqual([name, task, right]);
      }
  });

  it("names for its steps only mistakes that the device knows", () => {
    for (const { name, tasks, mistakes, setup } of devices)
      for (const task of tasks)
        for (const { avoids } of shownSteps(name, setup.usual, task))
          expect([name, avoids === undefined || mistakes.includes(avoids)]).toEqual([name, true]);
  });
});
