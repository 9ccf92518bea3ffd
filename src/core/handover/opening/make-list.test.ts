import { demoYacht } from "../../../testing/demo-yacht";
import { usualRules } from "../../base/rules";
import { hired, paddleBoard } from "../../../testing/extras";
import { id } from "../../../testing/records";
import { listHash } from "../list";
import type { CountLine, ReadingLine } from "../lines";
import { makeList, type ListInput } from "./make-list";

const file = demoYacht("pale-heron");
const input = (change: Partial<ListInput> = {}): ListInput => ({
  kind: "check-in",
  handover: id(1),
  yacht: { id: id(2), revision: 1, file },
  stay: {
    id: id(3),
    from: "2027-06-12T15:00:00.000Z",
    to: "2027-06-19T09:00:00.000Z",
    fromDay: "2027-06-12",
    toDay: "2027-06-19",
    aboard: 4,
  },
  currency: "EUR",
  checkIn: null,
  knownMarks: [],
  viewPhotos: {},
  history: {},
  openedAt: "2027-06-12T14:00:00.000Z",
  rules: usualRules,
  crewKg: [],
  known: [],
  study: [],
  hired: [],
  turnRound: { tasks: [], takeOff: [] },
  changed: { reported: [], happened: [], often: new Map() },
  ...change,
});

