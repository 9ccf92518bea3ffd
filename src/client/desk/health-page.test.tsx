/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor } from "@testing-library/react";
import type { HealthFinding } from "@/core/health/finding";
import { drawDesk, wire, type Wire } from "@/testing/screen";
import { HealthPage } from "./HealthPage";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));

let base: Wire;
beforeEach(() => {
  jest.clearAllMocks();
  base = wire();
});
const draw = (findings: HealthFinding[] | null) =>
  drawDesk(<HealthPage look={findings && { at: "2027-06-12T03:00:00.000Z", findings }} timeZone="Atlantic/Azores" />);
const difference = { key: "k", action: "hold", currency: "EUR", reference: "SIM-7" } as const;

describe("the health of a base", () => {
  it("says when it was looked over, and that everything fits", () => {
    draw([]);
    expect(screen.getByRole("status")).toHaveTextContent("All in order. Checked 12 Jun 2027, 03:00.");
    expect(screen.queryByRole("list")).not.toBeInTheDocument();
  });

  it("says that nobody has looked yet, and looks when asked", async () => {
    const person = draw(null);
    expect(screen.getByRole("status")).toHaveTextContent("Not checked yet. It runs once a night.");
    base.answer(200, { findings: 0 });
    await person.click(screen.getByRole("button", { name: "Check now" }));
    await waitFor(() => expect(router.refresh).toHaveBeenCalledTimes(1));
    expect(base.asked).toEqual([{ method: "POST", path: "/api/base/look", body: undefined }]);
  });

  it.each<[HealthFinding, string]>([
    [
      { what: "money", difference: { ...difference, code: "not-here", hereMinor: null, terminalMinor: 4200 } },
      "Hold SIM-7: €42.00 stand at the terminal, nothing in the base’s book.",
    ],
    [
      { what: "money", difference: { ...difference, code: "not-at-terminal", hereMinor: 4200, terminalMinor: null } },
      "Hold SIM-7: €42.00 stand in the base’s book, nothing at the terminal.",
    ],
    [
      {
        what: "money",
        difference: { ...difference, action: "capture", code: "other-amount", hereMinor: 100, terminalMinor: 200 },
      },
      "Taking SIM-7: €1.00 in the base’s book, €2.00 at the terminal.",
    ],
    [
      { what: "chain", yacht: "Quillback", number: 3, code: "other-hash" },
      "Quillback: link 3 of her chain of seals was changed.",
    ],
    [
      { what: "record", yacht: "Quillback", handover: "h", kind: "check-in", problem: "entry 7 was changed" },
      "Quillback, check-in: entry 7 was changed.",
    ],
    [{ what: "key", number: null }, "The base’s signing key is missing or broken."],
  ])("names it in words, and what to do: %j", (finding, words) => {
    draw([finding]);
    expect(screen.getByRole("status")).toHaveTextContent("One thing does not fit.");
    expect(screen.getByRole("listitem")).toHaveTextContent(words);
    expect(screen.getByText(/Nothing was changed\. Compare with the terminal’s statement/)).toBeInTheDocument();
  });
});
