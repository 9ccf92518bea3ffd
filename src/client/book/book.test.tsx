/** @jest-environment ./src/testing/browser-environment.cjs */
import { freshDevice, until } from "@/testing/browser-bits";
import { bookOf } from "@/testing/book";
import { demoYacht } from "@/testing/demo-yacht";
import { id } from "@/testing/records";
import { draw, wire, type Wire } from "@/testing/screen";
import { act, cleanup, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { AddendaView, BoatBook } from "@/api/schemas/book";
import { BookStore } from "../store/book-store";
import { AfterCheckIn } from "./AfterCheckIn";
import { OpenBook } from "./OpenBook";
import { StatementPart } from "./StatementPart";

let base: Wire;
const changed = jest.fn();
beforeEach(() => {
  jest.clearAllMocks();
  freshDevice();
  window.location.hash = "";
  window.scrollTo = jest.fn();
  base = wire();
});
const tap = (name: string | RegExp) => screen.getByRole("button", { name });
const person = () => userEvent.setup();
/** As a link or Back does. */
const goTo = (tab: string) =>
  act(() => void ((window.location.hash = tab), window.dispatchEvent(new Event("hashchange"))));

const afterwards: AddendaView = {
  handover: id(900),
  leftAt: null,
  open: [
    {
      line: "test:mainsail",
      name: "Mainsail, hoist and reef",
      place: "Mast",
      reason: "wind on the quay",
      hours: 24,
      until: null,
    },
  ],
  lines: [{ id: "test:mainsail", name: "Mainsail, hoist and reef", place: "Mast", isCount: false }],
  addenda: [],
};

describe("after the check-in, in the boat book", () => {
  const open = async (change: Partial<AddendaView> = {}) => {
    const store = await BookStore.keep(bookOf({ afterwards: { ...afterwards, ...change } }));
    return { store, person: draw(<AfterCheckIn store={store} />) };
  };

  it("shows nothing before there is a signed check-in", async () => {
    const store = await BookStore.keep(bookOf());
    draw(<AfterCheckIn store={store} />);
    expect(screen.queryByRole("region")).not.toBeInTheDocument();
  });

  it("lets the hours run from leaving the berth, said with one tap and kept without signal", async () => {
    const { store, person } = await open();
    expect(screen.getByText(/Mainsail, hoist and reef/).closest("li")).toHaveTextContent(
      "wind on the quay. Within 24 h of leaving the berth.",
    );
    await person.click(tap("We are leaving the berth now"));
    await until(() => store.addenda().some(({ kind }) => kind === "left-berth"));
    const left = store.addenda().find((each) => each.kind === "left-berth");
    const due = new Date(Date.parse((left as { leftAt: string }).leftAt) + 24 * 3_600_000);
    const clock = new Intl.DateTimeFormat("en-GB", {
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
      timeZone: "Atlantic/Azores",
    }).format(due);
    expect((await screen.findByText(/Until/)).closest("li")).toHaveTextContent(new RegExp(`${clock}\\.`));
    expect(screen.queryByRole("button", { name: "We are leaving the berth now" })).not.toBeInTheDocument();
    expect(screen.getByText("kept on this device, waiting for signal")).toBeInTheDocument();
  });

  it("opens the report on the line it was asked for", async () => {
    const { person } = await open();
    await person.click(tap("Report: Mainsail, hoist and reef"));
    expect(screen.getByLabelText("On")).toHaveValue("test:mainsail");
    await person.click(tap("Send the report"));
    expect(screen.getByText("Say it in a few words, so that both know later.")).toBeInTheDocument();
  });

  it("asks that the base's own visit is read, once", async () => {
    const visit = {
      addendum: {
        v: 1,
        id: id(77),
        handover: id(900),
        at: "2027-06-13T09:00:00.000Z",
        by: { side: "base", person: id(905) },
        kind: "visit",
        words: "the bilge pump was changed",
        touched: [],
      },
      receivedAt: "2027-06-13T09:00:00.000Z",
      by: "Ilko Brandt",
      about: null,
      inTime: null,
    } as AddendaView["addenda"][number];
    const { store, person } = await open({ addenda: [visit] });
    expect(screen.getByText(/the bilge pump was changed/)).toBeInTheDocument();
    await person.click(tap("I have read this"));
    await until(() => store.addenda().some(({ kind }) => kind === "acknowledgement"));
    expect(screen.queryByRole("button", { name: "I have read this" })).not.toBeInTheDocument();
  });
});

describe("the signed statement in the boat book", () => {
  const settled: NonNullable<BoatBook["settlement"]> = {
    sealedAt: "2027-06-19T11:00:00.000Z",
    dueMinor: 2210,
    heldMinor: 18050,
    releaseMinor: 229740,
    objectUntil: "2027-07-03T11:00:00.000Z",
    lines: [
      {
        id: "fender",
        name: "Fender, large",
        how: "€22.10 charged",
        state: "may-be-objected",
        atMostMinor: 2210,
        finalMinor: 2210,
        mayObject: true,
        said: [],
      },
      {
        id: "canvas",
        name: "Sprayhood",
        how: "€180.50 held",
        state: "closed",
        atMostMinor: 18050,
        finalMinor: 9000,
        mayObject: false,
        said: ["half of the zip, by phone"],
      },
    ],
  };
  const open = () =>
    draw(
      <StatementPart
        settlement={settled}
        stayId={id(1)}
        currency="EUR"
        timeZone="Atlantic/Azores"
        onChanged={changed}
      />,
    );
  const line = (name: string) => within(screen.getByText(name).closest("li")!);

  it("shows the sums, until when one may object, and what was agreed since", () => {
    open();
    expect(screen.getByText("€22.10")).toBeInTheDocument();
    expect(screen.getByRole("status")).toHaveTextContent(/3 July.*11:00/);
    expect(line("Sprayhood").getByText("half of the zip, by phone")).toBeInTheDocument();
    expect(line("Sprayhood").queryByRole("button")).not.toBeInTheDocument();
    expect(line("Sprayhood").getByText(/€90\.00/)).toBeInTheDocument();
  });

  it("takes an objection to one line in own words, and says when it could not be sent", async () => {
    const person = open();
    await person.click(line("Fender, large").getByRole("button"));
    const send = () => line("Fender, large").getAllByRole("button")[0]!;
    await person.click(send());
    expect(line("Fender, large").getByRole("textbox")).toHaveAccessibleDescription();
    expect(base.asked).toEqual([]);
    await person.type(line("Fender, large").getByRole("textbox"), " it was missing on the first day ");
    await person.click(send());
    expect(changed).not.toHaveBeenCalled();
    expect(line("Fender, large").getByRole("textbox")).toHaveValue(" it was missing on the first day ");
    base.answer(200, {});
    await person.click(send());
    expect(base.asked.at(-1)).toMatchObject({
      method: "POST",
      path: `/api/stays/${id(1)}/settlement/objections`,
      body: { line: "fender", words: "it was missing on the first day" },
    });
    await waitFor(() => expect(changed).toHaveBeenCalledTimes(1));
  });
});

describe("the open boat book", () => {
  const open = async (change: Partial<BoatBook> = {}) => {
    const store = await BookStore.keep(bookOf(change));
    return draw(<OpenBook store={store} />);
  };
  const signed = (kind: "check-in" | "check-out") => ({
    id: id(kind === "check-in" ? 900 : 899),
    kind,
    sealedAt: "2027-06-12T16:00:00.000Z",
    seal: "a".repeat(64),
    noted: [],
    lines: 12,
  });

  it("has the base's number first, in a form that a phone dials", async () => {
    await open({ base: { ...bookOf().base, phone: "+000 555 0142" } });
    expect(screen.getByRole("link", { name: /\+000 555 0142/ })).toHaveAttribute("href", "tel:+0005550142");
  });

  it("offers the study until something is signed, and the way back from then on", async () => {
    await open();
    expect(tap("Study her now")).toBeInTheDocument();
    goTo("papers");
    expect(
      await screen.findByText("Nothing is signed yet. The check-in comes first, at the berth."),
    ).toBeInTheDocument();
  });

  it("asks for what was found once the check-in is signed, until the check-out is", async () => {
    await open({ afterwards, handovers: [signed("check-in")] });
    expect(screen.queryByRole("button", { name: "Study her now" })).not.toBeInTheDocument();
    expect(screen.getByRole("region", { name: "After the check-in" })).toBeInTheDocument();
    expect(screen.getByRole("region", { name: "Coming back" })).toBeInTheDocument();
  });

  it("asks no more once she is back", async () => {
    await open({ afterwards, handovers: [signed("check-in"), signed("check-out")] });
    expect(screen.queryByRole("region", { name: "After the check-in" })).not.toBeInTheDocument();
    await person().click(tap("Open the papers"));
    expect(await screen.findAllByRole("heading", { level: 3, name: /signed/ })).toHaveLength(2);
  });

  it("opens every tab by its address, with the tab lit, and what is wrong by system from each", async () => {
    await open({ afterwards, handovers: [signed("check-in")] });
    expect(tap("Today")).toHaveAttribute("aria-current", "page");
    for (const [address, name] of [
      ["find", "Find"],
      ["plan", "Her plan"],
      ["papers", "Papers"],
    ] as const) {
      goTo(address);
      await waitFor(() => expect(tap(name)).toHaveAttribute("aria-current", "page"));
    }
    await person().click(tap("Something is wrong"));
    expect(await screen.findByRole("region", { name: "What is wrong?" })).toBeInTheDocument();
  });

  it("opens a place of the plan from below, and shows where a thing lies that was found", async () => {
    await open();
    goTo("find/fitting/anchor-cleat");
    await person().click(await screen.findByRole("button", { name: "Show on her plan" }));
    expect(location.hash).toBe("#plan/fitting/anchor-cleat");
    await person().click(await screen.findByRole("button", { name: /^Bow cleat ?Bow,/ }));
    expect(await screen.findByRole("dialog", { name: /Bow cleat/ })).toBeInTheDocument();
  });

  it("says what was agreed, and until when the link opens the book", async () => {
    await open({
      until: "2027-08-18T09:00:00.000Z",
      terms: {
        depositMinor: 250000,
        depositHow: "card-hold",
        waiverMinor: null,
        fuelRule: "by-level",
        lateHours: 24,
        windLimitKn: 25,
      },
    });
    goTo("papers");
    const agreed = await screen.findByRole("region", { name: "What was agreed" });
    expect(agreed).toHaveTextContent("€2,500.00, held on the card");
    expect(agreed).toHaveTextContent("within 24 h of leaving the berth");
    const { draughtM, airDraughtM } = demoYacht("little-auk").particulars;
    const figures = screen.getByRole("region", { name: "Her figures" });
    expect(within(figures).getByText("Draught").parentElement).toHaveTextContent(`${draughtM} m`);
    expect(within(figures).getByText("Air draught").parentElement).toHaveTextContent(`${airDraughtM} m`);
  });

  it("is dark at night, and light again", async () => {
    await open();
    await person().click(tap("Night"));
    expect(document.documentElement.dataset.look).toBe("night");
    expect(tap("Night")).toHaveAttribute("aria-pressed", "true");
    await person().click(tap("Night"));
    expect(document.documentElement.dataset.look).toBe("day");
  });

  it("stays dark when the tab is left on which the light was chosen, and is the book's alone", async () => {
    await open();
    goTo("papers");
    const device = within(await screen.findByRole("region", { name: "This device" }));
    await person().click(device.getByRole("button", { name: "Night" }));
    goTo("today");
    await waitFor(() => expect(screen.queryByRole("region", { name: "This device" })).not.toBeInTheDocument());
    expect(document.documentElement.dataset.look).toBe("night");
    cleanup();
    expect(document.documentElement.dataset.look).toBeUndefined();
  });
});
