/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen } from "@testing-library/react";
import type { TellsBrief } from "@/api/schemas/desk";
import type { LogEntry } from "@/core/underway/log/entry";
import { id } from "@/testing/records";
import { drawDesk } from "@/testing/screen";
import { BoatLogPart } from "./BoatLogPart";
import { TellsChips } from "./TellsChips";
import { TellsPart } from "./TellsPart";

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
