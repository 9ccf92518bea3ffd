/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, fireEvent, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { HandoverInHand, SealBrief, TodayRow } from "@/api/schemas/desk";
import { handoverOf, rowOf, stayOf } from "@/testing/desk";
import { id } from "@/testing/records";
import { drawDesk } from "@/testing/screen";
import { CharterPage } from "./CharterPage";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));

const draw = (
  row: TodayRow,
  roles?: Parameters<typeof drawDesk>[1],
  faults: Parameters<typeof CharterPage>[0]["faults"] = {},
  access: Parameters<typeof CharterPage>[0]["access"] = [],
  inHand: HandoverInHand | null = null,
) =>
  drawDesk(
    <CharterPage
      row={row}
      timeZone="Atlantic/Azores"
      currency="EUR"
      deposit={[]}
      crew={[]}
      hire={null}
      turnRound={{ tasks: 9, minutes: 185, takeOff: [{ en: "Kayak" }] }}
      defects={[]}
      forecast={null}
      limits={{ windKn: 25, gustKn: 34 }}
      afterwards={null}
      inHand={inHand}
      me={id(905)}
      messages={[]}
      mailStays="demo"
      faults={faults}
      change={{
        yachts: [{ slug: "pale-heron", name: "Pale Heron", berth: "A4", maximumAboard: 10 }],
        charterer: null,
        skipper: null,
        language: "en",
        days: { fromDay: "2027-06-12", outAt: "17:00", toDay: "2027-06-19", backAt: "09:00" },
        onNumber: 0,
        goesOn: null,
      }}
      changes={[]}
      parts={[]}
      changeOver={null}
      access={access}
      study={0}
      log={[]}
    />,
    roles,
  );
/** A part of the page: in the rail, or of a step of the charter, which is opened where it is not. */
const part = (title: string) => {
  if (!screen.queryByRole("heading", { level: 2, name: title }))
    fireEvent.click(screen.getByRole("button", { name: new RegExp(`^${title} ?(done|in hand|to come)`) }));
  const found = screen.getByRole("heading", { level: 2, name: title }).parentElement;
  if (!found) throw new Error(`there is no part ${title}`);
  return within(found);
};
const sealed = (kind: "check-in" | "check-out", change = {}) =>
  handoverOf(kind, { sealedAt: "2027-06-12T16:00:00.000Z", ...change });

const seal = (letter: string, change: Partial<SealBrief> = {}): SealBrief => ({
  seal: letter.repeat(64),
  sealedAt: "2027-06-12T16:00:00.000Z",
  receivedAt: "2027-06-12T16:01:00.000Z",
  stands: true,
  problems: [],
  differ: null,
  settled: null,
  settledWhy: null,
  ...change,
});

