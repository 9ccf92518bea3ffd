/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor } from "@testing-library/react";
import { drawDesk } from "@/testing/screen";
import { DataTable } from "./DataTable";
import type { Column } from "./features";

let asked = new URLSearchParams();
jest.mock("next/navigation", () => ({ useSearchParams: () => asked }));

interface Line {
  id: string;
  name: string;
  count: number;
}
// sixty lines: more than the fifty of a page
const rows: Line[] = Array.from({ length: 60 }, (_, at) => ({ id: `${at}`, name: `Fender ${at}`, count: 60 - at }));
const columns: Column<Line>[] = [
  { id: "name", accessorFn: (row) => row.name, header: () => "What" },
  { id: "count", accessorFn: (row) => row.count, header: () => "Count", isNumber: true },
];
const draw = (name?: string) =>
  drawDesk(<DataTable label="Things" name={name} columns={columns} rows={rows} idOf={(row) => row.id} />);
const shown = () => screen.getAllByRole("row").slice(1);
const kept = () => new URL(window.location.href).searchParams;

beforeEach(() => {
  asked = new URLSearchParams();
  window.history.replaceState(null, "", "/");
});

describe("a table of many rows", () => {
  it("shows fifty and goes to the rest", async () => {
    const person = draw();
    expect(shown()).toHaveLength(50);
    await person.click(screen.getByRole("button", { name: "Next" }));
    expect(shown()).toHaveLength(10);
    expect(kept().get("page")).toBe("2");
  });

  it("goes back to its first page when it is narrowed", async () => {
    asked = new URLSearchParams("page=2");
    const person = draw();
    expect(shown()).toHaveLength(10);
    await person.type(screen.getByLabelText("Find in the list"), "Fender 1");
    // Fender 1 and Fender 10 to 19
    await waitFor(() => expect(shown()).toHaveLength(11));
    expect(screen.getByRole("status")).toHaveTextContent("11 of 60");
    expect(kept().get("page")).toBeNull();
  });

  it("sorts numbers as numbers, and says so in its head", async () => {
    const person = draw();
    await person.click(screen.getByRole("button", { name: "Count" }));
    await person.click(screen.getByRole("button", { name: /^Count/ }));
    const head = screen.getByRole("columnheader", { name: /^Count/ });
    const order = shown().map((row) => Number(row.lastElementChild?.textContent));
    expect(order).toEqual([...order].sort((a, b) => (head.getAttribute("aria-sort") === "ascending" ? a - b : b - a)));
    expect(kept().get("sort")).toMatch(/^-?count$/);
  });

  it("keeps its state under its own name where a page has several", async () => {
    asked = new URLSearchParams("left-find=Fender 7&find=nothing");
    const person = draw("left");
    expect(shown()).toHaveLength(1);
    await person.clear(screen.getByLabelText("Find in the list"));
    await person.type(screen.getByLabelText("Find in the list"), "zzz");
    expect(screen.getByText("Nothing in the list fits that.")).toBeInTheDocument();
    expect(kept().get("left-find")).toBe("zzz");
  });

  it("begins at the first page where the address names none that is", () => {
    asked = new URLSearchParams("page=-3&sort=nothing");
    draw();
    expect(shown()).toHaveLength(50);
  });
});
