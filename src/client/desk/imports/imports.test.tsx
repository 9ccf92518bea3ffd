/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { charterColumns } from "@/core/imports/columns";
import type { ImportStart, RowView } from "@/api/schemas/imports";
import { id } from "@/testing/records";
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
const list =
  "Ref;Boot;Von;Bis;Kunde;Pers.\nA-1;Pale Heron;03/04/2027;10/04/2027;Rill Ander;4\nA-2;Quillback;03/04/2027;10/04/2027;Jory Penn;3\n";
const row = (change: Partial<RowView> = {}): RowView => ({
  line: 2,
  reference: "A-1",
  fate: "new",
  isKnown: true,
  changes: [],
  faults: [],
  yacht: "Pale Heron",
  fromDay: "2027-04-03",
  toDay: "2027-04-10",
  charterer: "Rill Ander",
  ...change,
});

async function pasteList(text: string, given: Partial<ImportStart> = {}) {
  const base = wire();
  const user = drawDesk(<ImportPage start={{ ...start, ...given }} />, ["office"]);
  await user.click(screen.getByLabelText("Or paste its rows here, with the heads"));
  await user.paste(text);
  await user.click(screen.getByRole("button", { name: "Read what is pasted" }));
  return { base, user };
}

describe("a list that is read", () => {
  it("is told by its heads; what is needed and not found is asked for", async () => {
    const { user } = await pasteList(list.replace("Boot", "Craft"));
    expect(screen.getByText("Pasted rows: 2 rows, 6 columns.")).toBeInTheDocument();
    expect(screen.getByLabelText("Reference (needed)")).toHaveDisplayValue("Ref");
    expect(screen.getByLabelText("Yacht (needed)")).toHaveDisplayValue("not in the list");
    expect(screen.getByText("Choose where these are: Yacht.")).toBeInTheDocument();
    await user.selectOptions(screen.getByLabelText("Yacht (needed)"), "Craft");
    expect(screen.queryByText(/Choose where these are/)).not.toBeInTheDocument();
    expect(screen.getByLabelText("Yacht (needed)")).toHaveAccessibleDescription("First row: Pale Heron");
  });

  it("asks in which order its days are where they could be read both ways, and refuses those at odds", async () => {
    const { user, base } = await pasteList(list);
    expect(screen.getByText(/could be read both ways/)).toBeInTheDocument();
    await user.click(screen.getByRole("radio", { name: "month, day, year" }));
    base.answer(200, { rows: [row()], seen: "s" });
    await user.click(screen.getByRole("button", { name: "Look through the list" }));
    await screen.findByText(/Pale Heron, 3 Apr 2027 to 10 Apr 2027, Rill Ander/);
    expect(base.asked.at(-1)?.body).toMatchObject({ order: "month-first" });
    cleanup();
    await pasteList(list.replace("10/04/2027", "14/04/2027").replace("03/04/2027;10", "04/14/2027;10"));
    expect(screen.getByRole("alert")).toHaveTextContent("Its days are at odds with each other");
    expect(screen.getByRole("button", { name: "Look through the list" })).toBeDisabled();
  });

  it("says that there is nothing to read", async () => {
    await pasteList("Ref;Boot");
    expect(screen.getByRole("alert")).toHaveTextContent("Nothing to read");
  });

  it("is read as one kept before, and kept by name for the next", async () => {
    const kept = { name: "Office", columns: { reference: "Pers.", yacht: "Boot" }, order: "month-first" as const };
    const { user, base } = await pasteList(list, { mappings: { office: kept } });
    expect(screen.getByLabelText("Read it as")).toHaveDisplayValue("Office");
    expect(screen.getByLabelText("Reference (needed)")).toHaveDisplayValue("Pers.");
    await user.selectOptions(screen.getByLabelText("Read it as"), "By its heads");
    expect(screen.getByLabelText("Reference (needed)")).toHaveDisplayValue("Ref");
    base.answer(201, {});
    await user.type(screen.getByLabelText("Keep this reading under a name"), "office");
    await user.click(screen.getByRole("button", { name: "Keep it" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    // the same name is the same reading
    expect(base.asked[0]?.body).toEqual({
      onNumber: 3,
      mappings: {
        office: {
          name: "office",
          order: "month-first",
          columns: { reference: "Ref", yacht: "Boot", fromDay: "Von", toDay: "Bis", charterer: "Kunde" },
        },
      },
    });
  });
});

describe("what becomes of the rows", () => {
  const rows = [
    row(),
    row({
      line: 3,
      reference: "A-2",
      fate: "changed",
      changes: [
        { column: "backAt", was: "09:00", becomes: "10:00" },
        { column: "chartererPhone", was: "", becomes: "+000 1" },
        { column: "state", was: "no-show", becomes: "on" },
      ],
    }),
    row({
      line: 4,
      reference: "A-3",
      fate: "refused",
      faults: [
        {
          column: "fromDay",
          what: "promised",
          values: { reference: "BR-9", startsAt: "2027-04-03T17:00:00Z", endsAt: "2027-04-10T13:00:00Z" },
        },
      ],
    }),
    row({ line: 5, reference: "A-4", fate: "same", isKnown: false }),
  ];
  const looked = async () => {
    const drawn = await pasteList(list);
    drawn.base.answer(200, { rows, seen: "seen-1" });
    await drawn.user.click(screen.getByRole("button", { name: "Look through the list" }));
    await screen.findByRole("row", { name: /A-2/ });
    return drawn;
  };

  it("is told row by row, and of one kind alone", async () => {
    const { user, base } = await looked();
    const sent = base.asked[0]?.body as { columns: string[]; rows: { cells: string[] }[] };
    expect(sent.columns).toEqual(
      charterColumns.filter((column) => ["reference", "yacht", "fromDay", "toDay", "charterer"].includes(column)),
    );
    expect(sent.rows[0]?.cells).toEqual(["A-1", "Pale Heron", "03/04/2027", "10/04/2027", "Rill Ander"]);
    expect(screen.getByRole("row", { name: /A-2/ })).toHaveTextContent(
      "Back at: 09:00 becomes 10:00; Charterer’s telephone: nothing becomes +000 1; Takes place or not: did not come becomes takes place",
    );
    expect(screen.getByRole("row", { name: /A-3/ })).toHaveTextContent(
      /She is promised to BR-9 then, from .*3 Apr.* until .*10 Apr/,
    );
    expect(screen.getByRole("row", { name: /A-4/ })).toHaveTextContent("Cancelled there, and never entered here");
    await user.click(screen.getByRole("radio", { name: "Refused 1" }));
    expect(screen.queryByRole("row", { name: /A-2/ })).not.toBeInTheDocument();
  });

  it("is taken as it was seen", async () => {
    const { user, base } = await looked();
    base.answer(201, { id: id(1), new: 1, changed: 1 });
    await user.click(screen.getByRole("button", { name: "Take 2 rows" }));
    await screen.findByText("Lists taken in");
    expect(base.asked.at(-1)).toMatchObject({
      path: "/api/imports",
      body: { seen: "seen-1", fileName: "Pasted rows" },
    });
  });

  it("is looked through again where rows are left out, and told where something becomes otherwise", async () => {
    const { user, base } = await looked();
    await user.click(screen.getByRole("checkbox", { name: /A-1/ }));
    // a row that brings nothing cannot be chosen
    expect(screen.getByRole("checkbox", { name: /A-3/ })).toBeDisabled();
    base.answer(200, {
      rows: [{ ...rows[1], fate: "refused", faults: [{ column: "yacht", what: "begun" }] }],
      seen: "seen-2",
    });
    await user.click(screen.getByRole("button", { name: "Take the one row" }));
    expect(await screen.findByText(/With these rows alone something becomes otherwise/)).toBeInTheDocument();
    expect(base.asked.at(-1)).toMatchObject({ path: "/api/imports/look", body: { rows: [{ line: 3 }] } });
    expect(screen.getByRole("row", { name: /A-2/ })).toHaveTextContent("Yacht stands: something was opened aboard");
    expect(screen.getByRole("button", { name: "Nothing is chosen" })).toBeDisabled();
  });

  it("says that there is no signal, and leaves the list as it was read", async () => {
    const { user } = await pasteList(list);
    await user.click(screen.getByRole("button", { name: "Look through the list" }));
    expect(await screen.findByRole("alert")).toHaveTextContent("Cannot reach the base");
    expect(screen.getByLabelText("Reference (needed)")).toHaveDisplayValue("Ref");
  });

  it("says what the base has against it, and takes nothing", async () => {
    const { user, base } = await looked();
    base.answer(409, { error: { code: "list-seen-changed", message: "Something here changed.", params: {} } });
    await user.click(screen.getByRole("button", { name: "Take 2 rows" }));
    expect(await screen.findByText("Something here changed.")).toBeInTheDocument();
    expect(screen.getByRole("button", { name: "Take 2 rows" })).toBeEnabled();
  });
});

describe("lists that were taken in", () => {
  it("show their rows, each undone by a tap", async () => {
    const run = {
      id: id(7),
      fileName: "season.csv",
      at: "2027-06-12T10:12:00Z",
      by: "Odile Varn",
      new: 1,
      changed: 1,
      contacts: 2,
      same: 3,
      leftOut: 4,
      undone: 1,
    };
    const base = wire();
    const user = drawDesk(<ImportPage start={{ ...start, runs: [run] }} />, ["office"]);
    expect(
      screen.getByText("1 new, 1 changed, 2 reached otherwise, 3 as they stood, 4 left out, 1 undone"),
    ).toBeInTheDocument();
    base.answer(200, {
      rows: [
        { line: 2, reference: "A-1", fate: "new", undoneAt: null },
        { line: 3, reference: "A-2", fate: "changed", undoneAt: "2027-06-12T10:20:00Z" },
      ],
    });
    await user.click(screen.getByRole("button", { name: "Rows" }));
    const dialog = await screen.findByRole("dialog");
    expect(await within(dialog).findByText("undone")).toBeInTheDocument();
    await user.click(within(dialog).getByRole("button", { name: "Undo" }));
    await waitFor(() => expect(base.asked.some(({ path }) => path === `/api/imports/${id(7)}/undo`)).toBe(true));
    expect(base.asked.find(({ method }) => method === "POST")?.body).toEqual({ line: 2 });
  });
});
