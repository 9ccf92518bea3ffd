/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, within } from "@testing-library/react";
import type { Deed } from "@/core/log/deed";
import { drawDesk } from "@/testing/screen";
import { browserOf } from "./device-words";
import { LogPage } from "./LogPage";

jest.mock("next/navigation", () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));

const chromium =
  "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/143.0.0.0 Safari/537.36";
const deed = (change: Partial<Deed> = {}): Deed => ({
  id: 9,
  at: "2027-06-12T08:05:07.000Z",
  request: "a",
  action: "hold-deposit",
  kind: "staff",
  by: "Odile Varn",
  device: chromium,
  subject: "deposit_event",
  charter: "BR-1052",
  yacht: "Pale Heron",
  of: null,
  was: null,
  became: { kind: "held", amount_minor: 250000, currency: "EUR" },
  ...change,
});
const draw = (deeds: Deed[], older: number | null = null, filter = {}) =>
  drawDesk(
    <LogPage
      filter={filter}
      deeds={deeds}
      older={older}
      people={[{ id: "00000000-0000-7000-8000-000000000001", name: "Odile Varn" }]}
      yachts={[{ slug: "pale-heron", name: "Pale Heron" }]}
      timeZone="Atlantic/Azores"
    />,
  );
const rows = () =>
  within(screen.getByRole("table", { name: "Log" }))
    .getAllByRole("row")
    .slice(1);

describe("the log", () => {
  it("says when at the base, who, from which browser, what, and on which charter and yacht", () => {
    draw([deed()]);
    const [row] = rows();
    expect(row).toHaveTextContent("12 Jun 2027, 08:05:07");
    expect(row).toHaveTextContent("Odile Varnat the desk");
    expect(row).toHaveTextContent("Chrome, Linux");
    expect(row).toHaveTextContent("Held a deposit");
    expect(row).toHaveTextContent("Deposit: kind: held; amount: €2,500.00");
    expect(within(row!).getByRole("link", { name: "BR-1052" })).toHaveAttribute("href", "/log?charter=BR-1052");
  });

  it("puts what one request did in one row, with what stood there before", () => {
    draw([
      deed({
        id: 9,
        action: "change-person",
        subject: "staff",
        of: "Ilko Brand",
        was: { roles: ["briefer"] },
        became: { roles: ["office", "briefer"] },
      }),
      deed({ id: 8, action: "change-person", subject: "staff", was: {}, became: { password: true } }),
      deed({
        id: 7,
        request: "b",
        kind: "house",
        by: null,
        device: null,
        action: "something-older",
        subject: "gone_table",
        became: {},
      }),
    ]);
    expect(rows()).toHaveLength(2);
    expect(rows()[0]).toHaveTextContent("Account, Ilko Brand: roles: briefer → office, briefer");
    expect(rows()[0]).toHaveTextContent("password: set anew");
    // what a later version no longer knows is still said
    expect(rows()[1]).toHaveTextContent("something older");
    expect(rows()[1]).toHaveTextContent("Brinecove itself");
  });

  it("shows at most six fields and six things, and counts the rest", () => {
    const became = Object.fromEntries(Array.from({ length: 9 }, (_, i) => [`field_${String.fromCharCode(97 + i)}`, i]));
    draw([
      deed({ became: { rules: became } }),
      ...Array.from({ length: 8 }, (_, i) => deed({ id: 8 - i, became: {} })),
    ]);
    expect(rows()[0]).toHaveTextContent("3 more");
    expect(within(rows()[0]!).getAllByRole("listitem")).toHaveLength(7);
  });

  it("goes to the older ones and takes what is asked for along, also into the file", () => {
    draw([deed()], 9, { yacht: "pale-heron" });
    expect(screen.getByRole("link", { name: "Older" })).toHaveAttribute("href", "/log?yacht=pale-heron&before=9");
    expect(screen.getByRole("link", { name: "Take it out as CSV" })).toHaveAttribute(
      "href",
      "/api/log.csv?yacht=pale-heron",
    );
    expect(screen.getByLabelText("Yacht")).toHaveValue("pale-heron");
  });

  it("says that nothing was done, and offers nothing older", () => {
    draw([]);
    expect(screen.getByText("Nothing was done")).toBeInTheDocument();
    expect(screen.queryByRole("link", { name: "Older" })).not.toBeInTheDocument();
  });
});

it("reads a browser out of what it calls itself, and makes none up", () => {
  expect(browserOf(chromium)).toEqual({ browser: "Chrome", system: "Linux" });
  expect(browserOf("curl/8")).toBeNull();
});
