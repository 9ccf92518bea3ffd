/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import type { CalendarStay, CalendarView } from "@/api/schemas/charters";
import { id } from "@/testing/records";
import { drawDesk, wire } from "@/testing/screen";
import { CalendarPage } from "./CalendarPage";
import { barPx, hullPath, rowPx } from "./sizes";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));
/** The test's browser has no pointers: a mouse with what tells them apart. */
class Pointer extends MouseEvent {
  readonly pointerType: string;
  readonly pointerId: number;
  constructor(type: string, init: PointerEventInit = {}) {
    super(type, init);
    this.pointerType = init.pointerType ?? "mouse";
    this.pointerId = init.pointerId ?? 1;
  }
}
beforeAll(() => {
  window.PointerEvent = Pointer as unknown as typeof PointerEvent;
  Element.prototype.scrollTo = jest.fn();
  Element.prototype.scrollIntoView = jest.fn();
  Element.prototype.setPointerCapture = jest.fn();
});
beforeEach(() => jest.clearAllMocks());
afterEach(cleanup);

const stay = (number: number, yacht: string, from: string, to: string, change: Partial<CalendarStay> = {}) => ({
  id: id(number),
  reference: `BR-${number}`,
  yacht,
  startsAt: `${from}T17:00:00.000Z`,
  endsAt: `${to}T09:00:00.000Z`,
  freeFrom: `${to}T13:00:00.000Z`,
  skipper: "Isa Calder",
  aboard: 4,
  state: "to-come" as const,
  isBegun: false,
  isEnding: false,
  onNumber: 0,
  ...change,
});
const view: CalendarView = {
  from: "2027-06-07",
  weeks: 17,
  today: "2027-06-09",
  timeZone: "UTC",
  turnRoundHours: 4,
  yachts: [
    { slug: "pale-heron", name: "Pale Heron", className: "Ondavar 38", berth: "A4", maximumAboard: 10 },
    { slug: "sea-thrift", name: "Sea Thrift", className: "Farrant 42", berth: "B1", maximumAboard: 5 },
  ],
  stays: [
    stay(1, "pale-heron", "2027-06-12", "2027-06-19"),
    stay(2, "pale-heron", "2027-06-26", "2027-07-03", { onNumber: 3 }),
    stay(3, "sea-thrift", "2027-06-05", "2027-06-12", { state: "out", isBegun: true }),
  ],
  elsewhere: [],
  closings: [
    {
      id: id(9),
      yacht: "sea-thrift",
      kind: "service",
      startsAt: "2027-06-21T08:00:00.000Z",
      endsAt: "2027-06-25T17:00:00.000Z",
      words: "new rig",
      by: "Ilko Brandt",
    },
  ],
  due: [{ yacht: "pale-heron", day: "2027-06-15", words: "Flares" }],
};
const draw = (roles: Parameters<typeof drawDesk>[1] = ["office"], change: Partial<CalendarView> = {}) =>
  drawDesk(<CalendarPage view={{ ...view, ...change }} currency="EUR" />, roles);
const bar = (reference: string) => screen.getByRole("link", { name: new RegExp(`^${reference},`) });
/** Presses on a bar at a distance from the drawing's edges, and goes along; four months show a day as 26 px. */
const drag = (on: Element, from: { x: number; y: number }, to: { x: number; y: number }) => {
  const mouse = { pointerType: "mouse", button: 0, pointerId: 1 };
  fireEvent.pointerDown(on, { ...mouse, clientX: from.x, clientY: from.y });
  fireEvent.pointerMove(on, { ...mouse, clientX: to.x, clientY: to.y });
  return () => fireEvent.pointerUp(on, { ...mouse, clientX: to.x, clientY: to.y });
};
const dayPx = 26;
/** Where the middle of a charter lies that begins on a day of June. */
const on = (day: number, row = 0) => ({ x: (day - 7 + 2) * dayPx, y: row * rowPx + 20 });

