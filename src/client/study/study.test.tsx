/** @jest-environment ./src/testing/browser-environment.cjs */
import { freshDevice, until } from "@/testing/browser-bits";
import { bookOf } from "@/testing/book";
import { draw, wire } from "@/testing/screen";
import { screen, within } from "@testing-library/react";
import { BookStore } from "../store/book-store";
import { ExperienceForm } from "./ExperienceForm";
import { StudyScreen } from "./StudyScreen";

const back = jest.fn();
const kept = jest.fn();
const drilled = jest.fn();
beforeEach(() => {
  jest.clearAllMocks();
  freshDevice();
  // no signal: what is said is kept on the device
  wire();
});
const tap = (name: string | RegExp) => screen.getByRole("button", { name });

describe("what the skipper has handled", () => {
  it("takes no length or weeks that are no number, and says so", async () => {
    const person = draw(<ExperienceForm experience={null} onKeep={kept} />);
    await person.type(screen.getByLabelText(/^Longest yacht/), "-3");
    await person.click(tap("Keep this"));
    expect(screen.getByLabelText(/^Longest yacht/)).toHaveAccessibleDescription("A number, 0 or more.");
    expect(screen.getByLabelText(/^Weeks/)).toHaveAccessibleDescription("A number, 0 or more.");
    expect(kept).not.toHaveBeenCalled();
  });

  it("keeps lengths with a comma, whole weeks, what was ticked in its order, and a language that is not listed", async () => {
    const person = draw(<ExperienceForm experience={null} onKeep={kept} />);
    await person.type(screen.getByLabelText(/^Longest yacht/), "11,5");
    await person.type(screen.getByLabelText(/^Weeks/), "3.4");
    await person.selectOptions(screen.getByLabelText("Language for the briefing"), "other");
    const boxes = screen.getAllByRole("checkbox");
    await person.click(boxes[1]!);
    await person.click(boxes[0]!);
    await person.click(boxes[1]!);
    await person.click(tap("Keep this"));
    expect(kept).toHaveBeenCalledWith({ longestM: 11.5, weeks: 3, handled: [expect.any(String)], language: "xx" });
  });

  it("shows what was said before", () => {
    draw(
      <ExperienceForm
        experience={{ longestM: 12, weeks: 8, handled: ["electric-windlass"], language: "xx" }}
        onKeep={kept}
      />,
    );
    expect(screen.getByLabelText(/^Longest yacht/)).toHaveValue("12");
    expect(screen.getByLabelText("Language for the briefing")).toHaveValue("other");
    expect(screen.getAllByRole("checkbox", { checked: true })).toHaveLength(1);
  });
});

describe("the study", () => {
  const open = async () => {
    const store = await BookStore.keep(bookOf());
    return { store, person: draw(<StudyScreen store={store} onBack={back} onDrill={drilled} />) };
  };
  const topics = () => within(screen.getByRole("region", { name: "Her topics, by system" }));

  it("asks what was handled first, and plans with it", async () => {
    const { store, person } = await open();
    await person.type(screen.getByLabelText(/^Longest yacht/), "9");
    await person.type(screen.getByLabelText(/^Weeks/), "2");
    await person.click(tap("Keep this"));
    expect(await screen.findByText("Kept. The walk is planned from it.")).toBeInTheDocument();
    await until(() => store.said().some(({ about }) => about === "experience"));
    expect(screen.getByText("1 kept on this device, waiting for signal")).toBeInTheDocument();
  });

  it("lists every topic under its system, and leads through them one after the other", async () => {
    const { store, person } = await open();
    const names = topics()
      .getAllByRole("button")
      .map((row) => row.querySelector("strong")?.textContent);
    expect(names.length).toBeGreaterThan(8);
    await person.click(topics().getAllByRole("button")[0]!);
    expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent(names[0] ?? "?");
    await person.click(tap("Understood"));
    expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent(names[1] ?? "?");
    await person.click(tap("Show me aboard"));
    await until(() => store.said().length === 2);
    expect(store.said().map((said) => "value" in said && said.value)).toEqual(["understood", "ask"]);
    // asked for again it is taken back
    await person.click(tap("Show me aboard"));
    await until(() => store.said().length === 3);
    expect(store.said().at(-1)).toMatchObject({ about: "topic", value: "open" });
    await person.click(tap("Back to the topics"));
    expect(topics().getAllByText("Understood")).toHaveLength(1);
  });

  it("keeps a question to the briefer under its topic, and no blank one", async () => {
    const { store, person } = await open();
    await person.click(topics().getAllByRole("button")[0]!);
    expect(tap("Keep the question")).toBeDisabled();
    await person.type(screen.getByLabelText("Your question to the briefer"), "  Which way does it turn? ");
    await person.click(tap("Keep the question"));
    await until(() => store.said().length === 1);
    expect(store.said()[0]).toMatchObject({ about: "question", value: "Which way does it turn?" });
    expect(await screen.findByText("Which way does it turn?")).toBeInTheDocument();
    expect(screen.getByLabelText("Your question to the briefer")).toHaveValue("");
  });

  it("goes back to the boat book", async () => {
    const { person } = await open();
    await person.click(tap("Back to the boat book"));
    expect(back).toHaveBeenCalledTimes(1);
  });
});
