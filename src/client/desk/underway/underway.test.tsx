/** @jest-environment ./src/testing/browser-environment.cjs */
import "@/testing/browser-bits";
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import type { CallBrief, TellsBrief } from "@/api/schemas/desk";
import type { LogEntry } from "@/core/underway/log/entry";
import { id } from "@/testing/records";
import { rowOf, stayOf } from "@/testing/desk";
import { drawDesk, wire } from "@/testing/screen";
import { BoatLogPart } from "./BoatLogPart";
import { CallCard } from "./CallCard";
import { OpenCalls } from "./OpenCalls";
import { TellsChips } from "./TellsChips";
import { TellsPart } from "./TellsPart";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: () => undefined }) }));

afterEach(cleanup);
const at = (instant: string) => instant.slice(11, 16);
const tonight = {
  ...{ v: 1 as const, id: id(1), yacht: "pale-heron", kind: "tonight" as const, where: "Sallow Pool" },
  ...{ at: "2027-06-13T19:00:00.000Z", until: "2027-06-14T18:00:00.000Z", lon: -30.05, lat: 42.28 },
};
const tells = (change: Partial<TellsBrief> = {}): TellsBrief => ({
  overdue: { state: "said", tonight, nextAt: tonight.until },
  round: null,
  over: null,
  calls: [],
  ...change,
});

describe("what a boat under way tells", () => {
  it("stands beside her in a few words", () => {
    drawDesk(<TellsChips tells={tells()} at={at} />);
    expect(screen.getByText("Sallow Pool, says more by 18:00")).toBeInTheDocument();
  });

  it("says who has not said, and nothing while it is early", () => {
    drawDesk(<TellsChips tells={tells({ overdue: { state: "not-said", tonight: null, nextAt: null } })} at={at} />);
    expect(screen.getByText("has not said where she lies")).toBeInTheDocument();
    cleanup();
    drawDesk(<TellsChips tells={tells({ overdue: { state: "not-yet", tonight: null, nextAt: null } })} at={at} />);
    expect(screen.queryByText(/said/)).toBeNull();
  });

  it("tells the steps with their hours once she is late, and where she was to lie", () => {
    drawDesk(
      <TellsPart
        tells={tells({ overdue: { state: "call", tonight, nextAt: "2027-06-14T21:00:00.000Z" } })}
        at={at}
        stayId={id(9)}
      />,
    );
    expect(screen.getAllByRole("listitem").map(({ textContent }) => textContent)).toEqual([
      expect.stringMatching(/^From 19:00: call/),
      expect.stringMatching(/^From 21:00: ask harbours/),
      expect.stringMatching(/^From 00:00: tell the rescue service/),
    ]);
    expect(screen.getByText(/42\.2800, -30\.0500/)).toBeInTheDocument();
  });

  it("names what her round found odd, and wind above a limit", () => {
    const round = { at: "2027-06-14T07:00:00.000Z", odd: [{ look: "bilge" as const, words: "a cup of water" }] };
    const over = { at: "2027-06-15T12:00:00.000Z", windKn: 31.5, gustKn: 42, fromDeg: 200 };
    drawDesk(<TellsPart tells={tells({ round, over })} at={at} stayId={id(9)} />);
    expect(screen.getByText("Bilge")).toBeInTheDocument();
    expect(screen.getByText(/a cup of water/)).toBeInTheDocument();
    expect(screen.getByText(/^From 12:00 the forecast is above the limit.*31\.5 kn, gusts 42\.0/)).toBeInTheDocument();
  });
});

it("the log of a charter has rounds with their readings, nights, and what was told by choice, newest first", () => {
  const of = (number: number, entry: object) =>
    ({ v: 1, id: id(number), yacht: "pale-heron", at: `2027-06-1${number}T07:00:00.000Z`, ...entry }) as LogEntry;
  drawDesk(
    <BoatLogPart
      at={at}
      log={[
        of(1, {
          ...{ kind: "round", seconds: 100 },
          looks: [{ look: "oil", isFine: false, words: "low" }],
          readings: [{ reading: "fuel", values: { litres: 90 } }],
        }),
        of(2, { kind: "note", words: "whales" }),
        of(3, { kind: "fuelled", litres: 82 }),
        of(4, { kind: "position", lon: -30, lat: 42 }),
      ]}
    />,
  );
  const rows = screen.getAllByRole("listitem").map(({ textContent }) => textContent);
  expect(rows[0]).toMatch(/42\.0000, -30\.0000/);
  expect(rows[3]).toMatch(/2 min, one thing odd: Engine oil: low\.fuel 90/);
});

const call = (change: Partial<CallBrief> = {}): CallBrief => ({
  ...{
    reference: "BR-1052",
    earlier: [],
    trouble: id(5),
    title: "The windlass does nothing",
    urgency: "now",
    persons: 4,
    words: "Sallow Pool",
  },
  ...{ lines: ["21:02 Windlass breaker: has it tripped? It has tripped"], answers: [], isOpen: true, outcome: null },
  ...{ saidAt: "2027-06-14T21:00:00.000Z", receivedAt: "2027-06-14T21:00:00.000Z", waitsMin: 12, ordered: null },
  ...change,
});

