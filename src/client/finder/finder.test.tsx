/** @jest-environment ./src/testing/browser-environment.cjs */
import { draw } from "@/testing/screen";
import { demoYacht } from "@/testing/demo-yacht";
import { fireEvent, screen, within } from "@testing-library/react";
import { useState } from "react";
import type { Hit } from "@/core/yacht/finder/finder";
import { FinderField } from "./FinderField";

const file = demoYacht("pale-heron");
const chosen = jest.fn();
beforeEach(() => jest.clearAllMocks());
function Finder() {
  const [hit, setHit] = useState<Hit | null>(null);
  return (
    <FinderField
      file={file}
      chosen={hit && `${hit.kind}:${hit.id}`}
      onChoose={(found) => {
        chosen(found);
        setHit(found);
      }}
      before={["gas tap"]}
    />
  );
}
const open = async () => {
  const person = draw(<Finder />);
  const field = screen.getByRole("searchbox");
  // its index comes a moment later
  await person.type(field, "fender");
  await screen.findAllByRole("listitem");
  await person.clear(field);
  return { person, field };
};

describe("the finder's field", () => {
  it("lists what was found with what it is and where, and says how many", async () => {
    const { person, field } = await open();
    await person.type(field, "gas tap");
    const [first] = await screen.findAllByRole("listitem");
    expect(within(first!).getByRole("button")).toHaveTextContent(/^Gas tap/);
    expect(screen.getByRole("status")).toHaveTextContent(/\d/);
  });

  it("answers Enter about what stands in the field, however fast it was typed", async () => {
    const { person, field } = await open();
    await person.type(field, "gas");
    // all at once, as from a keyboard that completes words, and Enter in the same moment
    fireEvent.change(field, { target: { value: "fire blanket" } });
    fireEvent.keyDown(field, { key: "Enter" });
    expect(chosen).toHaveBeenCalledTimes(1);
    expect(chosen).toHaveBeenCalledWith(expect.objectContaining({ title: expect.stringMatching(/fire blanket/i) }));
  });

  it("chooses nothing on Enter where nothing is found, and says so", async () => {
    const { person, field } = await open();
    await person.type(field, "zzzz{Enter}");
    expect(chosen).not.toHaveBeenCalled();
    expect(screen.queryAllByRole("listitem")).toEqual([]);
  });

  it("asks again what was asked before, with one tap", async () => {
    const { person, field } = await open();
    await person.click(screen.getByRole("button", { name: "gas tap" }));
    expect(field).toHaveValue("gas tap");
    expect((await screen.findAllByRole("listitem"))[0]).toHaveTextContent(/^Gas tap/);
  });

  it("is emptied by Escape, and shows the list again after one was chosen", async () => {
    const { person, field } = await open();
    await person.type(field, "fender");
    await person.click(within((await screen.findAllByRole("listitem"))[0]!).getByRole("button"));
    expect(screen.queryAllByRole("listitem")).toEqual([]);
    await person.click(screen.getByRole("button", { name: /again|all|list/i }));
    expect(screen.queryAllByRole("listitem").length).toBeGreaterThan(0);
    await person.type(field, "{Escape}");
    expect(field).toHaveValue("");
  });
});
