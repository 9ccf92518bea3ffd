import { demoYacht } from "../../../testing/demo-yacht";
import { hired, paddleBoard } from "../../../testing/extras";
import { entryOf, id } from "../../../testing/records";
import { usualRules } from "../../base/rules";
import type { EarlierReading } from "../../readings/rule";
import { readingKinds } from "../../yacht/parts/reading-kinds";
import { seenDefects } from "../../upkeep/defect";
import { fold } from "../fold";
import type { HandoverList } from "../list";
import type { ReadingLine, TestLine } from "../lines";
import { dueTasks } from "../../tasks/due";
import { usualTasks } from "../../tasks/usual";
import { makeList } from "../opening/make-list";
import { prepSections, sectionKey } from "../../tasks/sections";
import { stepOfReading } from "./sections";

const prepOf = (slug: string, more: Partial<Parameters<typeof makeList>[0]> = {}): HandoverList =>
  makeList({
    kind: "prep",
    handover: id(1),
    yacht: { id: id(2), revision: 1, file: demoYacht(slug) },
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
    openedAt: "2027-06-12T08:00:00.000Z",
    rules: usualRules,
    crewKg: [],
    known: [],
    study: [],
    hired: [],
    // she has lain since the autumn
    turnRound: {
      tasks: dueTasks(usualTasks, {
        yacht: slug,
        file: demoYacht(slug),
        backOn: "2026-10-10",
        outOn: "2027-06-12",
      }),
      takeOff: [],
    },
    changed: { reported: [], happened: [], often: new Map() },
    ...more,
  });
const idsIn = (list: HandoverList, section: (typeof prepSections)[number]) =>
  list.lines.filter((line) => line.place === sectionKey(section)).map((line) => line.id);

describe("the technician's round", () => {
  const list = prepOf("pale-heron");

  it("goes through its sections in order, each line in one, with where aboard it is", () => {
    expect(list.places.map((place) => place.id)).toEqual(prepSections.map(sectionKey));
    expect(new Set(list.lines.map((line) => line.id)).size).toBe(list.lines.length);
    expect(list.lines.map((line) => line.place)).toEqual(
      [...list.lines]
        .map((line) => line.place)
        .sort(
          (a, b) => list.places.findIndex((each) => each.id === a) - list.places.findIndex((each) => each.id === b),
        ),
    );
    const { places } = demoYacht("pale-heron");
    for (const line of list.lines) expect([line.id, (line.at ?? "") in places]).toEqual([line.id, true]);
    expect(list.briefing).toBeUndefined();
  });

  it("sniffs before the first switch, reads batteries before the first load, and starts the engine last", () => {
    expect(idsIn(list, "opening-up")).toEqual([
      "test:task-sniff",
      "reading:bilge",
      "test:task-first-switch",
      "test:task-put-back",
    ]);
    expect(idsIn(list, "batteries")).toEqual(["reading:battery-service", "reading:battery-starter"]);
    expect(idsIn(list, "engine-running")).toEqual([
      "reading:engine-hours",
      "reading:cranking-starter",
      "reading:cooling-water",
      "reading:exhaust-smoke",
      "reading:charging-service",
      "test:prep-gear-main",
    ]);
  });

  it("checks the cold engine as practice does: cooling water, oils, belt, coolant, bolts and leaks", () => {
    expect(idsIn(list, "engine-cold")).toEqual([
      "reading:strainer",
      "reading:engine-oil",
      "reading:gearbox-oil",
      "reading:belt",
      "reading:coolant",
      "test:prep-leaks-main",
    ]);
  });

  it("works every seacock and says how it is left, looks at every sail, counts every safety item", () => {
    const file = demoYacht("pale-heron");
    expect(idsIn(list, "seacocks")).toHaveLength(
      Object.values(file.fittings).filter((fitting) => fitting.kind === "seacock").length,
    );
    const how = (key: string) => list.lines.find((line) => line.id === `test:prep-seacock-${key}`) as TestLine;
    expect(how("raw-water-seacock").how.en).toMatch(/Left open$/);
    expect(how("head-inlet").how.en).toMatch(/Left shut$/);
    expect(idsIn(list, "sails")).toEqual(["look:prep-sail-main", "look:prep-sail-genoa"]);
    const counted = list.lines.filter((line) => line.kind === "count");
    expect(counted).toHaveLength(Object.values(file.inventory).filter((item) => item.safety).length);
  });

  it("puts aboard what the charter has hired, takes off what the one before had, and says how long the base's tasks take", () => {
    const kayak = hired({ key: "kayak", count: 2, extra: paddleBoard({ name: { en: "Kayak" } }) });
    const round = prepOf("pale-heron", {
      hired: [hired({ count: 1 })],
      turnRound: {
        tasks: dueTasks(
          { clean: usualTasks["clean"]! },
          { yacht: "pale-heron", file: demoYacht("pale-heron"), backOn: null, outOn: "2027-06-12" },
        ),
        takeOff: [kayak],
      },
    });
    expect(idsIn(round, "turn-round")).toEqual(["test:off-kayak", "test:task-clean", "count:hired-paddle-board"]);
    expect(round.lines.find(({ id: line }) => line === "test:off-kayak")?.name.en).toMatch(/: 2 × Kayak$/);
    // 11.6 m: 60 and 3.6 times 11.25 are 100.5
    expect(round.lines.find(({ id: line }) => line === "test:task-clean")).toMatchObject({ minutes: 100 });
    expect(round.hired).toEqual([hired({ count: 1 })]);
  });

  it("has each engine of a catamaran, and of a day boat only what she has", () => {
    const two = prepOf("two-lanterns");
    for (const key of [
      "reading:belt",
      "reading:belt-starboard",
      "reading:strainer-starboard",
      "reading:cooling-water-starboard",
      "test:prep-gear-port",
      "test:prep-gear-starboard",
    ])
      expect(two.lines.map((line) => line.id)).toContain(key);
    expect(prepOf("little-auk").places.map((place) => place.id)).not.toContain("prep-seacocks");
    expect(prepOf("little-auk").lines.map((line) => line.id)).not.toContain("reading:belt");
  });

  it("knows a step for every kind of reading but papers", () => {
    for (const kind of readingKinds) expect([kind, stepOfReading[kind] === null]).toEqual([kind, kind === "document"]);
  });

  it("hands the rules what was poured in before, and the hours it was done at", () => {
    const history: Record<string, EarlierReading[]> = {
      "reading:coolant": [
        { value: { levelPercent: 30, addedMl: 250 }, at: "2027-05-29T10:00:00.000Z" },
        { value: { levelPercent: 60 }, at: "2027-06-02T10:00:00.000Z" },
      ],
      "reading:engine-hours": [{ value: { hours: 1441 }, at: "2027-05-29T09:00:00.000Z" }],
    };
    const coolant = prepOf("pale-heron", { history }).lines.find(
      (line) => line.id === "reading:coolant",
    ) as ReadingLine;
    // 29 May 10:00 to 12 June 08:00 are 13 days and 22 hours: 13.9 days
    expect(coolant.given).toEqual({ history: [30, 60], topUps: [{ daysAgo: 13.9, addedMl: 250, atHours: 1441 }] });
  });
});

