/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, within } from "@testing-library/react";
import type { TodayRow } from "@/api/schemas/desk";
import { handoverOf, rowOf, stayOf } from "@/testing/desk";
import { id } from "@/testing/records";
import { drawDesk } from "@/testing/screen";
import { CharterPage } from "./CharterPage";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));

const draw = (row: TodayRow, roles?: Parameters<typeof drawDesk>[1]) =>
  drawDesk(
    <CharterPage
      row={row}
      timeZone="Atlantic/Azores"
      currency="EUR"
      deposit={[]}
      crew={[]}
      defects={[]}
      forecast={null}
      windLimitKn={25}
      afterwards={null}
      me={id(905)}
      messages={[]}
    />,
    roles,
  );
const part = (title: string) => {
  const found = screen.getByRole("heading", { level: 2, name: title }).parentElement;
  if (!found) throw new Error(`there is no part ${title}`);
  return within(found);
};
const sealed = (kind: "check-in" | "check-out", change = {}) =>
  handoverOf(kind, { sealedAt: "2027-06-12T16:00:00.000Z", ...change });

describe("a charter's page", () => {
  it("names yacht, hours by the base's clock, people and berth, and the one next thing", () => {
    draw(rowOf(stayOf({ heldMinor: 250_000 })));
    expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent("Pale Heron, BR-1");
    // 15:00 UTC is 15:00 in the Azores in summer
    expect(screen.getByText(/Sat, 12 Jun 2027, 15:00 – Sat, 19 Jun 2027, 09:00/)).toHaveTextContent("4 aboard");
    expect(screen.getByRole("button", { name: "Start the check-in" })).toBeInTheDocument();
  });

  it("asks for the deposit first and lets people begin all the same", () => {
    draw(rowOf(stayOf(), { next: "hold-deposit" }));
    expect(part("Deposit").getByRole("button", { name: /^Hold €2,500/ })).toBeInTheDocument();
    expect(part("Check-in").getByRole("button", { name: "Start the check-in" })).toBeInTheDocument();
    expect(part("Check-in").getByRole("button", { name: "Briefing walk" })).toBeInTheDocument();
  });

  it("has the way to the money only for those who take it", () => {
    draw(rowOf(stayOf(), { next: "hold-deposit" }), ["technician"]);
    expect(screen.queryByRole("button", { name: /^Hold €2,500/ })).not.toBeInTheDocument();
  });

  it("notes cash by hand, for what is still open of it", () => {
    const terms = { deposit: { amountMinor: 250_000, how: "cash" }, waiver: null } as never;
    draw(rowOf(stayOf({ terms, heldMinor: 100_000 }), { next: "hold-deposit" }));
    expect(screen.queryByRole("button", { name: /^Hold/ })).not.toBeInTheDocument();
    expect(part("Deposit").getByDisplayValue("1500.00")).toBeInTheDocument();
  });

  it("says that an open check-in goes on, and how much is in it", () => {
    draw(rowOf(stayOf({ handovers: [handoverOf("check-in")] }), { next: "go-on-check-in" }));
    expect(part("Check-in").getByText(/^Begun/)).toHaveTextContent(
      "Begun Sat, 12 Jun 2027, 13:00, 12 recorded so far, not signed.",
    );
    expect(part("Check-in").getByRole("button", { name: "Go on with the check-in" })).toBeInTheDocument();
    expect(part("Check-out").queryByRole("button")).not.toBeInTheDocument();
  });

  it("gives out a signed record three ways, and hides the forecast that mattered before it", () => {
    draw(rowOf(stayOf({ handovers: [sealed("check-in")] }), { next: "under-way" }));
    const links = part("Check-in").getAllByRole("link");
    expect(links.map((link) => link.getAttribute("href"))).toEqual([
      expect.stringContaining(`${id(921)}`),
      expect.stringContaining(`${id(921)}`),
      expect.stringContaining(`${id(921)}`),
    ]);
    expect(screen.queryByRole("heading", { name: /forecast/i })).not.toBeInTheDocument();
    expect(part("Check-out").getByRole("button", { name: "Take her back early" })).toBeInTheDocument();
  });

  it("names what came in late, and the two records where there are two", () => {
    const seals = [
      { seal: "a".repeat(64), sealedAt: "2027-06-12T16:00:00.000Z", stands: true, by: "Maro" },
      { seal: "b".repeat(64), sealedAt: "2027-06-12T16:05:00.000Z", stands: false, by: "Ilko" },
    ];
    draw(rowOf(stayOf({ handovers: [sealed("check-in", { late: 2, seals })] }), { next: "under-way" }));
    expect(part("Check-in").getByText(/^2 /)).toBeInTheDocument();
  });

  it("leads to the settlement once both ends are signed, and not before", () => {
    draw(rowOf(stayOf({ handovers: [sealed("check-in"), sealed("check-out")] }), { next: "settle" }));
    expect(part("Settlement").getByRole("link", { name: /settle/i })).toHaveAttribute(
      "href",
      "/charters/BR-1/settlement",
    );
  });

  it("does not count a finished prep as one of the two ends", () => {
    const prep = handoverOf("prep", { prepDone: true, sealedAt: "2027-06-12T10:00:00.000Z" });
    draw(rowOf(stayOf({ handovers: [prep, sealed("check-in")] }), { next: "under-way" }));
    expect(screen.queryByRole("heading", { name: "Settlement" })).not.toBeInTheDocument();
  });
});
