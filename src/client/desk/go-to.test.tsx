/** @jest-environment ./src/testing/browser-environment.cjs */
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { drawDesk, wire, type Wire } from "@/testing/screen";
import { KeyHelp } from "./KeyHelp";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));

const found = [
  { kind: "yacht", title: "Pale Heron", detail: "A4", href: "/fleet/pale-heron" },
  { kind: "charter", title: "BR-1052", detail: "Pale Heron, Petra Vinter", href: "/charters/BR-1052" },
];
let base: Wire;
beforeEach(() => {
  jest.clearAllMocks();
  base = wire();
  base.answer(200, { found });
});
const press = (key: string, more = {}) =>
  fireEvent.keyDown(document.body, { key, code: `Key${key.toUpperCase()}`, ...more });

describe("the desk's keys", () => {
  it("go to a page by its letter, and not while somebody types", () => {
    drawDesk(
      <>
        <KeyHelp />
        <input aria-label="note" />
      </>,
    );
    press("w");
    expect(router.push).toHaveBeenCalledWith("/work");
    fireEvent.keyDown(screen.getByLabelText("note"), { key: "f", code: "KeyF" });
    expect(router.push).toHaveBeenCalledTimes(1);
  });

  it("open what they are", () => {
    drawDesk(<KeyHelp />);
    press("?", { code: "Slash", shiftKey: true });
    expect(screen.getByRole("dialog", { name: "Keys" })).toHaveTextContent("Ctrl K");
  });

  it("go anywhere: some letters, an arrow, Enter", async () => {
    const person = drawDesk(<KeyHelp />);
    press("k", { ctrlKey: true });
    const field = screen.getByRole("combobox");
    await person.click(field);
    await person.paste("heron");
    expect(await screen.findAllByRole("option")).toHaveLength(2);
    const [first] = screen.getAllByRole("option");
    await waitFor(() => expect(field).toHaveAttribute("aria-activedescendant", first?.id));
    await person.keyboard("{ArrowDown}{Enter}");
    expect(router.push).toHaveBeenCalledWith("/charters/BR-1052");
    expect(screen.queryByRole("dialog")).not.toBeInTheDocument();
    expect(base.asked.at(-1)?.path).toBe("/api/go-to?find=heron");
  });

  it("say that nothing fits, and that there is no connection", async () => {
    const person = drawDesk(<KeyHelp />);
    await person.click(screen.getByRole("button", { name: "Go to …" }));
    base.answer(200, { found: [] });
    await person.type(screen.getByRole("combobox"), "zzz");
    await waitFor(() => expect(screen.getByRole("status")).toHaveTextContent("Nothing has these letters in its name."));
    await person.keyboard("{Enter}");
    expect(router.push).not.toHaveBeenCalled();
  });
});
