/** @jest-environment ./src/testing/browser-environment.cjs */
import { freshDevice, until } from "@/testing/browser-bits";
import { countLine, handoverId, listOf } from "@/testing/records";
import { bundleOf } from "@/testing/bundle";
import { drawOn } from "@/testing/screen";
import { cleanup, screen } from "@testing-library/react";
import { usualRules } from "@/core/base/rules";
import { newMarks } from "@/core/handover/state";
import { HandoverStore } from "@/client/store/handover-store";
import { keepHandover } from "@/client/store/database";
import { MarkSheet } from "./MarkSheet";
import { Overview } from "./Overview";
import { UnlistedThingSheet } from "./UnlistedThingSheet";

const fender = countLine("fender", { expected: 2, name: { en: "Fender" } });
const flares = countLine("flares", { place: "saloon", expected: 1, safety: true, name: { en: "Flares" } });
const kettle = countLine("kettle", { place: "saloon", expected: 1, name: { en: "Kettle" } });
const closed = jest.fn();
const gone = jest.fn();
const signed = jest.fn();
let store: HandoverStore;

beforeEach(async () => {
  jest.clearAllMocks();
  freshDevice();
  const list = listOf([fender, flares, kettle], { rules: { ...usualRules, markFromMm: 50 } } as never);
  await keepHandover(handoverId, "a-grant", bundleOf(list));
  store = (await HandoverStore.open(handoverId))!;
});
afterEach(async () => {
  await until(() => store.save().unwritten === 0);
  store.db.close();
});
const tap = (name: string | RegExp) => screen.getByRole("button", { name });
const tapIfThere = (name: RegExp) => screen.queryByRole("button", { name });

describe("setting a mark", () => {
  const marks = () => newMarks(store.folded()).map(({ mark }) => mark);
  const open = (surface?: string) => drawOn(store, <MarkSheet place="locker" surface={surface} onClose={closed} />);

  it("keeps nothing until it has a kind and a length, and says what is missing", async () => {
    const person = open();
    await person.click(tap("Keep the mark"));
    expect(screen.getByText("Say what it is: scratch, chip, tear …")).toBeInTheDocument();
    expect(screen.getByLabelText("How long, in centimetres")).toHaveAccessibleDescription(/A length in centimetres/);
    expect([marks(), closed.mock.calls.length]).toEqual([[], 0]);
  });

  it.each(["abc", "0", "2001", "-4"])("takes no length of %s", async (length) => {
    const person = open();
    await person.click(tap("scratch"));
    await person.type(screen.getByLabelText("How long, in centimetres"), length);
    await person.click(tap("Keep the mark"));
    expect(marks()).toEqual([]);
  });

  it("does not record what is wear by the base's rule, and says so while it is typed", async () => {
    const person = open();
    await person.click(tap("scratch"));
    await person.type(screen.getByLabelText("How long, in centimetres"), "4,9");
    expect(screen.getByLabelText("How long, in centimetres")).toHaveAccessibleDescription(
      "Below 50 mm it is wear by the base's rule, and not recorded.",
    );
    await person.click(tap("Keep the mark"));
    expect(marks()).toEqual([]);
  });

  it("is recorded where the cross stands, in millimetres, with the words as they were said", async () => {
    const person = open("port-side");
    const drawing = screen.getByRole("application");
    const [, before] = /Now at ([\d.]+)/.exec(drawing.getAttribute("aria-label") ?? "") ?? [];
    drawing.focus();
    await person.keyboard("{ArrowRight}{ArrowRight}{ArrowDown}{a}");
    await person.click(tap("chip"));
    await person.type(screen.getByLabelText("How long, in centimetres"), "12,5");
    await person.type(screen.getByLabelText("In your words, if you like"), "  under the rail ");
    await person.click(tap("Keep the mark"));
    expect(marks()).toEqual([
      expect.objectContaining({ surface: "port-side", kind: "chip", sizeMm: 125, words: "under the rail" }),
    ]);
    expect(marks()[0]?.aM).toBeCloseTo(Number(before) + 0.2);
    expect(marks()[0]?.bM).toBeCloseTo(0.6);
    expect(closed).toHaveBeenCalledTimes(1);
  });

  it("begins in the place one stands in, and anew when seen from another side", async () => {
    const person = open();
    expect(tap("deck from above")).toHaveAttribute("aria-pressed", "true");
    const label = () => screen.getByRole("application").getAttribute("aria-label");
    const onDeck = label();
    await person.click(tap("stern, from astern"));
    expect(label()).not.toBe(onDeck);
    expect(label()).toContain("Now at 0 and 0.6 metres");
  });
});

