/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor } from "@testing-library/react";
import { Anchor } from "lucide-react";
import { useState } from "react";
import { drawDesk } from "@/testing/screen";
import { Dialog } from "./Dialog";
import { Drawer } from "./Drawer";
import { EmptyState } from "./EmptyState";
import { Menu } from "./Menu";
import { NumberField } from "./NumberField";
import { Pages } from "./Pages";
import { Progress } from "./Progress";
import { Segments } from "./Segments";
import { Tabs } from "./Tabs";
import { Timeline } from "./Timeline";

/** Draws a part that opens over the page by a button, as a page has it. */
function Opened({ part: Part }: { part: typeof Dialog | typeof Drawer }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button onClick={() => setOpen(true)}>Open it</button>
      {open && (
        <Part title="Fenders" closeWord="Close" onClose={() => setOpen(false)}>
          <input aria-label="How many" />
        </Part>
      )}
    </>
  );
}

describe.each([
  ["a dialog", Dialog],
  ["a drawer", Drawer],
])("%s", (_name, part) => {
  it("has its title as its name, closes by Escape, and gives the focus back", async () => {
    const person = drawDesk(<Opened part={part} />);
    const opener = screen.getByRole("button", { name: "Open it" });
    await person.click(opener);
    expect(await screen.findByRole("dialog", { name: "Fenders" })).toBeInTheDocument();
    await waitFor(() => expect(screen.getByRole("dialog")).toContainElement(document.activeElement as HTMLElement));
    await person.keyboard("{Escape}");
    await waitFor(() => expect(screen.queryByRole("dialog")).not.toBeInTheDocument());
    await waitFor(() => expect(opener).toHaveFocus());
  });

  it("closes by its word", async () => {
    const person = drawDesk(<Opened part={part} />);
    await person.click(screen.getByRole("button", { name: "Open it" }));
    await person.click(await screen.findByRole("button", { name: "Close" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).not.toBeInTheDocument());
  });
});

describe("a menu", () => {
  it("goes, does and turns on or off", async () => {
    const [chosen, turned] = [jest.fn(), jest.fn()];
    const person = drawDesk(
      <Menu
        label="More"
        entries={[
          { word: "Print", href: "/print", inNewTab: true },
          { word: "Take it back", onChoose: chosen },
          { word: "Price", on: true, onTurn: turned },
        ]}
      />,
    );
    await person.click(screen.getByRole("button", { name: "More" }));
    expect(await screen.findByRole("menuitem", { name: "Print" })).toHaveAttribute("href", "/print");
    await person.click(screen.getByRole("menuitemcheckbox", { name: "Price" }));
    expect(turned).toHaveBeenCalledWith(false);
    await person.click(screen.getByRole("menuitem", { name: "Take it back" }));
    await waitFor(() => expect(chosen).toHaveBeenCalledTimes(1));
  });
});

describe("segments", () => {
  it("have one taken, by tap or by arrow", async () => {
    const chosen = jest.fn();
    const options = ["deck", "below"].map((value) => ({ value, word: value }));
    const person = drawDesk(<Segments label="Level" options={options} value="deck" onChoose={chosen} />);
    expect(screen.getByRole("radiogroup", { name: "Level" })).toBeInTheDocument();
    expect(screen.getByRole("radio", { name: "deck" })).toBeChecked();
    await person.click(screen.getByRole("radio", { name: "below" }));
    expect(chosen).toHaveBeenCalledWith("below");
  });

  it("that are disabled take nothing", async () => {
    const chosen = jest.fn();
    const person = drawDesk(
      <Segments label="Level" options={[{ value: "deck", word: "deck" }]} value={null} disabled onChoose={chosen} />,
    );
    await person.click(screen.getByRole("radio", { name: "deck" }));
    expect(chosen).not.toHaveBeenCalled();
  });
});

describe("tabs", () => {
  it("show the part that is chosen, and no other", async () => {
    const chosen = jest.fn();
    const person = drawDesk(
      <Tabs
        label="Parts"
        value="figures"
        onChoose={chosen}
        tabs={[
          { value: "figures", word: "Figures", shown: <p>1.95 m</p> },
          { value: "file", word: "File", shown: <p>Revision 1</p> },
        ]}
      />,
    );
    expect(screen.getByRole("tabpanel")).toHaveTextContent("1.95 m");
    expect(screen.queryByText("Revision 1")).not.toBeInTheDocument();
    await person.click(screen.getByRole("tab", { name: "File" }));
    expect(chosen).toHaveBeenCalledWith("file");
  });
});

describe("a number with steps", () => {
  function Minutes({ onChange }: { onChange: (value: number) => void }) {
    const [value, setValue] = useState(3);
    return (
      <NumberField
        label="Minutes"
        words={{ less: "Fewer", more: "More" }}
        value={value}
        min={0.5}
        max={4}
        step={0.5}
        onChange={(next) => {
          setValue(next);
          onChange(next);
        }}
      />
    );
  }

  it("goes by its step, and not beyond its bounds", async () => {
    const changed = jest.fn();
    const person = drawDesk(<Minutes onChange={changed} />);
    await person.click(screen.getByRole("button", { name: "More" }));
    await person.click(screen.getByRole("button", { name: "More" }));
    await waitFor(() => expect(screen.getByRole("button", { name: "More" })).toBeDisabled());
    expect(changed.mock.calls).toEqual([[3.5], [4]]);
    await person.click(screen.getByRole("button", { name: "Fewer" }));
    expect(changed).toHaveBeenLastCalledWith(3.5);
  });

  it("takes no number beyond its bounds that is typed", async () => {
    const changed = jest.fn();
    const person = drawDesk(<Minutes onChange={changed} />);
    await person.clear(screen.getByRole("spinbutton", { name: "Minutes" }));
    await person.type(screen.getByRole("spinbutton", { name: "Minutes" }), "99");
    expect(changed.mock.calls.flat().every((value: number) => value <= 4)).toBe(true);
  });
});

describe("paging", () => {
  const words = { before: "Before", next: "Next" };

  it("goes to the next page, and is not there for one page", async () => {
    const gone = jest.fn();
    const person = drawDesk(<Pages label="Work" words={words} count={120} pageSize={50} page={1} onGo={gone} />);
    expect(screen.getByRole("button", { name: "Before" })).toBeDisabled();
    await person.click(screen.getByRole("button", { name: "Next" }));
    expect(gone).toHaveBeenCalledWith(2);
  });

  it("is not drawn where one page holds it all", () => {
    drawDesk(<Pages label="Work" words={words} count={50} pageSize={50} page={1} onGo={() => undefined} />);
    expect(screen.queryByRole("navigation")).not.toBeInTheDocument();
  });
});

it("how much is done is said in words and as a value", () => {
  drawDesk(<Progress label="175 of 232" done={175} of={232} />);
  const bar = screen.getByRole("progressbar", { name: "175 of 232" });
  expect(bar).toHaveAttribute("aria-valuenow", "175");
  expect(bar).toHaveAttribute("aria-valuemax", "232");
});

it("a timeline is a list in its order", () => {
  const moments = ["second", "first"].map((id) => ({ id, title: id, detail: `by ${id}` }));
  drawDesk(<Timeline label="Changes" moments={moments} />);
  expect(screen.getAllByRole("listitem").map((item) => item.textContent)).toEqual(["secondby second", "firstby first"]);
});

it("where there is nothing it says what that means", () => {
  drawDesk(<EmptyState sign={Anchor} title="No charter yet" words="It comes from the office." />);
  expect(screen.getByText("No charter yet")).toBeInTheDocument();
  expect(screen.getByText("It comes from the office.")).toBeInTheDocument();
});
