/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import type { ComingGuests } from "@/api/schemas/charters";
import { id } from "@/testing/records";
import { drawDesk, wire } from "@/testing/screen";
import { ComingPage } from "./ComingPage";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));
afterEach(cleanup);

const row = (change: Partial<ComingGuests> = {}): ComingGuests => ({
  charterId: id(1),
  stayId: id(2),
  reference: "BR-1",
  yacht: "Pale Heron",
  skipper: "Isa Calder",
  startsAt: "2027-06-12T17:00:00.000Z",
  aboard: 4,
  crew: 1,
  studied: 0,
  asked: ["Is there a second gas bottle?"],
  linkAt: "2027-06-01T09:00:00.000Z",
  openedAt: "2027-06-02T09:00:00.000Z",
  extras: 2,
  arrives: null,
  papersSeen: false,
  onNumber: 3,
  below: null,
  ready: {
    verdict: "watch",
    reasons: [{ code: "not-studied" }, { code: "crew-missing", count: 3 }, { code: "no-papers" }],
    reminder: "study-reminder",
  },
  ...change,
});
const draw = (rows: ComingGuests[], roles: Parameters<typeof drawDesk>[1] = ["office"]) =>
  drawDesk(<ComingPage view={{ timeZone: "UTC", mailStays: "demo", rows }} />, roles);

describe("the guests of the week to come", () => {
  it("stand with what is missing and what is known", () => {
    draw([row()]);
    const [first] = screen.getAllByRole("listitem");
    if (!first) throw new Error("no row");
    expect(within(first).getByRole("link", { name: "Pale Heron, BR-1" })).toHaveAttribute("href", "/charters/BR-1");
    expect(
      within(first)
        .getAllByRole("listitem")
        .map(({ textContent }) => textContent),
    ).toEqual(["Nothing studied yet", "3 names missing", "Papers not seen", "Is there a second gas bottle?"]);
    expect(within(first).getByText("nothing studied · 1 of 4 named · 2 kinds of extras")).toBeInTheDocument();
    expect(screen.getByText(/Nothing leaves the demo/)).toBeInTheDocument();
  });

  it("are reminded with one key of what fits", async () => {
    const base = wire();
    const user = draw([row()]);
    base.answer(201, { written: [] });
    await user.click(screen.getByRole("button", { name: "Remind of the study" }));
    await waitFor(() =>
      expect(base.asked[0]).toMatchObject({
        path: `/api/stays/${id(2)}/messages`,
        body: { kind: "study-reminder" },
      }),
    );
  });

  it("are sent the boat book with a look at it first, as link and PIN may have to be told by hand", async () => {
    const base = wire();
    const ready = { verdict: "stop" as const, reasons: [{ code: "no-link" as const }], reminder: "book-link" as const };
    const user = draw([row({ linkAt: null, openedAt: null, ready })]);
    await user.click(screen.getByRole("button", { name: "Send the boat book" }));
    expect(await screen.findByRole("dialog")).toBeInTheDocument();
    expect(base.asked.every(({ path }) => !path.endsWith("/messages/link"))).toBe(true);
  });

  it("whose experience is far below the boat are told with what to offer", () => {
    const below = {
      reasons: [{ why: "few-weeks" as const, values: { weeks: 1 } }],
      remedies: ["longer-briefing" as const],
    };
    draw([row({ below, ready: { verdict: "stop", reasons: [{ code: "far-below" }], reminder: null } })]);
    expect(screen.getByText("Experience far below the boat")).toBeInTheDocument();
    expect(screen.getByText(/longer briefing/)).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: /Remind|Send|Ask/ })).toBeNull();
  });

  it("have hour and papers noted, on what was seen", async () => {
    const base = wire();
    const user = draw([row({ arrives: "14:00" })], ["technician"]);
    expect(screen.queryByRole("button", { name: "Note" })).toBeNull();
    fireEvent.change(screen.getByLabelText("Arrive at"), { target: { value: "15:30" } });
    base.answer(201, {});
    await user.click(screen.getByRole("button", { name: "Note" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]).toMatchObject({
      path: `/api/charters/${id(1)}/coming`,
      body: { onNumber: 3, arrives: "15:30", papersSeen: false },
    });
    await user.click(screen.getByLabelText("Certificate and papers seen"));
    await waitFor(() => expect(base.asked.at(-1)?.body).toMatchObject({ papersSeen: true }));
    // who may not write to guests is offered no message
    expect(screen.queryByRole("button", { name: "Remind of the study" })).toBeNull();
  });

  it("are nobody in a quiet week", () => {
    draw([]);
    expect(screen.getByText("Nobody comes in the week ahead")).toBeInTheDocument();
    expect(screen.getByRole("link", { name: "Calendar" })).toHaveAttribute("href", "/charters/calendar");
  });
});