describe("what becomes a defect", () => {
  const list = prepOf("pale-heron");
  const fails = entryOf(1, "line:test:prep-seacock-galley-seacock", "result", { result: "fails", remark: "seized" });
  const slack = entryOf(2, "line:reading:belt", "reading", { movesMm: 12, looks: "sound" });

  it("is what fails, what is to be watched and what does not look sound; stock that is short is none", () => {
    const seen = seenDefects(
      list,
      fold([
        fails,
        slack,
        entryOf(3, "line:look:prep-sail-main", "look", { state: "worn" }),
        entryOf(4, "line:count:flare-set", "count", { count: 0 }),
      ]),
    );
    expect(seen.map(({ subject, safety }) => [subject, safety])).toEqual([
      ["line:reading:belt", false],
      ["line:test:prep-seacock-galley-seacock", true],
      ["line:look:prep-sail-main", false],
    ]);
  });

  it("is not what was known already, nor what only waits for a rest", () => {
    const known = {
      ...list,
      known: [
        {
          id: id(4),
          subject: "line:reading:belt",
          title: "Belt",
          words: "moves 12 mm",
          safety: false,
          since: "2027-06-05T10:00:00.000Z",
        },
      ],
    };
    expect(seenDefects(known, fold([slack]))).toEqual([]);
    // what was known as a nuisance and holds her now is news
    expect(
      seenDefects(
        { ...known, known: [{ ...known.known[0]!, subject: "line:test:prep-seacock-galley-seacock" }] },
        fold([fails]),
      ).map(({ safety }) => safety),
    ).toEqual([true]);
    expect(seenDefects(list, fold([entryOf(1, "line:reading:fuel", "reading", { litres: 100 })]))).toEqual([]);
    expect(
      seenDefects(
        list,
        fold([entryOf(1, "line:reading:gas", "reading", { smell: true, percent: 80, fullBottles: 1 })]),
      ).map(({ safety }) => safety),
    ).toEqual([true]);
    expect(
      seenDefects(list, fold([entryOf(1, "line:reading:battery-service", "reading", { volts: 12.3, restHours: 0.5 })])),
    ).toEqual([]);
  });
});