describe("the calendar", () => {
  it("has a row a yacht and a hull a charter, each with who, when and how far", () => {
    draw();
    expect(screen.getAllByRole("listitem").map(({ textContent }) => textContent)).toEqual([
      "Pale HeronOndavar 38 · A4",
      "Sea ThriftFarrant 42 · B1",
    ]);
    expect(bar("BR-3")).toHaveAccessibleName(
      "BR-3, Sea Thrift, Isa Calder: Sat 5 Jun, 17:00 – Sat 12 Jun, 09:00, out, 4 aboard",
    );
    // what runs out on the 15th does so within the first charter alone
    expect(within(bar("BR-1")).getByText("Flares runs out on 2027-06-15.")).toBeInTheDocument();
    expect(within(bar("BR-2")).queryByText(/runs out/)).toBeNull();
  });

  it("shows what is promised elsewhere, and which charter it meets", async () => {
    const elsewhere = (number: number, day: string, meets: string[]) => ({
      id: String(number),
      yacht: "pale-heron",
      startsAt: `2027-06-${day}T12:00:00.000Z`,
      endsAt: "2027-06-29T12:00:00.000Z",
      words: "Held",
      feed: "Agency",
      meets,
    });
    const user = draw(["office"], { elsewhere: [elsewhere(1, "20", []), elsewhere(2, "27", ["BR-2"])] });
    fireEvent.click(screen.getByRole("button", { name: /^Promised elsewhere \(Agency\): Sun 20 Jun/ }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.getByText("It meets no charter of yours.")).toBeInTheDocument();
    await user.click(dialog.getByRole("button", { name: "Not now" }));
    fireEvent.click(screen.getByRole("button", { name: /^Promised elsewhere \(Agency\), meets BR-2: Sun 27 Jun/ }));
    expect(await screen.findByText("It meets BR-2. One of the two has to give way: ask Agency.")).toBeInTheDocument();
    expect(screen.getByText("Held")).toBeInTheDocument();
  });

  it("finds yachts by name, class and berth", async () => {
    const user = draw();
    await user.type(screen.getByLabelText("Yacht, class or berth"), "farrant");
    expect(screen.getAllByRole("listitem")).toHaveLength(1);
    expect(screen.queryByRole("link", { name: /^BR-1,/ })).toBeNull();
    expect(bar("BR-3")).toBeInTheDocument();
  });

  it("is walked by arrows, and a charter opened by Enter", async () => {
    const user = draw();
    bar("BR-1").focus();
    await user.keyboard("{ArrowRight}");
    expect(bar("BR-2")).toHaveFocus();
    await user.keyboard("{ArrowDown}");
    expect(bar("BR-3")).toHaveFocus();
    expect(bar("BR-2")).toHaveAttribute("tabindex", "-1");
    await user.keyboard("{ArrowUp}{ArrowLeft}");
    expect(bar("BR-1")).toHaveFocus();
    await user.keyboard("{Enter}");
    expect(router.push).toHaveBeenCalledWith("/charters/BR-1");
  });

  it("opens a charter that is tapped", () => {
    draw();
    fireEvent.pointerDown(bar("BR-2"), { pointerType: "mouse", button: 0, clientX: 520, clientY: 20 });
    fireEvent.pointerUp(bar("BR-2"), { pointerType: "mouse", button: 0, clientX: 520, clientY: 20 });
    expect(router.push).toHaveBeenCalledWith("/charters/BR-2");
  });

  it("goes on and back by weeks, and to half a year", async () => {
    const user = draw();
    await user.click(screen.getByRole("button", { name: "4 weeks later" }));
    expect(router.push).toHaveBeenLastCalledWith("/charters/calendar?from=2027-07-05&weeks=17", { scroll: false });
    await user.click(screen.getByText("Half a year"));
    expect(router.push).toHaveBeenLastCalledWith("/charters/calendar?from=2027-06-07&weeks=26", { scroll: false });
  });
});

describe("moving a charter", () => {
  it("asks why, tells what it does, and is made on what was seen", async () => {
    const base = wire();
    base.answer(200, { effects: [{ code: "precedes", reference: "BR-9", hours: 3 }] });
    const user = draw();
    const from = on(26);
    drag(bar("BR-2"), from, { x: from.x + 2 * dayPx, y: from.y })();
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.getByText("Then: Pale Heron, Mon 28 Jun, 17:00 – Mon 5 Jul, 09:00")).toBeInTheDocument();
    expect(await dialog.findByText("BR-9 goes out 3 h later.")).toBeInTheDocument();
    await user.type(dialog.getByLabelText("Why"), "their flight");
    base.answer(201, {});
    await user.click(dialog.getByRole("button", { name: "Move it" }));
    await waitFor(() => expect(base.asked.at(-1)?.path).toBe(`/api/stays/${id(2)}/move`));
    expect(base.asked.at(-1)?.body).toEqual({
      yacht: "pale-heron",
      fromDay: "2027-06-28",
      outAt: "17:00",
      toDay: "2027-07-05",
      backAt: "09:00",
      onNumber: 3,
      why: "their flight",
      told: "",
    });
  });

  it("by its bow moves the end alone", async () => {
    wire().answer(200, { effects: [] });
    draw();
    const bow = { x: (19 - 7) * dayPx + (9 / 24) * dayPx - 4, y: 20 };
    drag(bar("BR-1"), bow, { x: bow.x + dayPx, y: bow.y })();
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.getByText("Then: Pale Heron, Sat 12 Jun, 17:00 – Sun 20 Jun, 09:00")).toBeInTheDocument();
  });

  it.each([
    [
      "into another's days",
      "BR-1",
      on(12),
      { days: 10, rows: 0 },
      "Pale Heron is promised to BR-2 then, with her turn-round.",
    ],
    ["to a yacht that is closed", "BR-2", on(26), { days: -4, rows: 1 }, "Sea Thrift is closed then."],
    ["once it was begun", "BR-3", on(7, 1), { days: 1, rows: 0 }, /yacht and start stand\. Its end can still be moved/],
  ])("%s is refused while it is carried", (_name, reference, from, by, words) => {
    const base = wire();
    draw();
    const letGo = drag(bar(reference), from, { x: from.x + by.days * dayPx, y: from.y + by.rows * rowPx });
    expect(screen.getByRole("status")).toHaveTextContent(words);
    letGo();
    expect(screen.queryByRole("dialog")).toBeNull();
    expect(base.asked).toHaveLength(0);
  });

  it("goes by keys as by hand, and Escape leaves it", async () => {
    wire().answer(200, { effects: [] });
    const user = draw();
    bar("BR-2").focus();
    await user.keyboard("{Alt>}{ArrowRight}{ArrowDown}{/Alt}");
    expect(screen.getByRole("status")).toHaveTextContent("BR-2: Sea Thrift, Sun 27 Jun, 17:00 – Sun 4 Jul, 09:00");
    await user.keyboard("{Escape}");
    expect(screen.getByRole("status")).toHaveTextContent(/^Drag a charter/);
    await user.keyboard("{Alt>}{Shift>}{ArrowRight}{/Shift}{/Alt}{Enter}");
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.getByText("Then: Pale Heron, Sat 26 Jun, 17:00 – Sun 4 Jul, 09:00")).toBeInTheDocument();
  });

  it("by a finger begins after a rest; a finger that goes at once scrolls", async () => {
    draw();
    const from = on(26);
    const finger = { pointerType: "touch", button: 0, pointerId: 2 };
    const go = (x: number) => fireEvent.pointerMove(bar("BR-2"), { ...finger, clientX: x, clientY: from.y });
    const press = () => fireEvent.pointerDown(bar("BR-2"), { ...finger, clientX: from.x, clientY: from.y });
    press();
    go(from.x + 2 * dayPx);
    expect(screen.getByRole("status")).toHaveTextContent(/^Drag a charter/);
    fireEvent.pointerUp(bar("BR-2"), { ...finger, clientX: from.x, clientY: from.y });
    expect(router.push).not.toHaveBeenCalled();
    press();
    await screen.findByText(/^BR-2: Pale Heron, Sat 26 Jun/);
    go(from.x + 2 * dayPx);
    expect(screen.getByRole("status")).toHaveTextContent("BR-2: Pale Heron, Mon 28 Jun, 17:00 – Mon 5 Jul, 09:00");
    // the page stands still under it
    const touch = new Event("touchmove", { bubbles: true, cancelable: true });
    fireEvent(bar("BR-2"), touch);
    expect(touch.defaultPrevented).toBe(true);
  });

  it("is left where it was by going on to another charter", async () => {
    const user = draw();
    bar("BR-1").focus();
    await user.keyboard("{Alt>}{ArrowLeft}{/Alt}{ArrowRight}");
    expect(bar("BR-2")).toHaveFocus();
    expect(screen.getByRole("status")).toHaveTextContent(/^Drag a charter/);
    await user.keyboard("{Enter}");
    expect(screen.queryByRole("dialog")).toBeNull();
    expect(router.push).toHaveBeenCalledWith("/charters/BR-2");
  });

  it("is nothing for a technician, by hand or by keys", async () => {
    const user = draw(["technician"]);
    const from = on(26);
    drag(bar("BR-2"), from, { x: from.x + 60, y: from.y })();
    bar("BR-2").focus();
    await user.keyboard("{Alt>}{ArrowRight}{/Alt}");
    expect(screen.queryByRole("dialog")).toBeNull();
    expect(screen.getByRole("status")).toHaveTextContent("Arrows go from charter to charter, Enter opens one.");
  });
});

