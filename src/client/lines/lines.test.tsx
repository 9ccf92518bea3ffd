/** @jest-environment ./src/testing/browser-environment.cjs */
import { freshDevice, until } from "@/testing/browser-bits";
import { countLine, handoverId, listOf } from "@/testing/records";
import { bundleOf } from "@/testing/bundle";
import { drawOn } from "@/testing/screen";
import { fireEvent, screen, within } from "@testing-library/react";
import type { LookLine, ReadingLine, TestLine } from "@/core/handover/lines";
import type { ChainLine } from "@/core/handover/lines/chain";
import { HandoverStore } from "@/client/store/handover-store";
import { keepHandover } from "@/client/store/database";
import { LineRow } from "./LineRow";

const common = { place: "locker", system: "engine" as const, safety: false };
const fender = countLine("fender", { expected: 6, name: { en: "Fender" } });
const raft = countLine("raft-knife", { expected: 1, safety: true, name: { en: "Raft knife" } });
const horn: TestLine = {
  ...common,
  id: "test:horn",
  kind: "test",
  name: { en: "Horn" },
  how: { en: "Sound it once." },
  caution: { en: "Hands off the mouth of it." },
  when: "may-wait",
  waitHours: 24,
};
const canvas: LookLine = {
  ...common,
  id: "look:canvas",
  kind: "look",
  name: { en: "Sprayhood" },
  how: { en: "Look at the seams." },
  surface: "deck",
  group: "deck",
};
const bank: ReadingLine = {
  ...common,
  id: "reading:battery-service",
  kind: "reading",
  name: { en: "Service bank" },
  how: { en: "No load." },
  reading: "battery-rest",
  given: { chemistry: "lead-acid", duty: "service", nominalV: 12 },
};
const rode: ChainLine = {
  ...common,
  id: "chain:main",
  kind: "chain",
  name: { en: "Main anchor and chain" },
  chainM: 50,
  marks: [
    { atM: 10, colour: { en: "yellow" } },
    { atM: 20, colour: { en: "red" } },
  ],
};
const flares: ReadingLine = {
  ...common,
  id: "reading:flares-date",
  kind: "reading",
  name: { en: "Flares" },
  how: { en: "Read the printed date." },
  reading: "dated-item",
  given: { charterFrom: "2027-06-12", charterTo: "2027-06-19", lastDate: "2028-09" },
};
const tank: ReadingLine = {
  ...common,
  id: "reading:water-fore",
  kind: "reading",
  name: { en: "Water, fore tank" },
  how: { en: "Read the gauge." },
  reading: "water",
  given: { capacityL: 160 },
  marks: [
    { value: 0, words: { en: "0/4" } },
    { value: 40, words: { en: "1/4" } },
    { value: 160, words: { en: "4/4" } },
  ],
  gaugeStands: { en: "Gauge switch to the left." },
};
const noMark = () => undefined;
let store: HandoverStore;

beforeEach(async () => {
  freshDevice();
  await keepHandover(handoverId, "a-grant", bundleOf(listOf([fender, raft, horn, canvas, bank, rode, flares, tank])));
  store = (await HandoverStore.open(handoverId))!;
});
afterEach(async () => {
  await until(() => store.save().unwritten === 0);
  store.db.close();
});
const stands = (subject: string, aspect: string) => store.cell(`line:${subject}`, aspect)?.value;

describe("a thing to be counted", () => {
  it("starts empty and does not tell what is expected before the count", async () => {
    drawOn(store, <LineRow line={fender} onMark={noMark} />);
    expect(screen.getByRole("textbox")).toHaveValue("");
    expect(screen.queryByText(/6/)).not.toBeInTheDocument();
  });

  it("is counted by taps and by typing, and says how it stands", async () => {
    const person = drawOn(store, <LineRow line={fender} onMark={noMark} />);
    await person.click(screen.getByRole("button", { name: "one more" }));
    expect(stands("count:fender", "count")).toEqual({ count: 1 });
    await person.clear(screen.getByRole("textbox"));
    await person.type(screen.getByRole("textbox"), "6{Enter}");
    expect(stands("count:fender", "count")).toEqual({ count: 6 });
    expect(screen.getByRole("textbox")).toHaveValue("6");
  });

  it.each(["six", "-1", "10000", "1.5"])("refuses %s, says so at the field and records nothing", async (typed) => {
    const person = drawOn(store, <LineRow line={fender} onMark={noMark} />);
    await person.type(screen.getByRole("textbox"), `${typed}{Enter}`);
    expect(screen.getByRole("alert")).toHaveTextContent(/9,?999/);
    expect(screen.getByRole("textbox")).toBeInvalid();
    expect(stands("count:fender", "count")).toBeUndefined();
  });

  it("tells none from not counted, and says that a safety item stops her", async () => {
    const person = drawOn(store, <LineRow line={raft} onMark={noMark} />);
    await person.click(screen.getByRole("button", { name: "none here" }));
    expect(stands("count:raft-knife", "count")).toEqual({ count: 0 });
    expect(document.querySelector("[data-line] .chip")).toHaveClass("stop");
  });
});

