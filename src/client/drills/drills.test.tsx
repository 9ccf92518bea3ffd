/** @jest-environment ./src/testing/browser-environment.cjs */
import "@/testing/browser-bits";
import { act, cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import type { WorkedDrill } from "@/api/schemas/drills";
import { drilledOf } from "@/core/briefing/drilled/drilled";
import { drillsOf } from "@/core/drills/hers";
import { demoYacht } from "@/testing/demo-yacht";
import { draw } from "@/testing/screen";
import { DrillPage } from "./DrillPage";

const went = jest.fn();
let frame: FrameRequestCallback = () => undefined;
let ms = 0;
/** Lets so many seconds pass on the page. */
const pass = (seconds: number) =>
  act(() => {
    for (let at = 0; at < seconds * 10; at++) frame((ms += 100));
  });

beforeEach(() => {
  jest.clearAllMocks();
  ms = 0;
  window.requestAnimationFrame = (next) => {
    frame = next;
    return 1;
  };
  window.cancelAnimationFrame = () => undefined;
});
afterEach(cleanup);

const open = async (slug: "pale-heron" | "two-lanterns" | "little-auk", drill: string | null) => {
  const person = draw(<DrillPage file={demoYacht(slug)} drill={drill} onDrill={went} />);
  await screen.findByRole("heading", { level: 1 });
  return person;
};
const button = (name: string | RegExp) => screen.getByRole("button", { name });

describe("her devices to be worked beforehand", () => {
  it("are those she has, each with its task, and lead to it", async () => {
    const person = await open("little-auk", null);
    expect(screen.getAllByRole("listitem")).toHaveLength(drillsOf(demoYacht("little-auk")).length);
    expect(screen.queryByRole("button", { name: /^Windlass/ })).toBeNull();
    await person.click(button(/^Autopilot/));
    expect(went).toHaveBeenCalledWith("pilot");
  });

  it.each(["pale-heron", "two-lanterns", "little-auk"] as const)(
    "every one of %s has words for all there is",
    async (slug) => {
      for (const { key } of drillsOf(demoYacht(slug))) {
        await open(slug, key);
        // a key that has no words is shown as it is
        expect(document.body.textContent).not.toMatch(/drill-[a-z]+\./);
        cleanup();
      }
    },
  );

  it("an engine is held on start until she fires, and tells that nobody looked; looking shows the water", async () => {
    const person = await open("pale-heron", "engine");
    fireEvent.pointerDown(button("Key"));
    fireEvent.pointerUp(button("Key"));
    pass(1);
    fireEvent.pointerDown(button("Start"));
    expect(button("Start")).toHaveAttribute("aria-pressed", "true");
    pass(2);
    fireEvent.pointerUp(button("Start"));
    const been = within(screen.getByRole("region", { name: "What has been" }));
    expect(been.getByText("She runs")).toBeInTheDocument();
    pass(20);
    expect(been.getByText("Nobody looked whether cooling water comes out.")).toBeInTheDocument();
    await person.click(button("Exhaust"));
    expect(screen.getByText(/^Water at the exhaust: \d+ l\/min$/)).toBeInTheDocument();
    expect(screen.getByText(/^Nobody looked whether cooling water comes out\. One mistake$/)).toBeInTheDocument();
    await person.click(button("Again from just before"));
    expect(screen.getByText("No mistake")).toBeInTheDocument();
    await person.click(button("Begin again"));
    expect(been.getByText("Nothing yet.")).toBeInTheDocument();
  });

  it("is worked by keys alone, held as long as the key is", async () => {
    const person = await open("pale-heron", "engine");
    button("Key").focus();
    await person.keyboard("{Enter}");
    pass(0.5);
    button("Start").focus();
    await person.keyboard("{Enter>}");
    pass(2);
    expect(button("Start")).toHaveAttribute("aria-pressed", "true");
    await person.keyboard("{/Enter}");
    expect(button("Start")).toHaveAttribute("aria-pressed", "false");
    expect(screen.getByText("She runs")).toBeInTheDocument();
  });

  it("takes switches and levers, stands still while it is paused, and tells who walks away too soon", async () => {
    const person = await open("pale-heron", "windlass");
    const pin = within(screen.getByRole("group", { name: "Pin" }));
    await person.click(pin.getByRole("button", { name: "out" }));
    expect(pin.getByRole("button", { name: "out" })).toHaveAttribute("aria-pressed", "true");
    fireEvent.change(screen.getByRole("slider", { name: /^Revs/ }), { target: { value: "1600" } });
    expect(screen.getByRole("slider", { name: /^Revs/ })).toHaveValue("1600");
    await person.click(within(screen.getByRole("group", { name: "Clutch" })).getByRole("button", { name: "loose" }));
    pass(8);
    await person.click(button("Pause"));
    const out = screen.getByText("Chain out").parentElement?.textContent;
    pass(8);
    expect(screen.getByText("Chain out").parentElement?.textContent).toBe(out);
    await person.click(button("Walk away"));
    expect(screen.getByRole("region", { name: "What has been" })).toHaveTextContent(
      /You left the load on the windlass/,
    );
  });

  it("has another task by a tap, which begins anew", async () => {
    const person = await open("pale-heron", "gas");
    await person.click(button("It smells of gas. Make her safe."));
    await person.click(within(screen.getByRole("group", { name: "Bottle" })).getByRole("button", { name: "open" }));
    pass(11);
    expect(screen.getByText("Alarm").parentElement).toHaveTextContent("Alarm yes");
  });

  it("shows it right with what it spares one, and gives it back", async () => {
    const person = await open("pale-heron", "gas");
    await person.click(button("Show me"));
    expect(screen.getByText("Watch. Nothing that you press counts now.")).toBeInTheDocument();
    pass(8);
    expect(screen.getByText("Press: Lighter")).toBeInTheDocument();
    expect(screen.getByText(/^So that this does not happen: The flame goes out/)).toBeInTheDocument();
    await person.click(button("Now do it yourself"));
    expect(screen.queryByText(/^So that this does not happen/)).toBeNull();
  });

  it("says what a mistake would have cost, and draws the run as a strip", async () => {
    const person = await open("pale-heron", "gas");
    await person.click(within(screen.getByRole("group", { name: "Bottle" })).getByRole("button", { name: "open" }));
    await person.click(button("Walk away"));
    expect(screen.getByText("Aboard: A small leak fills the bilge overnight.")).toBeInTheDocument();
    expect(screen.getByRole("img", { name: /^The run in time/ })).toBeInTheDocument();
  });

  it("is given a fault by the briefer, or one that nobody knows until it is asked", async () => {
    const person = await open("pale-heron", "engine");
    await person.click(screen.getByText("With a fault"));
    await person.click(button("the starter is too weak"));
    expect(button("the starter is too weak")).toHaveAttribute("aria-pressed", "true");
    // what cannot be done right is not shown
    expect(screen.queryByRole("button", { name: "Show me" })).toBeNull();
    await person.click(button("surprise me"));
    expect(button("the starter is too weak")).toHaveAttribute("aria-pressed", "false");
    await person.click(button("What is wrong?"));
    expect(screen.getByText(/^What was wrong: /)).toBeInTheDocument();
  });

  it("tells the base how it stands, and takes the fault that is sent to it: it begins anew", async () => {
    const told: WorkedDrill[] = [];
    const sent = { number: 1, fault: "weak-starter" };
    const panels = new Set<string>();
    const tell = (panel: string, worked: WorkedDrill) => {
      panels.add(panel);
      told.push(worked);
      return Promise.resolve({ sent, isWatched: true });
    };
    draw(<DrillPage file={demoYacht("pale-heron")} drill="engine" onDrill={went} tell={tell} />);
    expect(await screen.findByText("The base gave it a fault. Find it.")).toBeInTheDocument();
    expect(told[0]).toMatchObject({ drill: "engine", task: "start-and-stop", took: 0, told: [] });
    // it has it, tells so, and takes the same one no second time
    await waitFor(() => expect(told.at(-1)).toMatchObject({ took: 1 }));
    const before = told.length;
    await waitFor(() => expect(told.length).toBeGreaterThan(before));
    expect(panels.size).toBe(1);
    expect(screen.queryByRole("button", { name: "Show me" })).toBeNull();
  });

  it("goes on where the base cannot be reached", async () => {
    const tell = jest.fn(() => Promise.reject(new TypeError("no signal")));
    draw(<DrillPage file={demoYacht("pale-heron")} drill="gas" onDrill={went} tell={tell} />);
    await screen.findByRole("heading", { level: 1 });
    await waitFor(() => expect(tell).toHaveBeenCalled());
    expect(screen.getByText("No mistake")).toBeInTheDocument();
  });

  it("draws a valve as hers is, in each of its stands", async () => {
    await open("pale-heron", "head");
    const intake = within(screen.getByRole("group", { name: "Intake seacock" }));
    const [whenOpen, shut] = intake.getAllByRole("button").map((stand) => stand.querySelector("svg")?.innerHTML);
    expect(whenOpen).toBeDefined();
    expect(whenOpen).not.toBe(shut);
  });

  it("tells how one stands, and keeps each run with its task", async () => {
    const made = jest.fn();
    const file = demoYacht("pale-heron");
    const [drilled] = drilledOf(file, [], []).filter(({ drill }) => drill.key === "toilet" || drill.key === "pilot");
    const standings = [{ drilled: drilled!, asked: "now" as const, byBase: true }];
    draw(<DrillPage file={file} drill={null} standings={standings} onDrill={went} />);
    expect(await screen.findByText(/the study asks for it · the base asks for it/)).toBeInTheDocument();
    cleanup();
    const person = draw(<DrillPage file={file} drill="pilot" standings={standings} onRun={made} onDrill={went} />);
    expect(await screen.findByText("0 of 3 clean runs in a row, clean on 0 of 2 days")).toBeInTheDocument();
    for (const name of ["Auto", "10 to port", "10 to starboard", "Standby"]) {
      fireEvent.pointerDown(button(name));
      fireEvent.pointerUp(button(name));
      pass(5);
    }
    expect(screen.getByText(/^Done\. Walk away when nothing is left\. No mistake$/)).toBeInTheDocument();
    await person.click(button("Walk away"));
    expect(screen.getByText("A clean run.")).toBeInTheDocument();
    expect(made).toHaveBeenCalledWith(
      expect.objectContaining({ key: "pilot" }),
      expect.objectContaining({ task: "test" }),
      expect.objectContaining({ value: "done", helped: false, mistakes: [] }),
    );
  });
});