describe("the list of a handover", () => {
  const list = makeList(input());

  it("has every counted thing, test, reading and look of the file once", () => {
    const { inventory, tests, readings, looks } = file;
    const forPrep = Object.values(readings).filter((reading) => reading.prepOnly).length;
    const views = new Set(
      Object.values(looks)
        .map((look) => look.surface)
        .filter((surface) => surface !== "below"),
    ).size;
    expect(views).toBe(5);
    // and two of the charter's own: certificate and identity
    const expected =
      [inventory, tests, readings, looks].reduce((sum, part) => sum + Object.keys(part).length, 0) -
      forPrep +
      views +
      2;
    expect(list.lines).toHaveLength(expected);
    expect(new Set(list.lines.map((line) => line.id)).size).toBe(expected);
  });

  it("counts, tests and briefs what the charter has hired, and names her own file by its own hash", () => {
    const extra = paddleBoard({ test: { how: { en: "Pump it." } }, brief: { say: { en: "Leash." }, minutes: 3 } });
    const more = makeList(input({ hired: [hired({ count: 2, extra })] }));
    const added = more.lines.filter(({ id: line }) => !list.lines.some((each) => each.id === line));
    expect(added.map(({ id: line, place }) => [line, place])).toEqual([
      ["test:hired-paddle-board", "stern"],
      ["count:hired-paddle-board", "stern"],
    ]);
    expect(more.briefing?.stops.map((stop) => stop.id)).toContain("hired-paddle-board");
    expect(more.yacht.fileHash).toBe(list.yacht.fileHash);
    // asked back at the check-out as it was at the check-in
    const back = makeList(
      input({
        kind: "check-out",
        hired: more.hired ?? [],
        checkIn: { seal: "0".repeat(64), counts: { "count:hired-paddle-board": 1 }, foundIn: {} },
      }),
    );
    expect(back.lines.find(({ id: line }) => line === "count:hired-paddle-board")).toMatchObject({ expected: 1 });
    expect(list).not.toHaveProperty("hired");
  });

  it("goes deck first, place by place, and in each place in the file's order", () => {
    const levels = list.places.map((place) => place.level);
    expect(levels.lastIndexOf("deck")).toBeLessThan(levels.indexOf("below"));
    const ranks = list.lines.map((line) => list.places.findIndex((place) => place.id === line.place));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    const bow = list.lines.filter((line) => line.place === "bow" && line.kind === "count").map((line) => line.id);
    expect(bow.slice(0, 3)).toEqual(["count:anchor-main", "count:anchor-chain", "count:anchor-pin"]);
  });

  it("does not depend on the order of keys in the stored document", () => {
    const turned = JSON.parse(JSON.stringify(file)) as typeof file;
    turned.inventory = Object.fromEntries(Object.entries(turned.inventory).reverse());
    expect(listHash(makeList(input({ yacht: { id: id(2), revision: 1, file: turned } })))).toBe(listHash(list));
  });

  it("expects at check-out what was found at check-in", () => {
    const out = makeList(
      input({
        kind: "check-out",
        checkIn: {
          seal: "a".repeat(64),
          counts: { "count:fender-large": 5 },
          foundIn: { "count:fender-large": "bow" },
        },
      }),
    );
    expect(out.lines.find((line) => line.id === "count:fender-large") as CountLine).toMatchObject({
      expected: 5,
      place: "bow",
    });
    expect(out.checkInSeal).toBe("a".repeat(64));
  });

  it("gives a rule what it needs: limits, last readings, the charter's days, hours since", () => {
    const made = makeList(
      input({ history: { "reading:engine-hours": [{ value: { hours: 1467.3 }, at: "2027-06-12T02:00:00.000Z" }] } }),
    );
    const given = (key: string) => (made.lines.find((line) => line.id === key) as ReadingLine).given;
    expect(given("reading:engine-hours")).toEqual({
      lastServiceHours: 1310,
      serviceEveryHours: 250,
      history: [1467.3],
      sinceLastHours: 12,
    });
    expect(given("reading:flares-date")).toEqual({ charterFrom: "2027-06-12", charterTo: "2027-06-19" });
    expect(given("reading:battery-service")).toEqual({ chemistry: "agm", duty: "service", nominalV: 12 });
    expect(given("reading:fuel")).toEqual({ capacityL: 150, gaugeStepL: 18.75 });
  });

  it("has the base's limits where the yacht's file has none, and the file's where it has", () => {
    const rules = {
      ...usualRules,
      readingLimits: { water: { watchBelowL: 100 }, "battery-rest": { watchBelowV: 12.6 } },
    };
    const own = structuredClone(file);
    own.readings["water-aft"]!.limits = { watchBelowL: 40 };
    const made = makeList(input({ rules, yacht: { id: id(2), revision: 1, file: own } }));
    const limits = (key: string) => (made.lines.find((line) => line.id === key) as ReadingLine).given.limits;
    expect(limits("reading:water-fore")).toEqual({ from: "base", watchBelowL: 100 });
    expect(limits("reading:water-aft")).toEqual({ from: "yacht file", watchBelowL: 40 });
    expect(limits("reading:battery-service")).toEqual({ from: "base", watchBelowV: 12.6 });
  });

  it("asks for certificate and identity where the ship's papers lie, at check-in alone", () => {
    const papers = (kind: "check-in" | "check-out") =>
      makeList(
        input({ kind, checkIn: kind === "check-out" ? { seal: "a".repeat(64), counts: {}, foundIn: {} } : null }),
      ).lines.filter((line) => line.id.startsWith("reading:charter-"));
    expect(papers("check-in").map((line) => [line.id, line.matter, line.place])).toEqual([
      ["reading:charter-certificate", "certificate", file.inventory["ships-papers"]!.place],
      ["reading:charter-identity", "papers", file.inventory["ships-papers"]!.place],
    ]);
    expect(papers("check-out")).toEqual([]);
  });

  it("brings known marks to their place", () => {
    const mark = {
      place: "stern",
      surface: "stern" as const,
      kind: "scratch" as const,
      sizeMm: 90,
      aM: 1,
      bM: 0.7,
      words: "platform corner",
    };
    const made = makeList(input({ knownMarks: [{ id: id(9), mark, photos: [], since: null }] }));
    expect(made.lines.filter((line) => line.place === "stern")[0]).toMatchObject({ id: `mark:${id(9)}`, kind: "mark" });
  });

  it("looks at a small known mark with its side, and at a large one by itself", () => {
    const mark = (sizeMm: number) => ({
      place: "stern",
      surface: "stern" as const,
      kind: "scratch" as const,
      sizeMm,
      aM: 1,
      bM: 0.7,
      words: "",
    });
    const made = makeList(
      input({
        knownMarks: [
          { id: id(9), mark: mark(99), photos: [], since: null },
          { id: id(10), mark: mark(100), photos: [], since: null },
        ],
        viewPhotos: { stern: ["c".repeat(64)] },
      }),
    );
    expect(made.lines.flatMap((line) => (line.kind === "mark" ? [line.view ?? "by itself"] : []))).toEqual([
      "view:stern",
      "by itself",
    ]);
    expect(made.lines.find((line) => line.id === "view:stern")).toMatchObject({
      kind: "view",
      surface: "stern",
      photos: ["c".repeat(64)],
    });
  });
});