describe("calls", () => {
  const told = (stayId: string, calls: CallBrief[]) => rowOf(stayOf({ stayId }), { tells: tells({ calls }) });

  it("stand urgent first with how long they wait, and not once they are answered", async () => {
    const chosen: string[] = [];
    const rows = [
      told(id(11), [call({ trouble: id(6), urgency: "today", title: "No hot water", waitsMin: 300 })]),
      told(id(12), [call(), call({ trouble: id(7), isOpen: false, title: "The fridge is warm" })]),
    ];
    const user = drawDesk(<OpenCalls rows={rows} onChoose={(stay) => chosen.push(stay)} />);
    const [first, second, ...more] = within(screen.getByRole("region", { name: "Calls" })).getAllByRole("button");
    expect(first).toHaveTextContent(/Urgent, now.*The windlass does nothing.*waiting 12 minutes/);
    expect(second).toHaveTextContent(/Today.*No hot water.*waiting 5 hours/);
    expect(more).toEqual([]);
    await user.click(first!);
    expect(chosen).toEqual([id(12)]);
    cleanup();
    drawDesk(<OpenCalls rows={[told(id(11), [])]} onChoose={() => undefined} />);
    expect(screen.queryByRole("region", { name: "Calls" })).toBeNull();
  });

  it("are answered with all that was found before one's eyes, and told with both times where they came late", async () => {
    const { asked, answer } = wire();
    const user = drawDesk(<CallCard call={call({ receivedAt: "2027-06-15T08:00:00.000Z" })} stayId={id(9)} at={at} />);
    expect(screen.getByText("said 21:00, reached the base 08:00")).toBeInTheDocument();
    expect(screen.getByText(/has it tripped\? It has tripped/)).toBeInTheDocument();
    expect(screen.getByRole("button", { name: "Send the answer" })).toBeDisabled();
    await user.type(screen.getByLabelText("What they should do"), "Leave it out.");
    answer(201, {});
    await user.click(screen.getByRole("button", { name: "Send the answer" }));
    await waitFor(() =>
      expect(asked.at(-1)).toMatchObject({
        path: `/api/stays/${id(9)}/calls`,
        body: { topic: null, words: "Leave it out.", trouble: id(5) },
      }),
    );
    answer(201, {});
    await user.click(screen.getByRole("button", { name: "Make a work order" }));
    await waitFor(() => expect(asked.at(-1)?.path).toBe(`/api/stays/${id(9)}/troubles/${id(5)}/order`));
  });

  it("say that a fault is explained instead of mended, and need no answer once it works", () => {
    const ordered = { since: "2027-06-01T08:00:00.000Z", crews: 3 };
    drawDesk(<CallCard call={call({ ordered, isOpen: false, outcome: "works" })} stayId={id(9)} at={at} />);
    expect(screen.getByText(/^Explained to 3 crews while the order lies/)).toBeInTheDocument();
    expect(screen.getByText("works again")).toBeInTheDocument();
    expect(screen.queryByLabelText("What they should do")).toBeNull();
  });

  it("take over what was answered before by a tap", async () => {
    const earlier = [{ at: "2027-05-01T21:00:00.000Z", words: "Wait five minutes, once.", yacht: "Quillback" }];
    const user = drawDesk(<CallCard call={call({ earlier })} stayId={id(9)} at={at} />);
    await user.click(screen.getByRole("button", { name: /Wait five minutes, once\. \(Quillback, 21:00\)/ }));
    expect(screen.getByLabelText("What they should do")).toHaveValue("Wait five minutes, once.");
    expect(screen.getByRole("button", { name: "Send the answer" })).toBeEnabled();
  });

  it("propose an oddity in the words of the answer, and lead to the charter for a visit", async () => {
    const { asked, answer } = wire();
    const answers = [{ at: "2027-06-14T21:30:00.000Z", words: "Haul with the engine at 1500." }];
    const user = drawDesk(<CallCard call={call({ answers })} stayId={id(9)} at={at} />);
    expect(screen.getByRole("link", { name: "Note a visit aboard" })).toHaveAttribute(
      "href",
      "/charters/BR-1052#after",
    );
    await user.click(screen.getByRole("button", { name: "Propose an oddity for her file …" }));
    const words = screen.getByLabelText("What is odd about her");
    expect(words).toHaveValue("Haul with the engine at 1500.");
    await user.type(words, " Always.");
    answer(201, {});
    await user.click(screen.getByRole("button", { name: "Propose it" }));
    await waitFor(() =>
      expect(asked.at(-1)).toMatchObject({
        path: `/api/stays/${id(9)}/troubles/${id(5)}/oddity`,
        body: { words: "Haul with the engine at 1500. Always." },
      }),
    );
    await waitFor(() => expect(screen.queryByLabelText("What is odd about her")).toBeNull());
  });
});
