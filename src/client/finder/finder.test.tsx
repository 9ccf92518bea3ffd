/** @jest-environment ./src/testing/browser-environment.cjs */
import { draw } from "@/testing/screen";
import { demoYacht } from "@/testing/demo-yacht";
import { cleanup, fireEvent, screen, within } from "@testing-library/react";
import { useState } from "react";
import type { Hit } from "@/core/yacht/finder/finder";
import { PhotoSourceContext } from "../photos/photo-source";
import { FinderField } from "./FinderField";
import { ResultDetail } from "./ResultDetail";

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

describe("what was found", () => {
  const show = (hit: Pick<Hit, "kind" | "id">, of = file) =>
    draw(<ResultDetail file={of} hit={hit} onFitting={() => undefined} />);

  it("is a figure with every tank it stands for", () => {
    show({ kind: "figure", id: "water" });
    const sheet = screen.getByRole("article", { name: "Water tank" });
    expect(within(sheet).getAllByRole("definition").length).toBe(
      Object.values(file.tanks).filter(({ holds }) => holds === "water").length,
    );
  });

  it("is a tap as it stands open and shut, the usual one marked", () => {
    show({ kind: "fitting", id: "gas-tap" });
    const [open, shut] = within(screen.getByRole("list", { name: "How it stands" })).getAllByRole("listitem");
    expect(open).toHaveTextContent(/^open\s*in line with the pipe$/);
    expect(shut).toHaveTextContent(/^shut\s*across the pipe · usual$/);
  });

  it("shows photos that the base took, of both states, and no drawn sample in place of one", async () => {
    const asked: string[] = [];
    const bytes = new Blob(["x"], { type: "image/webp" });
    Object.assign(URL, { createObjectURL: () => "blob:photo", revokeObjectURL: () => undefined });
    const [open, shut] = ["1".repeat(64), "2".repeat(64)];
    const tap = { ...file.fittings["gas-tap"]!, photo: open, photoShut: shut };
    const source = (hash: string) => {
      asked.push(hash);
      return Promise.resolve(bytes);
    };
    draw(
      <PhotoSourceContext value={source}>
        <ResultDetail
          file={{ ...file, fittings: { ...file.fittings, "gas-tap": tap } }}
          hit={{ kind: "fitting", id: "gas-tap" }}
          onFitting={() => undefined}
        />
      </PhotoSourceContext>,
    );
    expect(await screen.findByText("Gas tap, open or on")).toBeInTheDocument();
    expect(asked).toEqual([open, shut]);
    cleanup();
    show({ kind: "fitting", id: "gas-tap" });
    expect(screen.queryByRole("figure")).not.toBeInTheDocument();
  });
});
