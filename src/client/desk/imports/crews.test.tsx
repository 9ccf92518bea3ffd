/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import type { CrewView, ImportStart } from "@/api/schemas/imports";
import { drawDesk, wire } from "@/testing/screen";
import { ImportPage } from "./ImportPage";

const router = { refresh: jest.fn(), push: jest.fn(), replace: jest.fn() };
jest.mock("next/navigation", () => ({
  useRouter: () => router,
  useSearchParams: () => new URLSearchParams(),
  usePathname: () => "/charters/import",
}));
afterEach(cleanup);

const start: ImportStart = { timeZone: "Atlantic/Azores", mappings: {}, mappingsNumber: 3, runs: [] };
const crew = (change: Partial<CrewView>): CrewView => ({
  line: 2,
  reference: "BR-1",
  yacht: "Pale Heron",
  fate: "new",
  aboard: 4,
  people: 2,
  added: ["Tam", "Rill"],
  gone: [],
  changed: [],
  faults: [],
  ...change,
});

async function pasteCrews(text: string, crews: CrewView[]) {
  const base = wire();
  const user = drawDesk(<ImportPage start={start} />, ["office"]);
  await user.click(screen.getByRole("radio", { name: "Crew lists" }));
  await user.click(screen.getByLabelText("Or paste its rows here, with the heads"));
  await user.paste(text);
  base.answer(200, { crews, seen: "s" });
  await user.click(screen.getByRole("button", { name: "Read what is pasted" }));
  return { base, user };
}

describe("crew lists that are read", () => {
  it("tell what becomes of each charter's before they are taken as they were seen", async () => {
    const faults = [{ line: 7, column: "weight" as const, what: "wrong" as const, text: "heavy" }];
    const { base, user } = await pasteCrews("Buchung;Name;Gewicht\nBR-1;Tam;70\nBR-1;Rill;60\n", [
      crew({}),
      crew({ line: 5, reference: "BR-2", fate: "changed", added: [], gone: ["Ibb"], changed: ["Tam"] }),
      crew({ line: 7, reference: "BR-3", fate: "refused", faults }),
      crew({ line: 8, reference: "BR-4", fate: "same" }),
    ]);
    const rows = within(await screen.findByRole("table"))
      .getAllByRole("row")
      .slice(1);
    expect(
      rows.map((row) =>
        within(row)
          .getAllByRole("cell")
          .map(({ textContent }) => textContent)
          .slice(-2),
      ),
    ).toEqual([
      ["New", "Pale Heron: 2 of 4 named; new: Tam, Rill"],
      ["Changed", "Pale Heron: 2 of 4 named; gone: Ibb; told otherwise: Tam"],
      ["Refused", "line 7, weight in kg: “heavy” cannot be read"],
      ["As it stands", ""],
    ]);
    expect(base.asked.at(-1)?.body).toEqual({
      columns: ["reference", "name", "weight"],
      rows: [
        { line: 2, cells: ["BR-1", "Tam", "70"] },
        { line: 3, cells: ["BR-1", "Rill", "60"] },
      ],
    });
    base.answer(201, { taken: 2 });
    await user.click(screen.getByRole("button", { name: "Take 2 crew lists" }));
    await waitFor(() => expect(base.asked.at(-1)).toMatchObject({ path: "/api/imports/crews", body: { seen: "s" } }));
    // the page is ready for the next list
    expect(await screen.findByLabelText("Or paste its rows here, with the heads")).toHaveValue("");
  });

  it("say which column is missing, and ask nothing of the base", async () => {
    const { base } = await pasteCrews("Buchung;Name\nBR-1;Tam\n", []);
    expect(screen.getByText("The list has no column for: weight in kg. Give it a head.")).toBeInTheDocument();
    expect(base.asked.filter(({ path }) => path.includes("crews"))).toHaveLength(0);
  });

  it("are not taken where they bring nothing", async () => {
    await pasteCrews("charter;name;weight\nBR-1;Tam;70\n", [crew({ fate: "same" })]);
    expect(await screen.findByRole("button", { name: "Nothing to take" })).toBeDisabled();
  });
});
