/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor } from "@testing-library/react";
import { keptAboard } from "@/client/store/aboard-store";
import { freshDevice } from "@/testing/browser-bits";
import { demoYacht } from "@/testing/demo-yacht";
import { draw, wire, type Wire } from "@/testing/screen";
import { AboardShell } from "./AboardShell";

const file = demoYacht("pale-heron");
const book = {
  base: {
    name: "Brinecove",
    place: "Ravelin Quay",
    phone: "+000 555 0142",
    timeZone: "Atlantic/Azores",
    currency: "EUR",
  },
  yacht: { name: "Pale Heron", berth: "A4", file },
};
let base: Wire;
const open = async (hash: string) => {
  window.location.hash = hash;
  const person = draw(<AboardShell />);
  await screen.findByRole("heading", { level: 1, name: "Pale Heron" });
  return person;
};
const tab = (name: string) => screen.getByRole("button", { name });
beforeEach(() => {
  freshDevice();
  window.location.hash = "";
  base = wire();
  base.answer(200, book);
});

describe("the code posted aboard", () => {
  it("opens three tabs, and nothing of anybody", async () => {
    await open("HERON-7K2");
    expect(tab("Find")).toHaveAttribute("aria-current", "page");
    expect(screen.queryByRole("button", { name: "Today" })).not.toBeInTheDocument();
    expect(base.asked.map(({ path }) => path)).toEqual(["/api/aboard/HERON-7K2"]);
  });

  it("leads from a fitting's label to that fitting, and on to where it lies", async () => {
    const person = await open("HERON-7K2/fitting/gas-tap");
    expect(await screen.findByRole("article", { name: "Gas tap" })).toBeInTheDocument();
    await person.click(tab("Show on her plan"));
    expect(window.location.hash).toBe("#HERON-7K2/plan/fitting/gas-tap");
  });

  it("leads from a place's label to that place on the plan, open", async () => {
    await open("HERON-7K2/galley");
    expect(tab("Her plan")).toHaveAttribute("aria-current", "page");
    expect(screen.getByRole("dialog", { name: "Galley" })).toBeInTheDocument();
  });

  it("opens as this device kept it where there is no signal", async () => {
    await open("HERON-7K2");
    await waitFor(async () => expect(await keptAboard("HERON-7K2")).not.toBeNull());
    cleanup();
    // from here on the base does not answer
    base = wire();
    await open("HERON-7K2/papers");
    expect(base.asked).toHaveLength(1);
    expect(await screen.findByRole("link", { name: /\+000 555 0142/ })).toBeInTheDocument();
  });
});
