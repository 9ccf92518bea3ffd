/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor, within } from "@testing-library/react";
import { id } from "@/testing/records";
import { drawDesk, wire } from "@/testing/screen";
import { toaster } from "@/ui/kit/toaster";
import { csvOf } from "./table/save-csv";
import { WorkTable } from "./WorkTable";
import type { Work } from "./work";

const asked = new URLSearchParams();
jest.mock("next/navigation", () => ({
  useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }),
  useSearchParams: () => asked,
}));

const work = (number: number, change: Partial<Work>): Work => ({
  id: id(number),
  yachtId: id(1),
  yachtName: "Quillback",
  yachtSlug: "quillback",
  handoverId: null,
  subject: "line:test:windlass",
  place: null,
  title: "Windlass",
  words: "slips under load",
  safety: false,
  since: "2027-06-11T10:00:00.000Z",
  foundBy: "Ilko Brand",
  state: "ordered",
  workWords: "",
  workAt: "2027-06-11T10:00:00.000Z",
  workBy: null,
  parts: "",
  workNumber: 1,
  assignee: null,
  assigneeName: null,
  minutes: null,
  reading: "",
  workPhotos: [],
  neededAt: "2027-06-12T15:00:00.000Z",
  photos: [],
  ...change,
});
const all = [
  work(1, { title: "Life jacket", words: "cartridge loose", safety: true }),
  work(2, {}),
  work(3, {
    title: "Saloon, upholstery",
    words: "worn",
    yachtName: "Pale Heron",
    yachtSlug: "pale-heron",
    neededAt: null,
  }),
];
const [ilko, senna] = [id(91), id(92)];
const workers = [
  { id: ilko, name: "Ilko Brand" },
  { id: senna, name: "Senna Ruhl" },
];
const draw = (mayWork = true) =>
  drawDesk(<WorkTable work={all} timeZone="Atlantic/Azores" mayWork={mayWork} workers={workers} me={ilko} />);
const rows = () =>
  screen
    .getAllByRole("row")
    .filter((row) => row.hasAttribute("data-row"))
    .map((row) => within(row).getByText(/./, { selector: "strong" }).textContent);

const given = jest.spyOn(toaster, "create").mockImplementation(() => "");
beforeEach(() => window.history.replaceState(null, "", "/work"));

