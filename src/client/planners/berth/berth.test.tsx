/** @jest-environment ./src/testing/browser-environment.cjs */
import { readFileSync } from "node:fs";
import { cleanup, fireEvent, screen, within } from "@testing-library/react";
import { Area } from "@/core/area/area";
import { herBerth } from "@/core/berthing/from-area";
import { parseAs } from "@/formats/validate";
import { simulatedDay, simulatedHours } from "@/stand-ins/weather-feed";
import { demoYacht } from "@/testing/demo-yacht";
import { draw } from "@/testing/screen";
import { BerthPlanner, type OfLeaving } from "./BerthPlanner";

// three trials instead of twenty: each takes its time here
jest.mock("@/core/berthing/shown", () => {
  const { shownBerthing } = jest.requireActual<typeof import("@/core/berthing/shown")>("@/core/berthing/shown");
  return { shownBerthing: (input: Parameters<typeof shownBerthing>[0]) => shownBerthing({ ...input, trials: 3 }) };
});

const zone = "Atlantic/Azores";
const now = "2027-06-14T10:00:00.000Z";
const area = parseAs(Area, JSON.parse(readFileSync("demo/area.geojson", "utf8")));
const lying = (slug: string, berth: string) => {
  const { lengthM, beamM } = demoYacht(slug).particulars;
  return { berth, lengthM, beamM };
};
const of = (slug: string, berth: string | null, change: Partial<OfLeaving> = {}): OfLeaving => ({
  stay: `stay-${slug}`,
  file: demoYacht(slug),
  persons: 4,
  outlook: {
    at: "2027-06-14T09:30:00.000Z",
    wind: { from: "simulated forecast", hours: simulatedHours(simulatedDay("2027-06-14"), zone) },
    tide: null,
  },
  position: area.base.position,
  berth: berth === null ? null : herBerth(area.berths ?? [], lying(slug, berth), []),
  windLimitKn: 25,
  now,
  ...change,
});
const back = jest.fn();
const open = (its: OfLeaving) => draw(<BerthPlanner of={its} onBack={back} />);
/** Types a figure of the planner. */
async function type(person: ReturnType<typeof open>, row: RegExp, value: string) {
  const button = await screen.findByRole("button", { name: row });
  await person.click(button);
  const field = screen.getByRole("textbox");
  fireEvent.change(field, { target: { value } });
  await person.click(button);
}

beforeEach(() => localStorage.clear());
afterEach(cleanup);

