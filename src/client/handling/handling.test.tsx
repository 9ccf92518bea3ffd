/** @jest-environment ./src/testing/browser-environment.cjs */
import "@/testing/browser-bits";
import { act, cleanup, fireEvent, screen, within } from "@testing-library/react";
import { scenes } from "@/core/handling/scenes";
import { demoYacht } from "@/testing/demo-yacht";
import { yacht } from "@/testing/handled-boats";
import { draw } from "@/testing/screen";
import { HandlePage } from "./HandlePage";
import { HandlingRun } from "./handling-run";

let frame: FrameRequestCallback = () => undefined;
let ms = 0;
/** Lets so many seconds pass on the page. */
const pass = (seconds: number) =>
  act(() => {
    for (let at = 0; at < seconds * 5; at++) frame((ms += 200));
  });
beforeEach(() => {
  ms = 0;
  window.requestAnimationFrame = (next) => {
    frame = next;
    return 1;
  };
  window.cancelAnimationFrame = () => undefined;
});
const open = async (slug: string) => {
  const person = draw(<HandlePage file={demoYacht(slug)} />);
  await screen.findByRole("heading", { level: 1 });
  act(() => frame(0));
  return person;
};
const button = (name: string) => screen.getByRole("button", { name });

describe("leaving and coming back", () => {
  it("has lever, helm and lines of hers, and tells what was touched", async () => {
    const person = await open("pale-heron");
    expect(screen.getByText("Nothing touched · No mistake")).toBeInTheDocument();
    expect(screen.queryByRole("group", { name: "Bow thruster" })).toBeNull();
    for (const line of ["bow line", "stern line", "fore spring", "aft spring"])
      await person.click(button(`Slip the ${line}`));
    // two on deck slip four lines one after the other: each end takes its time
    expect(button("Slip the bow line")).toBeDisabled();
    pass(6);
    expect(screen.queryByRole("group", { name: "Lines" })).toBeNull();
    // fifteen knots blow her off: she is clear without a hand on the lever
    pass(80);
    expect(screen.getByText(/^Done in \d+ seconds\. Nothing touched/)).toBeInTheDocument();
  });

  it("begins at her own berth where the base tells it, with its lines, and leaves it out where she does not fit", async () => {
    const file = demoYacht("pale-heron");
    const lie = { lies: "stern-to", outDeg: 190, widthM: 5.8, lazyLines: true } as const;
    const beside = [{ berth: "A3", isKnown: false, offsetM: -5.8, lengthM: 12, beamM: 4 }];
    const of = {
      berth: { lie: { ...lie }, beside, depthM: 3 },
      outlook: null,
      persons: 3,
      now: "2027-06-12T10:00:00Z",
    };
    const person = draw(<HandlePage file={file} of={of} />);
    await person.click(await screen.findByRole("button", { name: "Slip the port lazy line" }));
    act(() => frame(0));
    pass(4);
    expect(button("Out of her own berth.")).toHaveAttribute("aria-pressed", "true");
    expect(screen.queryByRole("button", { name: "Slip the port lazy line" })).toBeNull();
    cleanup();
    draw(<HandlePage file={file} of={{ ...of, berth: { ...of.berth, lie: { ...lie, widthM: 2 } } }} />);
    await screen.findByRole("heading", { level: 1 });
    expect(screen.queryByRole("button", { name: "Out of her own berth." })).toBeNull();
  });

  it("tells what was done wrong with what it would cost, and how often the thruster was pushed", async () => {
    const person = await open("gannet-rock");
    fireEvent.change(screen.getByRole("slider", { name: /^Lever/ }), { target: { value: "0.4" } });
    pass(1);
    fireEvent.change(screen.getByRole("slider", { name: /^Lever/ }), { target: { value: "-0.4" } });
    await person.click(button("Slip the stern line"));
    pass(3);
    fireEvent.pointerDown(button("Bow to port"));
    pass(9);
    fireEvent.pointerUp(button("Bow to port"));
    const told = within(screen.getByRole("region", { name: "What has been" }));
    expect(told.getByText(/^You threw the lever over without a second in neutral/)).toHaveTextContent("breaks gears");
    expect(told.getByText(/^You dropped a line aft while the propeller turned/)).toBeInTheDocument();
    expect(told.getByText(/^You held the thruster longer than eight seconds/)).toBeInTheDocument();
    expect(screen.getByText(/mistakes · one burst, 9 s in all$/)).toBeInTheDocument();
  });

  it("says what she does in words beside the picture, and stands still while it is paused", async () => {
    const person = await open("pale-heron");
    fireEvent.change(screen.getByRole("slider", { name: /^Lever/ }), { target: { value: "0.5" } });
    expect(screen.getByText("ahead 50 %")).toBeInTheDocument();
    fireEvent.change(screen.getByRole("slider", { name: /^Helm/ }), { target: { value: "-20" } });
    expect(screen.getByText("20° to port")).toBeInTheDocument();
    pass(6);
    await person.click(button("Pause"));
    const said = screen.getByRole("img", { name: /^Off the quay/ }).getAttribute("aria-label");
    pass(5);
    expect(screen.getByRole("img", { name: /^Off the quay/ })).toHaveAttribute("aria-label", said ?? "");
    const told = within(screen.getByRole("region", { name: "What has been" }));
    expect(told.getAllByText(/comes tight$/).length).toBeGreaterThan(0);
    // what she would do by herself is drawn faintly
    expect(document.querySelector("[data-ghost]")).not.toBeNull();
    // paused, one looks back over it: she is drawn where she was
    const where = () => document.querySelector("[data-hull]")?.parentElement?.getAttribute("transform");
    const now = where();
    fireEvent.change(screen.getByRole("slider", { name: "What has been, from the beginning" }), {
      target: { value: "0" },
    });
    expect(where()).not.toBe(now);
    expect(document.querySelector("[data-trail]")).not.toBeNull();
    await person.click(button("Begin again"));
    expect(screen.getByText("neutral")).toBeInTheDocument();
    expect(told.getByText("Nothing yet.")).toBeInTheDocument();
  });

  it("has two levers on a catamaran, thrusters held as long as they push, and another scene by a tap", async () => {
    await open("two-lanterns");
    expect(screen.getByRole("slider", { name: /^Port lever/ })).toBeInTheDocument();
    expect(screen.getByRole("slider", { name: /^Starboard lever/ })).toBeInTheDocument();
    cleanup();
    const person = await open("gannet-rock");
    fireEvent.pointerDown(button("Bow to port"));
    expect(button("Bow to port")).toHaveAttribute("aria-pressed", "true");
    fireEvent.pointerUp(button("Bow to port"));
    expect(button("Bow to port")).toHaveAttribute("aria-pressed", "false");
    await person.click(button("Alongside into a gap."));
    expect(screen.getAllByRole("img", { name: /^Alongside into a gap/ })).toHaveLength(1);
  });

  it("says what is missing of a boat that it cannot move", () => {
    const heron = demoYacht("pale-heron");
    draw(<HandlePage file={{ ...heron, engines: {} }} />);
    return expect(screen.findByText(/Her file does not say enough/)).resolves.toBeInTheDocument();
  });
});

describe("a scene in somebody's hands", () => {
  it("counts contacts, and what no lever takes changes nothing", () => {
    const run = new HandlingRun(
      yacht,
      scenes.find(({ name }) => name === "into-a-gap")!,
      0,
    );
    run.set("lever", 3);
    expect(run.standsAt("lever")).toBe(0);
    run.set("wheel", 20);
    run.set("lever", 1);
    for (let at = 0; at < 40 * 60; at++) run.tick((at * 1000) / 60);
    expect(run.touches).toBeGreaterThan(0);
    expect(run.events.some(({ code }) => code === "struck")).toBe(true);
    expect(run.doneAt).toBeNull();
    run.again();
    expect([run.at, run.touches, run.standsAt("lever")]).toEqual([0, 0, 0]);
  });
});
