/** @jest-environment ./src/testing/browser-environment.cjs */
import { freshDevice, until } from "@/testing/browser-bits";
import { bundleOf } from "@/testing/bundle";
import { countLine, handoverId, listOf } from "@/testing/records";
import { drawOn } from "@/testing/screen";
import { screen, within } from "@testing-library/react";
import { makeBriefingPart } from "@/core/briefing/study/make-part";
import { stopSubject } from "@/core/handover/walk/walk-state";
import { demoYacht } from "@/testing/demo-yacht";
import { keepHandover } from "../store/database";
import { HandoverStore } from "../store/handover-store";
import { NotNowSheet } from "./NotNowSheet";
import { WalkScreens } from "./WalkScreens";

const file = demoYacht("pale-heron");
const briefing = makeBriefingPart(file, []);
const safety = briefing.stops.find((stop) => stop.safety)!;
const comfort = briefing.stops.find((stop) => !stop.safety)!;
const [toList, toSign, toMark, closed, done] = [jest.fn(), jest.fn(), jest.fn(), jest.fn(), jest.fn()];
let store: HandoverStore;

async function open(isManager = false): Promise<void> {
  const bundle = bundleOf(listOf([countLine("fender", { place: Object.keys(file.places)[0] })], { briefing }));
  await keepHandover(handoverId, "a-grant", { ...bundle, file, me: { ...bundle.me, isManager } });
  store = (await HandoverStore.open(handoverId))!;
}

beforeEach(() => {
  jest.clearAllMocks();
  freshDevice();
});
afterEach(async () => {
  await until(() => store.save().unwritten === 0);
  store.db.close();
});
const tap = (name: string | RegExp) => screen.getByRole("button", { name });
const walk = (from: string | null = null) =>
  drawOn(store, <WalkScreens from={from} onList={toList} onSign={toSign} onMark={toMark} />);
const title = () => screen.getByRole("heading", { level: 1 }).textContent;
const shownAt = (stop: string) => store.cell(stopSubject(stop), "shown")?.value;

describe("the briefing walk", () => {
  it("begins at the first stop of the plan and goes on to the next when it is done", async () => {
    await open();
    const person = walk();
    await screen.findByText(`Stop 1 of ${briefing.stops.length}`, { exact: false });
    const first = title();
    await person.click(tap("I have done it"));
    expect(title()).not.toBe(first);
    const finished = briefing.stops.filter((stop) => shownAt(stop.id) !== undefined);
    expect(finished.map((stop) => stop.title.en)).toEqual([first]);
    expect(shownAt(finished[0]!.id)).toMatchObject({ result: "shown", handsOn: true });
    expect(screen.getByRole("progressbar", { name: /./ })).toHaveAttribute("value", "1");
  });

  it("tells apart what was only shown from what was done with own hands", async () => {
    await open();
    const person = walk(comfort.id);
    expect(title()).toBe(comfort.title.en);
    await person.click(tap("Only shown"));
    expect(shownAt(comfort.id)).toMatchObject({ result: "shown", handsOn: false });
  });

  it("is paused with everything kept, and goes on", async () => {
    await open();
    const person = walk();
    await person.click(tap("Pause"));
    expect(screen.getByText(/Any device of the base that opens this check-in goes on from here/)).toBeInTheDocument();
    await person.click(tap("Go on"));
    expect(screen.queryByText(/goes on from here/)).not.toBeInTheDocument();
  });

  it("leads to any stop from the list of all, and to the list of the check-in", async () => {
    await open();
    const person = walk();
    await person.click(tap("All stops"));
    const sheet = within(screen.getByRole("dialog"));
    await person.click(within(sheet.getByText(comfort.title.en ?? "?").closest("li")!).getAllByRole("button")[0]!);
    expect(title()).toBe(comfort.title.en);
    await person.click(tap("List"));
    expect(toList).toHaveBeenCalledWith(comfort.place);
  });

  it("keeps what the skipper asks under the stop, and no blank question", async () => {
    await open();
    const person = walk(comfort.id);
    await person.click(tap("Question"));
    expect(tap("Keep the question")).toBeDisabled();
    await person.type(within(screen.getByRole("dialog")).getByRole("textbox"), " Where is the spare belt? ");
    await person.click(tap("Keep the question"));
    const asked = [...store.folded().values()].find((cell) => cell.aspect === "asked");
    expect(asked?.value).toEqual({ words: "Where is the spare belt?", topic: comfort.id });
    expect(asked?.heads[0]?.by.side).toBe("skipper");
  });

  it("is finished when every stop is behind: then one counts the rest, or signs", async () => {
    await open();
    for (const stop of briefing.stops)
      store.record(stopSubject(stop.id), "shown", { result: "shown", handsOn: true, seconds: 60 });
    const person = walk();
    expect(title()).toBe("The walk is done");
    expect(screen.getByText(/own hands, 0 left out/)).toHaveTextContent(
      `${briefing.stops.length} shown, ${briefing.stops.length} of them with own hands, 0 left out.`,
    );
    await person.click(tap("Count the rest: one line, no stop there"));
    expect(toList).toHaveBeenCalledTimes(1);
    await person.click(tap("Read it through and sign"));
    expect(toSign).toHaveBeenCalledTimes(1);
  });

  it("cannot be signed from while a stop is left", async () => {
    await open();
    for (const stop of briefing.stops.slice(1))
      store.record(stopSubject(stop.id), "shown", { result: "shown", handsOn: false, seconds: 60 });
    walk();
    await screen.findByText(/^one stop left$/);
    expect(screen.queryByRole("button", { name: "Read it through and sign" })).not.toBeInTheDocument();
  });
});

describe("not now", () => {
  it("puts a stop off with one tap and the reason", async () => {
    await open();
    const person = drawOn(store, <NotNowSheet stop={safety} onClose={closed} onDone={done} />);
    await person.click(tap("rain"));
    expect(store.cell(stopSubject(safety.id), "put-off")?.value).toEqual({ off: true, why: "rain" });
    expect([closed.mock.calls.length, done.mock.calls.length]).toEqual([1, 1]);
  });

  it("lets a briefer leave out no safety topic", async () => {
    await open();
    drawOn(store, <NotNowSheet stop={safety} onClose={closed} onDone={done} />);
    expect(screen.getByText(/This is safety\. The base manager alone leaves it out/)).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: "no time" })).not.toBeInTheDocument();
  });

  it("lets the manager leave one out with a reason in words, asked twice", async () => {
    await open(true);
    const person = drawOn(store, <NotNowSheet stop={safety} onClose={closed} onDone={done} />);
    await person.click(tap("not possible today"));
    expect(shownAt(safety.id)).toBeUndefined();
    const leaveOut = () => tap(`Leave ${safety.title.en} out`);
    expect(leaveOut()).toBeDisabled();
    await person.type(screen.getByLabelText("Reason, in words"), "raft away at its service");
    await person.click(leaveOut());
    expect(shownAt(safety.id)).toBeUndefined();
    await person.click(tap("Yes, leave this safety topic out"));
    expect(shownAt(safety.id)).toEqual({
      result: "skipped",
      why: "not-possible",
      words: "raft away at its service",
      manager: true,
    });
  });

  it("leaves out at once what is no safety topic", async () => {
    await open();
    const person = drawOn(store, <NotNowSheet stop={comfort} onClose={closed} onDone={done} />);
    await person.click(tap("the skipper knows it"));
    expect(shownAt(comfort.id)).toMatchObject({ result: "skipped", why: "skipper-knows", manager: false });
  });
});
