import { guestReady, worstFirst, type GuestFacts } from "./guest-ready";

const ready: GuestFacts = {
  startsAt: "2027-06-19T17:00:00.000Z",
  linkAt: "2027-06-01T09:00:00.000Z",
  openedAt: "2027-06-02T09:00:00.000Z",
  studied: 12,
  crew: 4,
  aboard: 4,
  papersSeen: true,
  arrivesAt: "2027-06-19T15:00:00.000Z",
  depositMet: true,
  isFarBelow: false,
};
const [early, near] = ["2027-06-12T10:00:00.000Z", "2027-06-18T10:00:00.000Z"];
const of = (change: Partial<GuestFacts>, now = early) => guestReady({ ...ready, ...change }, now);

describe("the guests of a charter", () => {
  it("are ready where nothing is missing", () => {
    expect(of({}, near)).toEqual({ verdict: "fine", reasons: [], reminder: null });
  });

  it.each([
    ["no link yet", { linkAt: null, openedAt: null, studied: 0 }, "no-link", "book-link", "stop"],
    ["a link nobody opened", { openedAt: null, studied: 0 }, "not-opened", "book-link", "stop"],
    ["an open book and no study", { studied: 0 }, "not-studied", "study-reminder", "watch"],
    ["no deposit", { depositMet: false }, "no-deposit", null, "stop"],
    ["names missing", { crew: 1 }, "crew-missing", "what-to-bring", "stop"],
    ["names too many", { crew: 6 }, "crew-too-many", null, "watch"],
    ["no time of arrival", { arrivesAt: null }, "no-arrival", "what-to-bring", "watch"],
    ["papers not seen", { papersSeen: false }, "no-papers", null, "watch"],
  ] as const)(
    "%s: a remark a week before, and as much as it is two days before",
    (_name, change, code, reminder, at) => {
      expect(of(change)).toMatchObject({ verdict: "watch", reasons: [{ code }], reminder });
      expect(of(change, near).verdict).toBe(at);
    },
  );

  it("who have studied have opened the book, whether or not a browser is known", () => {
    expect(of({ linkAt: null, openedAt: null, studied: 3 }, near)).toMatchObject({ verdict: "fine", reminder: null });
  });

  it("whose experience is far below the boat stop at once, and stand first", () => {
    expect(of({ isFarBelow: true, crew: 0 })).toEqual({
      verdict: "stop",
      reasons: [{ code: "far-below" }, { code: "crew-missing", count: 4 }],
      reminder: "what-to-bring",
    });
  });

  it("stand worst first, then as they come", () => {
    const row = (name: string, startsAt: string, change: Partial<GuestFacts>) => ({
      name,
      startsAt,
      ready: of({ ...change, startsAt }),
    });
    const rows = [
      row("fine", "2027-06-13T17:00:00Z", {}),
      row("later", "2027-06-19T17:00:00Z", { arrivesAt: null }),
      row("much", "2027-06-18T17:00:00Z", { arrivesAt: null, studied: 0 }),
      row("some", "2027-06-18T17:00:00Z", { arrivesAt: null }),
      row("far", "2027-06-20T17:00:00Z", { isFarBelow: true }),
    ];
    expect(worstFirst(rows).map(({ name }) => name)).toEqual(["far", "much", "some", "later", "fine"]);
  });
});