describe("a thing to be tried", () => {
  it("shows its caution before anybody tries it, and takes a plain answer at one tap", async () => {
    const person = drawOn(store, <LineRow line={horn} onMark={noMark} />);
    expect(screen.getByText("Hands off the mouth of it.")).toBeInTheDocument();
    await person.click(screen.getByRole("button", { name: "Works" }));
    expect(stands("test:horn", "result")).toEqual({ result: "works" });
    expect(screen.getByRole("button", { name: "Works" })).toHaveAttribute("aria-pressed", "true");
  });

  it("wants to know why it was not tried, and by when it must be", async () => {
    const person = drawOn(store, <LineRow line={horn} onMark={noMark} />);
    await person.click(screen.getByRole("button", { name: "Not tried …" }));
    expect(screen.getByText(/24 h/)).toBeInTheDocument();
    await person.click(screen.getByRole("button", { name: "Keep it" }));
    expect(screen.getByRole("alert")).toBeInTheDocument();
    expect(stands("test:horn", "result")).toBeUndefined();
    await person.type(screen.getByLabelText("Why not?"), "fog, no wind{Enter}");
    expect(stands("test:horn", "result")).toEqual({
      result: "not-tried",
      reason: "fog, no wind",
      withinHours: 24,
    });
  });
});

describe("a thing to be looked at", () => {
  it("is said to be sound, worn or damaged, one at a time", async () => {
    const person = drawOn(store, <LineRow line={canvas} onMark={noMark} />);
    const choice = within(screen.getByRole("group", { name: "Sprayhood" }));
    await person.click(choice.getByRole("button", { name: "Worn" }));
    await person.click(choice.getByRole("button", { name: "Damaged" }));
    expect(stands("look:canvas", "look")).toEqual({ state: "damaged" });
    expect(choice.getByRole("button", { name: "Worn" })).toHaveAttribute("aria-pressed", "false");
  });
});

describe("a reading", () => {
  it("asks once more for what cannot be, and takes it when it was a slip", async () => {
    const person = drawOn(store, <LineRow line={bank} onMark={noMark} />);
    await person.type(screen.getByLabelText("Volts"), "7");
    await person.type(screen.getByLabelText("Hours at rest"), "6{Enter}");
    expect(await screen.findByText("Read it once more.")).toBeInTheDocument();
    await person.clear(screen.getByLabelText("Volts"));
    await person.type(screen.getByLabelText("Volts"), "12,7{Enter}");
    expect(stands("reading:battery-service", "reading")).toEqual({ volts: 12.7, restHours: 6 });
    expect(screen.queryByText("Read it once more.")).not.toBeInTheDocument();
  });

  it("keeps half a reading to itself: nothing is recorded until all of it is there", async () => {
    const person = drawOn(store, <LineRow line={bank} onMark={noMark} />);
    await person.type(screen.getByLabelText("Volts"), "12.7{Enter}");
    expect(stands("reading:battery-service", "reading")).toBeUndefined();
  });
});

describe("a printed date", () => {
  it("is carried over with one tap, and not typed again", async () => {
    const person = drawOn(store, <LineRow line={flares} onMark={noMark} />);
    await person.click(screen.getByRole("button", { name: "As before: 2028-09" }));
    expect(stands("reading:flares-date", "reading")).toEqual({ date: "2028-09" });
    expect(screen.queryByRole("button", { name: /^As before/ })).toBeNull();
  });

  it("is asked about where it moved backward", async () => {
    const person = drawOn(
      store,
      <LineRow line={{ ...flares, given: { ...flares.given, lastDate: "2029-09" } }} onMark={noMark} />,
    );
    await person.click(screen.getByRole("button", { name: "As before: 2029-09" }));
    fireEvent.change(screen.getByDisplayValue("2029-09"), { target: { value: "2028-03" } });
    expect(stands("reading:flares-date", "reading")).toEqual({ date: "2028-03" });
    expect(await screen.findByText("Read it once more.")).toBeInTheDocument();
  });
});

describe("a gauge that shows no litres", () => {
  it("is tapped at its marks, recorded in litres, with the stand of its switch said before", async () => {
    const person = drawOn(store, <LineRow line={tank} onMark={noMark} />);
    expect(screen.getByText("Gauge switch to the left.")).toBeInTheDocument();
    await person.click(screen.getByRole("button", { name: "1/4" }));
    expect(stands("reading:water-fore", "reading")).toEqual({ litres: 40 });
  });
});

describe("a length of chain", () => {
  it("is tapped by its marks or typed, and says where it is not what her file says", async () => {
    const person = drawOn(store, <LineRow line={rode} onMark={noMark} />);
    expect(screen.getByText(/hands and feet clear of chain/)).toBeInTheDocument();
    await person.click(screen.getByRole("button", { name: "20 m red" }));
    expect(stands("chain:main", "chain")).toEqual({ metres: 20 });
    expect(screen.getByText("20 m of chain, 50 m by her file")).toBeInTheDocument();
    await person.clear(screen.getByRole("textbox"));
    await person.type(screen.getByRole("textbox"), "49,5{Enter}");
    expect(stands("chain:main", "chain")).toEqual({ metres: 49.5 });
    expect(screen.getByText("49.5 m of chain")).toBeInTheDocument();
  });

  it("is not kept where no chain is so long", async () => {
    const person = drawOn(store, <LineRow line={rode} onMark={noMark} />);
    await person.type(screen.getByRole("textbox"), "500{Enter}");
    expect(stands("chain:main", "chain")).toBeUndefined();
    expect(screen.getByRole("textbox")).toHaveAttribute("aria-invalid", "true");
  });
});
