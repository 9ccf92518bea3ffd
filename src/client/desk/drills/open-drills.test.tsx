/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor, within } from "@testing-library/react";
import { demoYacht } from "@/testing/demo-yacht";
import { id } from "@/testing/records";
import { drawDesk, wire, type Wire } from "@/testing/screen";
import { OpenDrills } from "./OpenDrills";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn() }) }));

const worked = {
  ...{ drill: "engine", task: "start-and-stop", seconds: 42, isDone: false, isOver: false, isShown: false, took: 0 },
  told: [
    { at: 12.4, code: "cooling-not-looked-at", isMistake: true },
    { at: 2.1, code: "fires", isMistake: false },
  ],
};
const open = (change: object = {}, sent: object | null = null) => ({
  drills: [{ panel: id(1), worked: { ...worked, ...change }, sent }],
});

let base: Wire;
beforeEach(() => (base = wire()));
const draw = () => drawDesk(<OpenDrills stayId={id(902)} file={demoYacht("pale-heron")} />);

describe("drills that are open on a crew's devices", () => {
  it("says how to open one where none is", async () => {
    base.answer(200, { drills: [] });
    draw();
    expect(await screen.findByText(/^None is open on their devices/)).toBeInTheDocument();
    expect(base.asked[0]).toMatchObject({ method: "GET", path: `/api/stays/${id(902)}/drills` });
  });

  it("shows how one stands and what was done wrong, newest first", async () => {
    base.answer(200, open());
    draw();
    const engine = within(await screen.findByRole("article", { name: "Engine" }));
    expect(engine.getByRole("status")).toHaveTextContent("42 s so far");
    expect(engine.getAllByRole("listitem").map(({ textContent }) => textContent?.slice(0, 14))).toEqual([
      "12 s: mistake.",
      "2 s: She runs",
    ]);
  });

  it("gives it a fault, and says when the device has it", async () => {
    base.answer(200, open());
    const person = draw();
    await person.click(await screen.findByRole("button", { name: "the starter is too weak" }));
    await waitFor(() =>
      expect(base.asked.find(({ method }) => method === "POST")).toEqual({
        method: "POST",
        path: `/api/stays/${id(902)}/drills/fault`,
        body: { panel: id(1), fault: "weak-starter" },
      }),
    );
    base.answer(200, open({}, { number: 1, fault: "weak-starter" }));
    expect(await screen.findByText(/^On its way/)).toBeInTheDocument();
    expect(screen.getByRole("button", { name: "the starter is too weak" })).toHaveAttribute("aria-pressed", "true");
    base.answer(200, open({ took: 1 }, { number: 1, fault: "weak-starter" }));
    await waitFor(() => expect(screen.queryByText(/^On its way/)).toBeNull());
    expect(screen.getByRole("button", { name: "Take the fault away" })).toBeEnabled();
  });

  it("shows nothing of a device that her file does not know", async () => {
    base.answer(200, open({ drill: "nonsense" }));
    draw();
    expect(await screen.findByText(/^None is open/)).toBeInTheDocument();
  });
});