describe("free days", () => {
  const drawOver = () => {
    const drawing = screen.getByRole("group", { name: "Calendar" });
    drag(drawing, { x: (15 - 7) * dayPx + 3, y: rowPx + 20 }, { x: (19 - 7) * dayPx + 3, y: rowPx + 20 })();
  };

  it("that were drawn over become a charter", async () => {
    draw();
    drawOver();
    expect(await screen.findByRole("link", { name: "New charter in these days" })).toHaveAttribute(
      "href",
      "/charters/new?yacht=sea-thrift&from=2027-06-15&to=2027-06-19",
    );
  });

  it("or the yacht is closed in them", async () => {
    const base = wire();
    const user = draw();
    drawOver();
    const dialog = within(await screen.findByRole("dialog"));
    await user.click(dialog.getByText("Not available"));
    await user.type(dialog.getByLabelText("What for"), "owner sails");
    base.answer(201, { id: id(8) });
    await user.click(dialog.getByRole("button", { name: "Close Sea Thrift" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]).toMatchObject({
      path: "/api/closings",
      body: {
        yacht: "sea-thrift",
        fromDay: "2027-06-15",
        outAt: "08:00",
        toDay: "2027-06-19",
        backAt: "17:00",
        kind: "not-available",
        words: "owner sails",
      },
    });
  });

  it("that are closed are opened again", async () => {
    const base = wire();
    const user = draw();
    fireEvent.click(screen.getByRole("button", { name: "Service: new rig" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.getByText("Service, Mon 21 Jun, 08:00 – Fri 25 Jun, 17:00, by Ilko Brandt")).toBeInTheDocument();
    base.answer(200, {});
    await user.click(dialog.getByRole("button", { name: "Open these days again" }));
    await waitFor(() => expect(base.asked[0]).toMatchObject({ method: "DELETE", path: `/api/closings/${id(9)}` }));
  });
});

it("a hull has her bow at the end, and is never turned inside out", () => {
  expect(hullPath(100, 280, 10)).toContain(`280 ${10 + barPx / 2}`);
  const numbers = [...hullPath(100, 100, 10).matchAll(/-?\d+(\.\d+)?/g)].map(([text]) => Number(text));
  expect(Math.min(...numbers)).toBeGreaterThanOrEqual(10);
  expect(Math.max(...numbers)).toBeLessThanOrEqual(106);
});
