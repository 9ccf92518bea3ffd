/** @jest-environment ./src/testing/browser-environment.cjs */
import { freshDevice } from "@/testing/browser-bits";
import { bookOf } from "@/testing/book";
import { id } from "@/testing/records";
import { draw, wire } from "@/testing/screen";
import { cleanup, screen, within } from "@testing-library/react";
import type { BoatBook } from "@/api/schemas/book";
import { BookStore } from "../store/book-store";
import { PapersTab } from "./papers/PapersTab";
import { OtherYachts } from "./today/OtherYachts";

beforeEach(() => {
  freshDevice();
  wire();
});
afterEach(cleanup);

const heron: NonNullable<BoatBook["others"]>[number] = {
  reference: "BR-1",
  yacht: "Pale Heron",
  berth: "A4",
  stayId: id(70),
  startsAt: "2027-06-10T15:00:00.000Z",
  endsAt: "2027-06-12T12:00:00.000Z",
  handovers: [
    { id: id(71), kind: "check-in", sealedAt: "2027-06-10T16:00:00.000Z", seal: "a".repeat(64), noted: [], lines: 9 },
    { id: id(72), kind: "check-out", sealedAt: "2027-06-12T12:00:00.000Z", seal: "b".repeat(64), noted: [], lines: 9 },
  ],
  settlement: null,
};
const today = async (others: BoatBook["others"], stage: "before" | "under-way") =>
  draw(<OtherYachts store={await BookStore.keep(bookOf({ others }))} stage={stage} />);

describe("a charter of two yachts, in the boat book", () => {
  it("says with which one it goes on, where and when, while they have the first", async () => {
    await today([{ ...heron, startsAt: "2027-06-15T12:00:00.000Z", handovers: [] }], "under-way");
    const part = within(screen.getByRole("region", { name: "You go on with Pale Heron" }));
    expect(part.getByText(/^Berth A4, from Tue 15 Jun.*12:00\. Bring this yacht back by then/)).toBeInTheDocument();
  });

  it("says what to carry over before the second is handed over, and nothing of it under way", async () => {
    await today([heron], "before");
    const part = within(screen.getByRole("region", { name: "You come from Pale Heron" }));
    expect(part.getByText(/what you know of Pale Heron may be wrong here/)).toBeInTheDocument();
    cleanup();
    await today([heron], "under-way");
    expect(screen.queryByRole("region")).toBeNull();
    cleanup();
    await today(undefined, "before");
    expect(screen.queryByRole("region")).toBeNull();
  });

  it("keeps what was signed of the first among the papers", async () => {
    draw(<PapersTab store={await BookStore.keep(bookOf({ others: [heron] }))} />);
    const part = within(screen.getByRole("region", { name: "What was signed, Pale Heron" }));
    expect(part.getAllByRole("heading", { level: 3 }).map(({ textContent }) => textContent)).toEqual([
      expect.stringMatching(/^Check-in, signed/) as string,
      expect.stringMatching(/^Check-out, signed/) as string,
    ]);
    expect(
      within(screen.getByRole("region", { name: "What was signed" })).getByText(/Nothing is signed yet/),
    ).toBeInTheDocument();
  });
});
