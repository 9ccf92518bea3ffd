/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, within } from "@testing-library/react";
import { drawDesk } from "@/testing/screen";
import { callHistory, type CallFact } from "@/core/history/calls";
import { drillHistory, type DrillFact } from "@/core/history/drills";
import { HistoryPage } from "./HistoryPage";

const router = { push: jest.fn(), refresh: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router, useSearchParams: () => new URLSearchParams() }));
// the drawing is a canvas, which this environment has not
jest.mock("next/dynamic", () => () => () => null);

const row = (key: string, name: string, missing: number, chargedMinor: number) => ({
  key,
  name,
  across: 1,
  missing,
  broken: 0,
  chargedMinor,
  workMinutes: 0,
});
const yachts = [{ slug: "quillback", name: "Quillback" }];
const draw = (
  slug: string | null,
  items = [row("count:fender", "Fender", 2, 5200), row("marks", "Marks", 0, 18_000)],
  calls: CallFact[] = [],
  runs: DrillFact[] = [],
) =>
  drawDesk(
    <HistoryPage
      slug={slug}
      yachts={yachts}
      byItem={items}
      byYacht={items.length === 0 ? [] : [row("quillback", "Quillback", 2, 23_200)]}
      currency="EUR"
      calls={callHistory(calls, 8)}
      drills={drillHistory(runs)}
      sentences={{ "windlass_pin-in": "You worked it against the pin." }}
    />,
  );

describe("the history", () => {
  it("has its sums as money, and is sorted by what crews paid", async () => {
    const person = draw(null);
    const table = within(screen.getByRole("table", { name: "By item" }));
    expect(table.getByRole("row", { name: /^Fender/ })).toHaveTextContent("€52.00");
    await person.click(table.getByRole("button", { name: "Paid by crews" }));
    const names = () =>
      table
        .getAllByRole("row")
        .slice(1)
        .map((each) => each.firstChild?.textContent);
    expect(names()).toEqual(["Marks", "Fender"]);
  });

  it("goes to one yacht, whose table by yacht is not there", async () => {
    const person = draw(null);
    await person.click(screen.getByRole("radio", { name: "Quillback" }));
    expect(router.push).toHaveBeenCalledWith("/history?yacht=quillback");
    draw("quillback");
    expect(screen.getAllByRole("table", { name: "By yacht" })).toHaveLength(1);
  });

  it("says what it will count where there is nothing yet", () => {
    draw(null, []);
    expect(screen.getByText(/Signed statements and repairs are counted here/)).toBeInTheDocument();
    expect(screen.queryByRole("table")).not.toBeInTheDocument();
  });
});

describe("what crews call about", () => {
  const fact = (topic: string, briefed: CallFact["briefed"]): CallFact => ({
    ...{ yacht: "Quillback", yachtClass: "Ketterel 12", charter: topic, topic, hour: 23, briefed, understood: true },
  });
  const calls = [fact("Head", null), fact("Head", "skim"), fact("Head", "normal"), fact("Anchor", "normal")];

  it("is a rate, tables and a proposal with its reason", () => {
    draw(null, [], calls);
    expect(screen.getByText(/^50\.0 calls per hundred charters: 4 calls, 8 charters/)).toBeInTheDocument();
    expect(
      screen.getByText("Head: 2 of 3 calls came from crews it was hardly briefed to. Brief it deeper."),
    ).toBeVisible();
    expect(within(screen.getByRole("table", { name: "Topic" })).getAllByRole("row")[1]).toHaveTextContent("Head");
    expect(screen.getByText("20–24 h: 4")).toBeInTheDocument();
  });

  it("has no table of yachts for one yacht, and no table at all without calls", () => {
    draw("quillback", [], calls);
    expect(screen.queryByRole("table", { name: "Yacht" })).not.toBeInTheDocument();
    draw("quillback", []);
    expect(
      screen.getByText("0.0 calls per hundred charters: 0 calls, 8 charters handed over in the last year."),
    ).toBeVisible();
  });
});

describe("what crews drilled", () => {
  const run = (charter: string, yacht: string, mistakes: string[]): DrillFact => ({
    ...{ yacht, yachtClass: "Ondavar 41", charter, device: "windlass", mistakes, isClean: mistakes.length === 0 },
  });

  it("is told with its mistakes, by device and class, and what to weigh", () => {
    const here = ["a", "b", "c"].map((charter) => run(charter, "Cold Harbour", ["pin-in"]));
    draw(null, [], [], [...here, run("d", "Quillback", [])]);
    expect(screen.getByText("4 runs by 4 crews in the last year.")).toBeInTheDocument();
    const mistakes = within(screen.getByRole("table", { name: "Mistakes" }));
    expect(mistakes.getByRole("row", { name: /^You worked it against the pin\./ })).toHaveTextContent("3");
    expect(screen.getByRole("row", { name: /^Windlass, Ondavar 41/ })).toHaveTextContent("25");
    expect(
      screen.getByText("Windlass: only 25 % of the runs of 4 crews were clean. Give it more minutes."),
    ).toBeVisible();
    expect(
      screen.getByText(/^Windlass on Cold Harbour: in 3 of 3 runs: You worked it against the pin\./),
    ).toBeVisible();
  });

  it("is not there before anybody drilled", () => {
    draw(null);
    expect(screen.queryByText("What crews drilled before they came")).not.toBeInTheDocument();
  });
});
