/** @jest-environment ./src/testing/browser-environment.cjs */
import "@/testing/browser-bits";
import { act, cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { useState, useSyncExternalStore } from "react";
import type { TroubleEntry } from "@/core/faults/entry";
import { faultsOf } from "@/core/faults/fault";
import { draw } from "@/testing/screen";
import { demoYacht } from "@/testing/demo-yacht";
import { id } from "@/testing/records";
import { keptTroubles, keepTroubles } from "../store/device-troubles";
import type { SaidOfTrouble, TroubleKeeper, Way } from "./keeper";
import { TroublePage } from "./TroublePage";

const file = demoYacht("pale-heron");
const written: SaidOfTrouble[] = [];
let way: Way | null = null;

let answers: TroubleKeeper["answers"] = [];
let known: TroubleKeeper["known"] = [];
let kept: readonly TroubleEntry[] = [];
const listeners = new Set<() => void>();
/** Keeps entries, of this device or of another one. */
function keep(more: readonly TroubleEntry[]) {
  kept = [...kept, ...more];
  for (const listener of listeners) listener();
}
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

function Page({ fault: first = null as string | null, reference = "BR-1052" as string | null }) {
  const entries = useSyncExternalStore(subscribe, () => kept);
  const [fault, setFault] = useState(first);
  const keeper: TroubleKeeper = {
    entries,
    answers,
    known,
    learned: {},
    write: async (said) => {
      written.push(said);
      const entry = { id: id(written.length), at: new Date(Date.now()).toISOString(), ...said } as TroubleEntry;
      keep([entry]);
      return entry.id;
    },
    wayOf: () => way,
  };
  return (
    <TroublePage
      {...{ file, fault, keeper }}
      base={{
        phone: "+351 200 000",
        reference,
        persons: reference === null ? null : 4,
        clock: (at) => at.slice(11, 16),
      }}
      onFault={setFault}
    />
  );
}
const tap = (name: string | RegExp) => screen.findByRole("button", { name });
beforeEach(() => {
  written.length = 0;
  kept = [];
  answers = [];
  known = [];
  way = null;
  localStorage.clear();
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

describe("being led", () => {
  it("finds the fault by a crew's words, and asks one thing at a time, safety first", async () => {
    const user = draw(<Page />);
    await user.type(await screen.findByLabelText("Say it in your own words"), "anchor wont come up");
    await user.click(
      within(screen.getByRole("region")).getAllByRole("button", { name: "The windlass does nothing" })[0]!,
    );
    expect(await screen.findByRole("heading", { name: "First: is everybody safe?" })).toBeInTheDocument();
    // what is not so comes with its card at once, and begins nothing
    await user.click(await tap("She is not safe where she is"));
    expect(screen.getByText("The anchor drags")).toBeInTheDocument();
    expect(written).toEqual([]);
    await user.click(await tap("All of this is so"));
    expect(await screen.findByText(/^1 of 4, likeliest and nearest first/)).toBeInTheDocument();
    await user.click(await tap("It sits well"));
    expect(await screen.findByRole("heading", { name: "Is the engine off?" })).toBeInTheDocument();
    expect(written.map(({ kind }) => kind)).toEqual(["trouble", "trouble-answer", "trouble-answer"]);
  });

  it("takes an answer back: the new one replaces the old", async () => {
    const user = draw(<Page fault="no-water" />);
    const first = await screen.findByText(/^1 of/);
    const question = first.nextElementSibling!.textContent;
    const [, not] = screen.getAllByRole("button").filter((each) => each.closest("div")?.className.includes("answers"));
    await user.click(not!);
    expect(await screen.findByText(/^2 of/)).toBeInTheDocument();
    await user.click(await tap("One back"));
    expect(await screen.findByRole("heading", { name: question! })).toBeInTheDocument();
    await user.click(await tap("I cannot find it"));
    await waitFor(() => expect(written.at(-1)).toMatchObject({ said: "cannot-find", basis: [id(2)] }));
    expect(await screen.findByText(/^2 of/)).toBeInTheDocument();
  });

  it("lets the motor cool over a restart, asks whether she lies safe, and says when it is time", async () => {
    draw(<Page fault="windlass-dead" />);
    await screen.findByRole("heading", { name: "First: is everybody safe?" });
    jest.useFakeTimers({ now: Date.parse("2027-06-14T21:10:00Z") });
    const answer = (number: number, about: "safe" | "look", check: string, said: "yes" | "is", at: string) =>
      ({ kind: "trouble-answer", id: id(number), trouble: id(50), about, check, said, at, basis: [] }) as TroubleEntry;
    // begun on another telephone, seven minutes before
    act(() =>
      keep([
        { kind: "trouble", id: id(50), at: "2027-06-14T21:00:00Z", fault: "windlass-dead" },
        answer(51, "safe", "safe-first", "yes", "2027-06-14T21:00:10Z"),
        answer(52, "look", "breaker", "is", "2027-06-14T21:07:30Z"),
      ]),
    );
    expect(screen.getByRole("timer")).toHaveTextContent("Wait 2:30");
    expect(screen.getByRole("group", { name: "Still safe where she lies?" })).toBeInTheDocument();
    fireEvent.click(screen.getByRole("button", { name: "Yes" }));
    expect(screen.queryByRole("group", { name: "Still safe where she lies?" })).toBeNull();
    act(() => void jest.advanceTimersByTime(125_000));
    // asked again
    fireEvent.click(screen.getByRole("button", { name: "No" }));
    expect(screen.getByText("The anchor drags")).toBeInTheDocument();
    act(() => void jest.advanceTimersByTime(30_000));
    expect(screen.getByRole("alert")).toHaveTextContent("Time is up. Try it once.");
  });

  it("ends with what it was, kept with words for the base", async () => {
    const user = draw(<Page fault="shower-drain" />);
    await user.click(await tap("All of this is so"));
    await user.click(await tap("It was"));
    await user.click(await tap("It works again"));
    expect(await screen.findByText(/^It was: Shower drain switch: must it be held/)).toBeInTheDocument();
    await user.type(screen.getByLabelText("Anything the base should know"), "label is gone");
    await user.click(await tap("Keep it"));
    await waitFor(() =>
      expect(written.at(-1)).toEqual({
        ...{ kind: "trouble-end", trouble: id(1), outcome: "works", found: "drain-button", words: "label is gone" },
      }),
    );
    expect(await screen.findByRole("heading", { name: "What is wrong?" })).toBeInTheDocument();
  });

  it("opens the card by itself where an answer means danger", async () => {
    const user = draw(<Page fault="gas-no-flame" />);
    await user.click(await tap("All of this is so"));
    await user.click(await tap("I smell gas"));
    expect(await screen.findByRole("heading", { name: "Do this first" })).toBeInTheDocument();
    expect(screen.getByText("Smell of gas")).toBeInTheDocument();
    await user.click(await tap("It is dealt with, go on"));
    expect(await screen.findByText(/^2 of/)).toBeInTheDocument();
  });

  it("shows what two telephones said differently, and takes what a person settles", async () => {
    const user = draw(<Page fault="no-water" />);
    await screen.findByText(/^1 of/);
    const said = (number: number, answer: "is" | "not") =>
      ({
        ...{ kind: "trouble-answer", id: id(number), trouble: id(60), about: "look", check: "switch-off", basis: [] },
        ...{ said: answer, at: "2027-06-14T21:01:00Z" },
      }) as TroubleEntry;
    act(() =>
      keep([
        { kind: "trouble", id: id(60), at: "2027-06-14T21:00:00Z", fault: "no-water" },
        said(61, "is"),
        said(62, "not"),
      ]),
    );
    expect(screen.getByText("Two phones say different things")).toBeInTheDocument();
    await user.click(await tap(/^It is on 21:01/));
    await waitFor(() => expect(written.at(-1)).toMatchObject({ said: "not", basis: [id(61), id(62)] }));
    expect(await screen.findByText(/^2 of/)).toBeInTheDocument();
  });

  it("goes on to the other fault that it is", async () => {
    const user = draw(<Page fault="engine-overheats" />);
    await user.click(await tap("All of this is so"));
    await user.click(await tap("No water"));
    await user.click(await tap("Go to it"));
    expect(await screen.findByRole("heading", { name: "No cooling water" })).toBeInTheDocument();
  });
});

describe("the call", () => {
  it("is one screen to read out and one message, with every answer and its time", async () => {
    const user = draw(<Page fault="head-dry" />);
    await user.click(await tap("On flush"));
    await user.click(await tap("Call the base with what I found"));
    await user.click(screen.getByRole("button", { name: "Urgent, now" }));
    await user.type(screen.getByLabelText("Where are you?"), "Sallow Pool");
    const text = decodeURIComponent(
      screen.getByRole("link", { name: "Send it as a text message" }).getAttribute("href")!,
    );
    expect(text).toMatch(/^sms:\+351200000\?body=Pale Heron, BR-1052: No water comes into the head\n/);
    expect(text).toMatch(
      /Urgent, now\n4 people aboard\nSallow Pool\n\d\d:\d\d Head pump: does it stand on dry\? On flush$/,
    );
    expect(screen.getByRole("link", { name: "Call +351 200 000" })).toHaveAttribute("href", "tel:+351200000");
    way = { state: "waiting", message: "" };
    await user.click(await tap("Send it to the base"));
    expect(await screen.findByText(/^Kept here\. It goes as soon as there is signal/)).toBeInTheDocument();
    expect(written.at(-1)).toMatchObject({
      ...{ kind: "trouble-call", urgency: "now", persons: 4, words: "Sallow Pool" },
    });
  });

  it("without a charter is read out or sent as text alone", async () => {
    const user = draw(<Page fault="head-dry" reference={null} />);
    await user.click(await tap("Call the base with what I found"));
    expect(screen.queryByRole("button", { name: "Send it to the base" })).toBeNull();
    expect(screen.getByText("Nothing was looked at yet.")).toBeInTheDocument();
  });

  it("comes by itself where nothing usual was found", async () => {
    const user = draw(<Page fault="cockpit-drains" />);
    await user.click(await tap("All of this is so"));
    await user.click(await tap("Clear"));
    expect(await screen.findByText("None of the usual causes. The base knows more.")).toBeInTheDocument();
    expect(screen.getByRole("region", { name: "Call the base with what I found" })).toBeInTheDocument();
    await user.click(await tap("We can live with it until we are back"));
    await waitFor(() =>
      expect(written.at(-1)).toMatchObject({ kind: "trouble-end", outcome: "lives-with", found: null }),
    );
  });
});

it("a cure that was tried in vain and is not for a second time is not told again", async () => {
  const begun: TroubleEntry = { kind: "trouble", id: id(80), at: "2027-06-14T21:00:00Z", fault: "windlass-dead" };
  const said = (number: number, about: "safe" | "look" | "tried", check: string, answer: "yes" | "is" | "not-yet") =>
    ({
      ...{ kind: "trouble-answer", id: id(number), trouble: id(80), about, check, said: answer, basis: [] },
      at: `2027-06-14T21:0${number - 80}:00Z`,
    }) as TroubleEntry;
  kept = [begun, said(81, "safe", "safe-first", "yes"), said(82, "look", "breaker", "is")];
  draw(<Page fault="windlass-dead" />);
  expect(await screen.findByText(/push it back once/)).toBeInTheDocument();
  act(() => keep([said(83, "tried", "breaker", "not-yet")]));
  expect(await screen.findByText(/^A second time is not for you/)).toBeInTheDocument();
  expect(screen.queryByText(/push it back once/)).toBeNull();
});

it("what the base answered stands above all else, and in the list", async () => {
  kept = [{ kind: "trouble", id: id(70), at: "2027-06-14T21:00:00Z", fault: "no-water" }];
  answers = [{ trouble: id(70), at: "2027-06-14T21:20:00Z", words: "Shut the aft tank first." }];
  const user = draw(<Page />);
  expect(await screen.findByText("Shut the aft tank first.")).toBeInTheDocument();
  await user.click(screen.getAllByRole("button", { name: /^No water at the tap/ })[0]!);
  expect(await screen.findByText("Shut the aft tank first.")).toBeInTheDocument();
  expect(screen.getByText(/^The base says/)).toBeInTheDocument();
});

it("what the base knows of on her, and what to do until it is mended, stands before the first question", async () => {
  known = [{ fault: "no-water", since: "2027-06-01T08:00:00Z", crews: 1, answer: "Use the aft tank alone." }];
  draw(<Page fault="no-water" />);
  expect(await screen.findByText("The base knows of this on her")).toBeInTheDocument();
  expect(screen.getByText("Use the aft tank alone.")).toBeInTheDocument();
});

it("a fault that her file no longer has leads back to the list", async () => {
  const user = draw(<Page fault="thruster-dead" />);
  await user.click(await tap("What is wrong?"));
  expect(await screen.findByRole("heading", { name: "What is wrong?" })).toBeInTheDocument();
});

it("what is kept on a device without a charter is of the last days, and nothing that is none", () => {
  const begun = (at: string): TroubleEntry => ({ kind: "trouble", id: id(1), at, fault: "no-water" });
  const [now, before] = [new Date().toISOString(), new Date(Date.now() - 4 * 86_400_000).toISOString()];
  keepTroubles("HERON-7K2", [begun(now), begun(before)]);
  expect(keptTroubles("HERON-7K2")).toEqual([begun(now)]);
  localStorage.setItem("brinecove-troubles-HERON-7K2", '{"not":"ours"}');
  expect(keptTroubles("HERON-7K2")).toEqual([]);
  expect(faultsOf(file).length).toBeGreaterThan(40);
});