describe("what is left", () => {
  const open = () => drawOn(store, <Overview place="locker" onGo={gone} onClose={closed} onSign={signed} />);
  const rows = () => screen.getAllByRole("listitem").map((row) => row.textContent);

  it("opens at what stands in the way, and says that the skipper decides", () => {
    open();
    expect(screen.getByText(/The decision to sail stays with the skipper/)).toBeInTheDocument();
    expect(tap(/^In the way/)).toHaveAttribute("aria-pressed", "true");
  });

  it("tells what the crew said was wrong under way, with what became of it", async () => {
    open();
    expect(tapIfThere(/^Told under way/)).toBeNull();
    cleanup();
    store.bundle.troubles = [
      {
        ...{ id: "018f0000-0000-7000-8000-000000000001", title: { en: "The windlass does nothing" } },
        ...{ found: { en: "It has tripped" }, begunAt: "2027-06-11T20:00:00.000Z", outcome: "works" },
        ...{ said: ["In Sallow Pool"], answer: "Push it back once." },
      },
    ];
    const person = open();
    await person.click(tap("Told under way (1)"));
    expect(rows()).toEqual([
      expect.stringMatching(
        /The windlass does nothing.*works again.*It has tripped.*The crew: In Sallow Pool.*The base: Push it back once\./,
      ),
    ]);
  });

  it("counts what is left, here and on this level, and leads there", async () => {
    store.recordLine(kettle, { count: 1 });
    const person = open();
    expect(tap("Left (2)")).toBeInTheDocument();
    expect(tap("Left here (1)")).toBeInTheDocument();
    expect(tap("Everything (3)")).toBeInTheDocument();
    await person.click(tap("Left here (1)"));
    expect(rows()).toEqual(["FenderLocker"]);
    await person.click(tap("Fender"));
    expect(gone).toHaveBeenCalledWith("locker");
  });

  it("shows what is odd, by whomever it was found", async () => {
    store.recordLine(fender, { count: 1 });
    store.recordLine(kettle, { count: 1 });
    const person = open();
    await person.click(tap("Odd (1)"));
    expect(rows()).toHaveLength(1);
    expect(rows()[0]).toMatch(/^Fender/);
  });

  it.each([
    ["fla", ["Flares"]],
    ["SALOON", ["Flares", "Kettle"]],
    ["#3", ["Kettle"]],
    ["#9", ["Nothing on the list has this name."]],
    ["rudder", ["Nothing on the list has this name."]],
  ])("finds %s by name, place or the number on paper", async (asked, expected) => {
    const person = open();
    await person.type(screen.getByRole("searchbox"), asked);
    expect(rows().map((row) => row?.replace(/(Locker|Saloon).*$/, ""))).toEqual(expected);
    expect(screen.queryByRole("button", { name: /^Left/ })).not.toBeInTheDocument();
  });

  it("leads to signing", async () => {
    const person = open();
    await person.click(tap("Read it through and sign"));
    expect(signed).toHaveBeenCalledTimes(1);
  });
});

describe("a thing that is on no list", () => {
  it("needs words and a whole number", async () => {
    const person = drawOn(store, <UnlistedThingSheet place="saloon" onClose={closed} />);
    const count = screen.getAllByRole("textbox")[1]!;
    await person.clear(count);
    await person.type(count, "0");
    await person.click(screen.getByRole("button", { name: "Keep it" }));
    expect(count).toHaveAccessibleDescription(/9999/);
    expect(screen.getAllByRole("textbox")[0]).toHaveAccessibleDescription();
    expect([...store.folded().keys()]).toEqual([]);
  });

  it("is recorded at its place", async () => {
    const person = drawOn(store, <UnlistedThingSheet place="saloon" onClose={closed} />);
    await person.type(screen.getAllByRole("textbox")[0]!, " a brass lamp ");
    await person.click(screen.getByRole("button", { name: "Keep it" }));
    const [cell] = [...store.folded().values()];
    expect(cell?.value).toEqual({ place: "saloon", words: "a brass lamp", count: 1 });
    expect(closed).toHaveBeenCalledTimes(1);
  });
});
