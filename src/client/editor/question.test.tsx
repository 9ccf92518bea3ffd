/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen } from "@testing-library/react";
import type { CheckedFinding } from "@/core/checks";
import { demoYachtFile } from "@/demo/yacht-file";
import { drawDesk } from "@/testing/screen";
import { EditingContext, type Editing } from "./inputs/editing";
import { FieldFindings } from "./inputs/FieldFindings";

const path = "/tests/engine-start-stop/how";
const file = demoYachtFile("quillback");
file.tests["engine-start-stop"]!.how = { en: "Look over the stern: water within 40 seconds." };
const inQuestion = (question: Partial<NonNullable<CheckedFinding["question"]>> = {}): CheckedFinding => ({
  check: "text-in-question",
  level: "error",
  path,
  message: "The figure is not that of her file.",
  question: { code: "figure-differs", fact: "/engines/main/coolingWaterSeconds", basis: "b".repeat(64), ...question },
});
const done = () => jest.fn<Promise<boolean>, never[]>().mockResolvedValue(true);
const draw = (finding: CheckedFinding, disabled = false) => {
  const editing = { onChange: done(), onRight: done(), onOpen: jest.fn() };
  const all = { file, collection: "tests", findings: [finding], typed: [], fault: null, disabled, ...editing };
  const person = drawDesk(
    <EditingContext value={all as unknown as Editing}>
      <FieldFindings findings={[finding]} />
    </EditingContext>,
  );
  return { person, ...editing };
};
const tap = (name: string) => screen.getByRole("button", { name });

describe("a text in question in the editor", () => {
  it("takes its figure from the file", async () => {
    const { person, onChange } = draw(inQuestion());
    await person.click(tap("Take the figure from her file"));
    expect(onChange).toHaveBeenCalledWith([
      { path, to: { en: "Look over the stern: water within {engines.main.coolingWaterSeconds} seconds." } },
    ]);
  });

  it("is said to be right for what it rests on now", async () => {
    const { person, onRight } = draw(inQuestion());
    await person.click(tap("Still right"));
    expect(onRight).toHaveBeenCalledWith(path, "b".repeat(64));
  });

  it("leads to its fact", async () => {
    const { person, onOpen } = draw(inQuestion());
    await person.click(tap("Show the fact"));
    expect(onOpen).toHaveBeenCalledWith("/engines/main/coolingWaterSeconds");
  });

  it("offers no figure where the fact is none, and no fact where nothing stands", () => {
    draw(inQuestion({ code: "names-missing", fact: null }));
    expect(screen.queryByRole("button", { name: "Take the figure from her file" })).not.toBeInTheDocument();
    expect(screen.queryByRole("button", { name: "Show the fact" })).not.toBeInTheDocument();
    expect(tap("Still right")).toBeInTheDocument();
  });

  it("is shown and not answered where nothing may be changed", () => {
    draw(inQuestion(), true);
    expect(screen.getByText("The figure is not that of her file.")).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: "Still right" })).not.toBeInTheDocument();
    expect(tap("Show the fact")).toBeInTheDocument();
  });

  it("has nothing to answer where it is another finding", () => {
    draw({ check: "steps-short", level: "warning", path, message: "too long to be heard" });
    expect(screen.queryByRole("button")).not.toBeInTheDocument();
  });
});
