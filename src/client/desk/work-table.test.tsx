/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, within } from "@testing-library/react";
import { id } from "@/testing/records";
import { drawDesk } from "@/testing/screen";
import { WorkTable, type Work } from "./WorkTable";

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
const draw = () => drawDesk(<WorkTable work={all} timeZone="Atlantic/Azores" mayWork />);
const rows = () =>
  screen
    .getAllByRole("row")
    .filter((row) => row.hasAttribute("data-row"))
    .map((row) => within(row).getByText(/./, { selector: "strong" }).textContent);

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
    expect(screen.getByText("Windlass", { selector: "li strong" })).toBeInTheDocument();
    expect(screen.getByRole("button", { name: "Repaired: Windlass" })).toBeInTheDocument();
    await person.keyboard("{End}");
    expect(document.activeElement).toHaveTextContent("Saloon, upholstery");
  });
});
