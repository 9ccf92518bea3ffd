/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor } from "@testing-library/react";
import type { HealthFinding } from "@/core/health/finding";
import type { BackupsMade } from "@/core/backup/made";
import { drawDesk, wire, type Wire } from "@/testing/screen";
import { HealthPage } from "./HealthPage";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));

let base: Wire;
beforeEach(() => {
  jest.clearAllMocks();
  base = wire();
});
const never: BackupsMade = { last: null, fault: null, underWay: false };
const draw = (findings: HealthFinding[] | null, backups = never) =>
  drawDesk(
    <HealthPage
      look={findings && { at: "2027-06-12T03:00:00.000Z", findings }}
      backups={backups}
      messages={null}
      timeZone="Atlantic/Azores"
    />,
  );
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
      { what: "backup", lastAt: "2027-06-10T10:00:00.000Z" },
      "The last backup is of 2027-06-10. If this machine breaks, everything since is lost.",
    ],
    [
      { what: "backup", lastAt: null },
      "Nothing has ever been backed up here. If this machine breaks, everything is lost.",
    ],
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

describe("backups", () => {
  const last = { at: "2027-06-12T02:00:00.000Z", file: "/srv/backups/one.backup", bytes: 12_340_000, encrypted: true };

  it("says when the last one was made, how large it is, where it lies and whether it is closed", () => {
    draw([], { ...never, last });
    expect(
      screen.getByText("Last backup: 12 Jun 2027, 02:00, 12.3 MB. It lies at /srv/backups/one.backup."),
    ).toBeInTheDocument();
    expect(screen.getByText(/^Encrypted with the passphrase/)).toBeInTheDocument();
  });

  it("asks for one, once; while it is made nobody asks again and the page looks by itself", async () => {
    const person = draw([], never);
    expect(screen.getByText("No backup yet.")).toBeInTheDocument();
    base.answer(200, {});
    await person.click(screen.getByRole("button", { name: "Make a backup now" }));
    expect(base.asked).toEqual([{ method: "POST", path: "/api/base/backup", body: undefined }]);
  });

  it("looks again until one that is being made is there", async () => {
    draw([], { ...never, underWay: true });
    expect(screen.getByText("A backup is being made …")).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: "Make a backup now" })).toBeNull();
    await waitFor(() => expect(router.refresh).toHaveBeenCalled(), { timeout: 5000 });
  });

  it.each<[BackupsMade["fault"], RegExp]>([
    ["disk-full", /the disk is full/],
    ["cut-off", /was cut off/],
    ["failed", /The last try failed/],
  ])("says why the last try failed: %s", (fault, words) => {
    draw([], { last: { ...last, encrypted: false }, fault, underWay: false });
    expect(screen.getByRole("alert")).toHaveTextContent(words);
    expect(screen.getByText(/Not encrypted/)).toBeInTheDocument();
  });
});