describe("leaving the berth", () => {
  it("says which way out stayed clear most surely, draws it, and gives the crew its orders", async () => {
    const person = open(of("two-lanterns", "B2"));
    await person.click(await screen.findByRole("button", { name: /^Wind at the berth/ }));
    expect(await screen.findByRole("img", { name: /from above, wind \d+ knots/ })).toBeInTheDocument();
    const tried = within(screen.getByRole("region", { name: "Ways out that were tried" }));
    expect(tried.getAllByRole("button").length).toBeGreaterThan(1);
    // each of the crew reads the own part alone
    const orders = within(screen.getByRole("region", { name: "Crew orders" }));
    const lanterns = demoYacht("two-lanterns").particulars.name;
    expect(orders.getByRole("article", { name: `Everybody · ${lanterns}` })).toHaveTextContent(
      /Stern Slip the stern line/,
    );
    // the orders say of which way they are, whichever is drawn
    expect(orders.getByRole("heading", { level: 3 })).toHaveTextContent(/^Crew orders: ./);
    expect(orders.getAllByText(/^Nobody fends off/).length).toBeGreaterThan(0);
    expect(within(orders.getByRole("group", { name: "Whose orders" })).getAllByRole("button")).toHaveLength(5);
    await person.click(orders.getByRole("button", { name: "Bow" }));
    expect(orders.getAllByRole("article")).toHaveLength(1);
    expect(orders.getByRole("article", { name: `Bow · ${lanterns}` })).toHaveTextContent(/Slip the fore spring/);
    expect(orders.getByRole("article")).not.toHaveTextContent(/Slip the stern line/);
    expect(screen.getByText("Nobody fends off with hands or feet")).toBeInTheDocument();
    // it never reads like a permission
    expect(document.body.textContent).not.toMatch(/safe to go|you may go|permitted/i);
  });

  it("says wait above the base's limit and where nothing stays clear, with no orders to go by", async () => {
    const person = open(of("pale-heron", "A4"));
    await type(person, /^Wind from/, "280");
    await type(person, /^Wind at the berth/, "30");
    expect(await screen.findByText("More wind than the base’s limit of 25 kn")).toBeInTheDocument();
    expect(screen.getByText("The base keeps her in")).toBeInTheDocument();
    expect(screen.getAllByText(/^clear in [0-2] of 3 trials/).length).toBeGreaterThan(1);
    expect(screen.queryByRole("region", { name: "Crew orders" })).toBeNull();
  });

  it("says that nothing stayed clear, and wait, where only the wind is against it", async () => {
    const person = open(of("pale-heron", "A4", { windLimitKn: null }));
    await type(person, /^Wind from/, "280");
    await type(person, /^Wind at the berth/, "30");
    expect(await screen.findByText("No way out stayed clear every time")).toBeInTheDocument();
    expect(screen.getByText("Wait")).toBeInTheDocument();
    expect(screen.queryByRole("region", { name: "Crew orders" })).toBeNull();
  });

  it("gives no orders above the base's limit, even where a way out stayed clear", async () => {
    const person = open(of("little-auk", "C1", { windLimitKn: 5 }));
    await type(person, /^Wind from/, "10");
    await type(person, /^Wind at the berth/, "6");
    expect(await screen.findByText("More wind than the base’s limit of 5 kn")).toBeInTheDocument();
    expect(screen.getByText(/^clear in 3 of 3 trials/)).toBeInTheDocument();
    expect(screen.getByText("The base keeps her in")).toBeInTheDocument();
    expect(screen.queryByText("Stayed clear most surely")).toBeNull();
    expect(screen.queryByRole("region", { name: "Crew orders" })).toBeNull();
  });

  it("reckons anew when the berth beside her is free", async () => {
    const person = open(of("little-auk", "C1"));
    await screen.findByRole("region", { name: "Ways out that were tried" });
    await person.click(
      within(screen.getByRole("group", { name: "Beside her at C2" })).getByRole("button", { name: "nobody" }),
    );
    expect(await screen.findByText(/^Trying the usual ways out/)).toBeInTheDocument();
    expect(await screen.findByRole("region", { name: "Ways out that were tried" })).toBeInTheDocument();
  });

  it("asks for the wind where no forecast reaches, and says where the base told nothing of her berth", async () => {
    open(of("pale-heron", "A4", { outlook: null }));
    expect(await screen.findByText(/^No forecast reaches here/)).toBeInTheDocument();
    cleanup();
    open(of("pale-heron", null));
    expect(await screen.findByText(/^The base has not told how she lies/)).toBeInTheDocument();
  });

  it("says that she does not fit in a berth that is told too narrow", async () => {
    const its = of("pale-heron", "A4");
    open({ ...its, berth: { ...its.berth!, lie: { ...its.berth!.lie, widthM: 3 } } });
    expect(await screen.findByText(/she does not fit in it/)).toBeInTheDocument();
  });

  it("prints a card for each as A6", async () => {
    const print = jest.fn();
    window.print = print;
    const rules: string[] = [];
    Object.assign(globalThis, {
      CSSStyleSheet: class {
        replaceSync = (text: string) => rules.push(text);
      },
      CSS: { escape: (text: string) => text },
    });
    Object.assign(document, { adoptedStyleSheets: [] });
    const person = open(of("little-auk", "C1"));
    await type(person, /^Wind at the berth/, "0");
    await person.click(await screen.findByRole("button", { name: "Print as cards of A6" }));
    expect(print).toHaveBeenCalledTimes(1);
    expect(rules[0]).toContain("size: A6");
    expect((document as { adoptedStyleSheets: unknown[] }).adoptedStyleSheets).toEqual([]);
  });
});