describe("what is to repair", () => {
  it("stands in the order it is needed, with yacht, who found it and when she leaves", () => {
    draw();
    expect(rows()).toEqual(["Life jacket", "Windlass", "Saloon, upholstery"]);
    const windlass = screen.getByText("Windlass").closest("tr");
    expect(windlass).toHaveTextContent("Quillback");
    expect(windlass).toHaveTextContent("11 Jun, Ilko Brand");
    expect(windlass).toHaveTextContent("leaves 12 Jun");
  });

  it("is sorted by a head, one way and the other, and the address keeps it", async () => {
    const person = draw();
    await person.click(screen.getByRole("button", { name: "What" }));
    expect(rows()).toEqual(["Life jacket", "Saloon, upholstery", "Windlass"]);
    expect(screen.getByRole("columnheader", { name: /What/ })).toHaveAttribute("aria-sort", "ascending");
    await person.click(screen.getByRole("button", { name: /What/ }));
    expect(rows()).toEqual(["Windlass", "Saloon, upholstery", "Life jacket"]);
    expect(window.location.search).toBe("?sort=-what");
  });

  it("is narrowed by a word and by a yacht, says how many are left, and the address keeps both", async () => {
    const person = draw();
    await person.type(screen.getByLabelText("Find in the list"), "slips");
    expect(rows()).toEqual(["Windlass"]);
    expect(screen.getByRole("status")).toHaveTextContent("1 of 3");
    await person.selectOptions(screen.getByLabelText("Yacht"), "Pale Heron");
    expect(screen.getByText("Nothing in the list fits that.")).toBeInTheDocument();
    expect(window.location.search).toBe("?find=slips&yacht=pale-heron");
  });

  it("opens a row by tap or Enter, and goes from row to row by the arrows", async () => {
    const person = draw();
    const first = screen.getByText("Life jacket").closest("tr")!;
    first.focus();
    await person.keyboard("{ArrowDown}{Enter}");
    const drawer = await screen.findByRole("dialog", { name: "Quillback" });
    expect(within(drawer).getByText("Windlass")).toBeInTheDocument();
    expect(within(drawer).getByRole("button", { name: "Repaired: Windlass" })).toBeInTheDocument();
    await person.click(within(drawer).getByRole("button", { name: "Close" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).not.toBeInTheDocument());
    first.focus();
    await person.keyboard("{End}");
    expect(document.activeElement).toHaveTextContent("Saloon, upholstery");
  });
});

describe("the columns", () => {
  it("are shown and hidden by the menu, in the table, its file and the address", async () => {
    const person = draw();
    await person.click(screen.getByRole("button", { name: "Columns" }));
    await person.click(await screen.findByRole("menuitemcheckbox", { name: "Found" }));
    await waitFor(() => expect(screen.queryByText(/^11 Jun/)).not.toBeInTheDocument());
    expect(new URL(window.location.href).searchParams.get("hide")).toBe("since");
    await person.click(screen.getByRole("menuitemcheckbox", { name: "Found" }));
    await waitFor(() => expect(screen.getAllByText(/^11 Jun/).length).toBeGreaterThan(0));
    expect(new URL(window.location.href).searchParams.get("hide")).toBeNull();
  });
});

describe("a photo", () => {
  it("is said to be there, and is shown in the open row", async () => {
    const hash = "a".repeat(64);
    const person = drawDesk(
      <WorkTable
        work={[work(9, { title: "Bow", photos: [hash] })]}
        timeZone="Atlantic/Azores"
        mayWork
        workers={workers}
        me={senna}
      />,
    );
    expect(screen.getByRole("img", { name: "1 photo" })).toBeInTheDocument();
    await person.click(screen.getByText("Bow"));
    const drawer = await screen.findByRole("dialog", { name: "Quillback" });
    expect(within(drawer).getByRole("img", { name: "Photo 1 of Bow" })).toHaveAttribute(
      "src",
      expect.stringContaining(hash),
    );
  });
});

describe("who has the work", () => {
  const choose = (name: string) => screen.getByRole("checkbox", { name: `Choose ${name}` });

  it("is given to one person, several at once, and taken back with one tap", async () => {
    const base = wire();
    base.answer(201, {});
    const person = draw();
    await person.click(choose("Quillback, Windlass"));
    await person.click(choose("Pale Heron, Saloon, upholstery"));
    await person.selectOptions(screen.getByLabelText("Give these 2 to"), "Ilko Brand");
    await person.click(screen.getByRole("button", { name: "Assign" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]).toEqual({
      method: "POST",
      path: "/api/work/assign",
      body: { defects: [id(2), id(3)], person: ilko },
    });
    // nothing is chosen any more, and what was done can be undone
    await waitFor(() => expect(screen.queryByRole("group", { name: "Give work to somebody" })).not.toBeInTheDocument());
    expect(given).toHaveBeenCalledWith(expect.objectContaining({ title: "2 given to Ilko Brand." }));
    const { action } = given.mock.calls[0]?.[0] as { action: { onClick: () => void } };
    action.onClick();
    await waitFor(() => expect(base.asked).toHaveLength(2));
    expect(base.asked[1]?.body).toEqual({ defects: [id(2), id(3)], person: null });
  });

  it("is chosen by nobody who may not judge work", () => {
    draw(false);
    expect(screen.queryByRole("checkbox")).not.toBeInTheDocument();
  });

  it("narrows the list to what nobody has, and the address keeps it", async () => {
    const person = draw();
    await person.selectOptions(screen.getByLabelText("Who has it"), "Ilko Brand (you)");
    expect(screen.queryAllByRole("checkbox")).toHaveLength(1);
    await person.selectOptions(screen.getByLabelText("Who has it"), "nobody yet");
    expect(rows()).toHaveLength(3);
    expect(window.location.search).toBe("?who=nobody");
  });

  it("chooses all that are shown, and none again", async () => {
    const person = draw();
    await person.click(screen.getByRole("checkbox", { name: "Choose all that are shown" }));
    expect(screen.getByLabelText("Give these 3 to")).toBeInTheDocument();
    await person.click(screen.getByRole("checkbox", { name: "Choose all that are shown" }));
    expect(screen.queryByRole("button", { name: "Assign" })).not.toBeInTheDocument();
  });
});

describe("saving what is shown", () => {
  it("has heads and rows, quotes what needs it, and no cell that a spreadsheet would run", () =>
    expect(
      csvOf(
        ["Yacht", "What"],
        [
          ["Quillback", "Windlass, slips"],
          ["Pale Heron", "=HYPERLINK(1)"],
        ],
      ),
    ).toBe('Yacht,What\r\nQuillback,"Windlass, slips"\r\nPale Heron,"\'=HYPERLINK(1)"'));

  it("saves the rows that are left after narrowing, in their order", async () => {
    const saved: Blob[] = [];
    Object.assign(URL, { createObjectURL: (blob: Blob) => (saved.push(blob), "blob:csv"), revokeObjectURL: jest.fn() });
    jest.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation();
    const person = draw();
    await person.type(screen.getByRole("searchbox"), "quillback");
    await person.click(screen.getByRole("button", { name: "Export CSV" }));
    const text = await new Promise<string>((done) => {
      const reader = new FileReader();
      reader.onload = () => done(String(reader.result));
      reader.readAsText(saved[0]!);
    });
    expect(text.split("\r\n").map((line) => line.split(",")[0])).toEqual(["Yacht", "Quillback", "Quillback"]);
  });
});