describe("a charter's page", () => {
  it("names yacht, hours by the base's clock, people and berth, and the one next thing", () => {
    draw(rowOf(stayOf({ heldMinor: 250_000 })));
    expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent("Pale Heron, BR-1");
    // 15:00 UTC is 15:00 in the Azores in summer
    expect(screen.getByText(/Sat 12 Jun, 15:00 – Sat 19 Jun, 09:00/)).toHaveTextContent("4 aboard");
    expect(screen.getByRole("button", { name: "Start the check-in" })).toBeInTheDocument();
  });

  it("says of the step in hand who is on it, how much is left, and what stands in the way", () => {
    const open = rowOf(stayOf({ handovers: [handoverOf("check-in")] }), { next: "go-on-check-in" });
    const inHand = {
      left: 57,
      total: 232,
      people: ["Maro Tessen", "Tove Ellery"],
      against: ["The deposit is not there yet"],
    };
    draw(open, ["manager"], {}, [], inHand);
    const step = part("Check-in");
    expect(step.getByText("on it: Maro Tessen, Tove Ellery")).toBeInTheDocument();
    expect(step.getByRole("progressbar", { name: "175 of 232 looked at" })).toHaveAttribute("aria-valuenow", "175");
    expect(step.getByText("One thing stands in the way of leaving:")).toBeInTheDocument();
    expect(step.getByText("The deposit is not there yet")).toBeInTheDocument();
    cleanup();
    draw(open, ["manager"], {}, [], { ...inHand, left: 0, against: [] });
    expect(part("Check-in").getByText("By this list nothing stands in the way.")).toBeInTheDocument();
  });

  it("asks for the deposit first and lets people begin all the same", () => {
    draw(rowOf(stayOf(), { next: "hold-deposit" }));
    expect(part("Deposit").getByRole("button", { name: /^Hold €2,500/ })).toBeInTheDocument();
    expect(screen.getByRole("button", { name: "Start the check-in" })).toBeInTheDocument();
    expect(screen.getByRole("button", { name: "Briefing walk" })).toBeInTheDocument();
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
      "Begun Sat 12 Jun, 13:00, 12 recorded so far, not signed.",
    );
    expect(screen.getAllByRole("button", { name: "Go on with the check-in" })).toHaveLength(1);
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
    const seals = [seal("a"), seal("b", { stands: false })];
    draw(rowOf(stayOf({ handovers: [sealed("check-in", { late: 2, seals })] }), { next: "under-way" }));
    expect(part("Check-in").getByText(/^2 /)).toBeInTheDocument();
    expect(part("Check-in").getByText("More than one signed record")).toBeInTheDocument();
    expect(part("Check-in").getAllByRole("button", { name: "Let this one stand" })).toHaveLength(1);
  });

  it("says why a signed record does not stand, and lets a manager alone settle it, with a reason", async () => {
    const seals = [
      seal("a", {
        stands: false,
        problems: ["words-differ", "open-fork"],
        differ: { signed: ["Base: nothing to pay"], own: ["Fender: 5 of 6"] },
      }),
    ];
    const row = rowOf(stayOf({ handovers: [handoverOf("check-in", { seals })] }), { next: "settle-record" });
    draw(row, ["briefer"]);
    expect(part("Check-in").getByText("Signed, and it does not stand yet")).toBeInTheDocument();
    expect(part("Check-in").getByText(/not what its own entries say/)).toBeInTheDocument();
    expect(part("Check-in").getByText(/nobody has settled that/)).toBeInTheDocument();
    expect(part("Check-in").getByRole("list", { name: "Signed, and not in the entries" })).toHaveTextContent(
      "Base: nothing to pay",
    );
    expect(part("Check-in").getByRole("list", { name: "In the entries, and not signed" })).toHaveTextContent("5 of 6");
    expect(part("Check-in").queryByRole("button", { name: /Go on/ })).not.toBeInTheDocument();
    expect(part("Check-in").queryByRole("button", { name: "Let this one stand" })).not.toBeInTheDocument();
    cleanup();
    const sent = jest.fn<Promise<Response>, Parameters<typeof fetch>>(() => Promise.resolve(Response.json({})));
    globalThis.fetch = sent as typeof fetch;
    draw(row, ["manager"]);
    await userEvent.click(part("Check-in").getByRole("button", { name: "Have both sign again" }));
    expect(sent).not.toHaveBeenCalled();
    expect(part("Check-in").getByText("Say why: it stays with the records.")).toBeInTheDocument();
    await userEvent.type(part("Check-in").getByLabelText("Why"), "read it again");
    await userEvent.click(part("Check-in").getByRole("button", { name: "Have both sign again" }));
    expect(JSON.parse(sent.mock.calls[0]?.[1]?.body as string)).toEqual({
      seal: "a".repeat(64),
      stands: false,
      why: "read it again",
    });
  });

  it("keeps the mark on a yacht that was signed over while not cleared, until it is lifted", async () => {
    const against = ["Life jackets that fit: 3 for 4 aboard"];
    const row = (change = {}) =>
      rowOf(stayOf({ handovers: [sealed("check-in", { seals: [seal("a")], against, ...change })] }), {
        next: "under-way",
      });
    draw(row(), ["office"]);
    expect(part("Check-in").getByText("Handed over while not cleared")).toBeInTheDocument();
    expect(part("Check-in").getByText(against[0]!)).toBeInTheDocument();
    expect(part("Check-in").queryByRole("button", { name: "Lift the mark" })).not.toBeInTheDocument();
    cleanup();
    const sent = jest.fn<Promise<Response>, Parameters<typeof fetch>>(() => Promise.resolve(Response.json({})));
    globalThis.fetch = sent as typeof fetch;
    draw(row(), ["manager"]);
    await userEvent.type(
      part("Check-in").getByLabelText("What was done, and by whom"),
      "fourth jacket brought by Maro",
    );
    await userEvent.click(part("Check-in").getByRole("button", { name: "Lift the mark" }));
    expect(JSON.parse(sent.mock.calls[0]?.[1]?.body as string)).toEqual({
      how: "cured",
      why: "fourth jacket brought by Maro",
    });
    cleanup();
    const lifted = { how: "cured", why: "fourth jacket", by: "Senna Ruhl", at: "2027-06-12T17:00:00.000Z" };
    draw(row({ lifted }));
    expect(part("Check-in").getByText(/Senna Ruhl says it is fixed.*fourth jacket/)).toBeInTheDocument();
  });

  it("marks a record whose kept parts are not what was signed, and an hour that cannot be", () => {
    const check = sealed("check-in", { seals: [seal("a")] });
    draw(rowOf(stayOf({ handovers: [check] }), { next: "under-way" }), ["office"], {
      [check.id]: [{ what: "record", problem: "entry 7 was changed" }, { what: "chain" }],
    });
    expect(part("Check-in").getByRole("alert")).toHaveTextContent(/not what was signed.*entry 7 was changed.*chain/s);
    expect(part("Check-in").getByRole("alert")).toHaveTextContent("No money is settled on it");
    cleanup();
    draw(rowOf(stayOf({ handovers: [check] }), { next: "under-way" }), ["office"], {
      [check.id]: [{ what: "time", fault: "after-receipt" }],
    });
    expect(part("Check-in").getByRole("alert")).toHaveTextContent("signed after it was received");
    expect(part("Check-in").getByRole("alert")).not.toHaveTextContent("No money");
  });

  it("lists who has a way in, and ends one when asked twice", async () => {
    const sent = jest.fn<Promise<Response>, Parameters<typeof fetch>>(() => Promise.resolve(Response.json({})));
    globalThis.fetch = sent as typeof fetch;
    const since = "2027-06-12T10:00:00.000Z";
    const access = [
      { id: id(41), kind: "device", name: "Tam", side: "skipper", handover: "check-in", since },
      { id: id(42), kind: "book", name: null, side: "skipper", handover: null, since },
    ] as const;
    draw(rowOf(stayOf()), ["briefer"], {}, [...access]);
    const own = part("Who has access");
    expect(own.getByText(/^Tam, skipper's side, check-in/)).toBeInTheDocument();
    await userEvent.click(own.getAllByRole("button", { name: "End access" })[1]!);
    expect(sent).not.toHaveBeenCalled();
    await userEvent.click(own.getByRole("button", { name: "Yes, end it now" }));
    expect(JSON.parse(sent.mock.calls[0]?.[1]?.body as string)).toEqual({ kind: "book", id: id(42) });
    cleanup();
    draw(rowOf(stayOf()), ["technician"], {}, [...access]);
    expect(part("Who has access").queryByRole("button", { name: "End access" })).not.toBeInTheDocument();
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
    expect(part("Settlement").queryByRole("link")).not.toBeInTheDocument();
  });

  it("draws the charter as a line: what is in hand is open, the others one tap away", () => {
    draw(rowOf(stayOf({ heldMinor: 250_000, handovers: [sealed("check-in")] }), { next: "under-way" }));
    const steps = within(screen.getByRole("list", { name: "The charter through time" })).getAllByRole("button");
    expect(steps.map((step) => step.textContent)).toEqual([
      "Depositdone",
      "Studyto come",
      "Prepdone",
      "Check-indone, Sat 12 Jun",
      "Under wayin hand",
      "Check-outto come, Sat 19 Jun",
      "Settlementto come",
    ]);
    expect(screen.getByRole("button", { pressed: true })).toHaveTextContent(/^Under way/);
    expect(part("Study").getByText("The crew has not studied her yet.")).toBeInTheDocument();
    expect(screen.getByRole("button", { pressed: true })).toHaveTextContent(/^Study/);
  });

  it("says at the prep how much the base does on her, and what is taken off her", () => {
    draw(rowOf(stayOf(), { next: "start-check-in" }));
    const prep = part("Prep");
    // 185 minutes are three hours and five
    expect(
      prep.getByText(/^Turn-round: 9 tasks, 3:05 h of one person\. To take off her: Kayak\.$/),
    ).toBeInTheDocument();
  });

  it("opens the check-in where its record is not in order, whatever is in hand", () => {
    draw(rowOf(stayOf({ handovers: [sealed("check-in")] }), { next: "under-way", notCleared: true }));
    expect(screen.getByRole("button", { pressed: true })).toHaveTextContent(/^Check-in/);
  });
});
