/** @jest-environment ./src/testing/browser-environment.cjs */
import "@/testing/browser-bits";
import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import type { BookStore, SaidUnderWay } from "../../store/book-store";
import { demoYacht } from "@/testing/demo-yacht";
import { draw } from "@/testing/screen";
import { id } from "@/testing/records";
import { Tonight } from "../log/Tonight";
import type { OfBoat } from "../frame/of-boat";
import { MorningRound } from "./MorningRound";
import { ThisMorning } from "./ThisMorning";

const of: OfBoat = {
  ...{
    stay: "stay-2",
    file: demoYacht("little-auk"),
    persons: 2,
    timeZone: "Atlantic/Azores",
    berth: null,
    windLimitKn: null,
    area: null,
    outlook: null,
  },
  ...{ readings: [], backAt: "2027-06-19T09:00:00.000Z", now: "2027-06-14T08:00:00.000Z" },
};
const written: SaidUnderWay[] = [];
const store = { write: async (said: SaidUnderWay) => void written.push(said) } as unknown as BookStore;
beforeEach(() => {
  localStorage.clear();
  written.length = 0;
});
afterEach(cleanup);
const item = (name: string) => within(screen.getByText(name).closest("li")!);
const log = (entry: object, state = "there") =>
  [
    { id: id(1), state, message: null, isOwn: false, entry: { v: 1, id: id(1), yacht: "little-auk", ...entry } },
  ] as never;

describe("the morning round", () => {
  it("waves nothing through: what is open is named, and nothing is told before", async () => {
    const user = draw(<MorningRound of={of} store={store} onBack={() => undefined} />);
    await user.click(item("Engine oil").getByRole("button", { name: "As it should be" }));
    await user.click(screen.getByRole("button", { name: "Done" }));
    // bilge, drips and the water at the exhaust
    expect(screen.getByText("3 things are still open above.")).toBeInTheDocument();
    expect(written).toEqual([]);
  });

  it("tells what was seen and read, and what is odd with what to do", async () => {
    const gone: string[] = [];
    const user = draw(<MorningRound of={of} store={store} onBack={() => gone.push("today")} />);
    await user.click(item("Engine oil").getByRole("button", { name: "As it should be" }));
    await user.click(item("Bilge").getByRole("button", { name: "Not so" }));
    expect(screen.getByText(/salt comes from outside/)).toBeInTheDocument();
    await user.type(screen.getByLabelText("What do you see?"), "a cup of water");
    await user.click(item("Drips and loose things").getByRole("button", { name: "As it should be" }));
    await user.click(item("Water at the exhaust").getByRole("button", { name: "As it should be" }));
    fireEvent.change(item("Petrol").getByLabelText("Litres"), { target: { value: "7" } });
    await user.click(screen.getByRole("button", { name: "Done" }));
    await waitFor(() => expect(gone).toEqual(["today"]));
    expect(written).toEqual([
      {
        kind: "round",
        seconds: expect.any(Number),
        looks: [
          { look: "oil", isFine: true, words: "" },
          { look: "bilge", isFine: false, words: "a cup of water" },
          { look: "leaks", isFine: true, words: "" },
          { look: "exhaust-water", isFine: true, words: "" },
        ],
        readings: [{ reading: "fuel", values: { litres: 7 } }],
      },
    ]);
  });

  it("is kept with every tap: a page that is left goes on where it was", async () => {
    const user = draw(<MorningRound of={of} store={store} onBack={() => undefined} />);
    await user.click(item("Engine oil").getByRole("button", { name: "As it should be" }));
    cleanup();
    draw(<ThisMorning of={of} log={[]} onOpen={() => undefined} />);
    expect(screen.getByText(/^1 of \d+$/)).toBeInTheDocument();
    expect(screen.getByRole("button", { name: "Go on with the round" })).toBeInTheDocument();
  });

  it("judges what cannot be, and holds half a value back", async () => {
    const user = draw(<MorningRound of={of} store={store} onBack={() => undefined} />);
    fireEvent.change(item("Petrol").getByLabelText("Litres"), { target: { value: "90" } });
    expect(item("Petrol").getByText(/cannot be in a tank of 12 l/)).toBeInTheDocument();
    for (const each of ["Engine oil", "Bilge", "Drips and loose things", "Water at the exhaust"])
      await user.click(item(each).getByRole("button", { name: "As it should be" }));
    fireEvent.change(item("Petrol").getByLabelText("Litres"), { target: { value: "much" } });
    await user.click(screen.getByRole("button", { name: "Done" }));
    expect(screen.getByText("One thing is still open above.")).toBeInTheDocument();
    expect(written).toEqual([]);
  });

  it("is done for today, and begins anew tomorrow", () => {
    const round = { kind: "round", at: "2027-06-14T07:10:00.000Z", seconds: 60, looks: [], readings: [] };
    draw(<ThisMorning of={of} log={log(round)} onOpen={() => undefined} />);
    expect(screen.getByText("Done at 07:10: all as it should be.")).toBeInTheDocument();
    cleanup();
    draw(<ThisMorning of={{ ...of, now: "2027-06-15T06:00:00.000Z" }} log={log(round)} onOpen={() => undefined} />);
    expect(screen.getByRole("button", { name: "Begin the morning round" })).toBeInTheDocument();
  });
});

describe("tonight", () => {
  it("is told with a place and an hour to come, and by itself says that it is not the only means", async () => {
    const user = draw(<Tonight of={of} store={store} log={[]} />);
    expect(screen.getByText(/^Never the only means/)).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Tell where we lie tonight" }));
    await user.click(screen.getByRole("button", { name: "Tell the base" }));
    expect(screen.getByText("Write where you lie.")).toBeInTheDocument();
    await user.type(screen.getByLabelText("Where"), "Sallow Pool");
    fireEvent.change(screen.getByLabelText("We say something again on"), { target: { value: "2027-06-13" } });
    await user.click(screen.getByRole("button", { name: "Tell the base" }));
    expect(screen.getByText("This hour has passed. Choose a later one.")).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText("We say something again on"), { target: { value: "2028-06-15" } });
    await user.click(screen.getByRole("button", { name: "Tell the base" }));
    expect(screen.getByText(/^This is more than three days ahead/)).toBeInTheDocument();
    expect(written).toEqual([]);
    fireEvent.change(screen.getByLabelText("We say something again on"), { target: { value: "2027-06-15" } });
    await user.click(screen.getByRole("button", { name: "Tell the base" }));
    // six in the evening at the base, which is at UTC in June
    expect(written).toEqual([{ kind: "tonight", where: "Sallow Pool", until: "2027-06-15T18:00:00.000Z" }]);
  });

  it("says whether the base has it, and that the hour has passed", () => {
    const said = {
      kind: "tonight",
      where: "Gull Haven",
      at: "2027-06-13T19:00:00.000Z",
      until: "2027-06-14T18:00:00.000Z",
    };
    draw(<Tonight of={of} store={store} log={log(said, "waiting")} />);
    expect(screen.getByText("Kept here, waits for signal: the base does not know yet.")).toBeInTheDocument();
    cleanup();
    draw(<Tonight of={{ ...of, now: "2027-06-14T18:30:00.000Z" }} store={store} log={log(said)} />);
    expect(screen.getByText(/^That hour has passed/)).toBeInTheDocument();
  });
});
