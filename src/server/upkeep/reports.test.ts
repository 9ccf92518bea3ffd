import { v7 as uuid } from "uuid";
import { historyByItem } from "@/core/history/history";
import { historyToCsv } from "@/formats/history-csv";
import { demoBase } from "@/testing/demo-base";
import { takeAddenda } from "../items/addenda";
import { allDefects, knownDefects, openDefects, openWork } from "../db/defects";
import { findHandover } from "../db/handovers";
import { historyFacts } from "../history/facts";
import { foundNotReturned, noteFound } from "./found-things";

const base = demoBase("reports");
const yachtOf = async (name: string) =>
  (await base.asOwner<{ id: string }>("select id from yacht where name = $1", [name]))[0]?.id ?? "";
const report = async (more: object) => {
  const checkIn = await base.inBase(async (db) => findHandover(db, await base.handoverOf("BR-1052", "check-in")));
  if (!checkIn) throw new Error("no check-in");
  const person = await base.person("Tove Ellery");
  const [answer] = await base.inBase((db) =>
    takeAddenda(
      db,
      checkIn,
      [
        {
          v: 1,
          id: uuid(),
          handover: checkIn.id,
          at: "2027-06-09T10:00:00.000Z",
          by: { side: "skipper", person },
          ...more,
        },
      ],
      { side: "skipper", person },
    ),
  );
  return answer?.status;
};

describe("what becomes work", () => {
  it("a mark that is new or worse at check-out, told once and not again on the next list, where it stands as a mark", async () => {
    const quillback = await yachtOf("Quillback");
    const marks = (await base.inBase((db) => allDefects(db, quillback))).filter((each) =>
      each.subject.startsWith("mark:"),
    );
    expect(marks.map(({ title, words, state, safety }) => [title, words, state, safety]).sort()).toEqual([
      ["scratch: long, from a quay wall", "new mark", "ordered", false],
      ["scratch: platform corner", "mark is worse", "ordered", false],
    ]);
    expect(
      (await base.inBase((db) => knownDefects(db, quillback))).some((each) => each.subject.startsWith("mark:")),
    ).toBe(false);
  });

  it("a report on a line, which joins what is on the list already; a missing thing is stock and no work", async () => {
    const heron = await yachtOf("Pale Heron");
    const before = (await base.inBase((db) => openDefects(db, heron))).length;
    expect(await report({ kind: "late-finding", line: "test:windlass", words: "slips under load", photos: [] })).toBe(
      "kept",
    );
    expect(await report({ kind: "late-finding", line: "count:fender-large", words: "one burst", photos: [] })).toBe(
      "kept",
    );
    const added = (await base.inBase((db) => openDefects(db, heron))).filter(
      (each) => each.subject === "line:test:windlass",
    );
    expect((await base.inBase((db) => openDefects(db, heron))).length).toBe(before + 1);
    expect(added).toMatchObject([{ words: "slips under load", foundBy: "Tove Ellery", safety: false }]);
    // the fridge was found slow at this check-in: the report joins that work
    const fridge = async () =>
      (await base.inBase((db) => openDefects(db, heron))).filter((each) => each.subject === "line:test:fridge");
    expect(await fridge()).toHaveLength(1);
    await report({ kind: "late-finding", line: "test:fridge", words: "now warm", photos: [] });
    expect(await fridge()).toMatchObject([{ state: "ordered", workWords: "now warm" }]);
  });

  it("a report that is dated before the check-in, as found when it came: it frees nobody from what was done since", async () => {
    const heron = await yachtOf("Pale Heron");
    await report({
      kind: "late-finding",
      line: "test:anchor-light",
      words: "dead before we came",
      photos: [],
      at: "2026-01-01T10:00:00.000Z",
    });
    const found = (await base.inBase((db) => openDefects(db, heron))).find(
      ({ subject }) => subject === "line:test:anchor-light",
    );
    expect(found?.since.slice(0, 10)).toBe("2027-06-12");
  });

  it("no report of a day that is none", async () => {
    const said = { kind: "incident", what: "grounding", words: "soft", photos: [] };
    expect(await report({ ...said, happenedOn: "2027-99-99" })).toBe("refused");
    expect(await report({ ...said, happenedOn: "2027-02-31" })).toBe("refused");
  });

  it("a grounding, which holds her until somebody has looked; lost overboard is none", async () => {
    const heron = await yachtOf("Pale Heron");
    await report({ kind: "incident", what: "grounding", happenedOn: "2027-06-09", words: "soft, on sand", photos: [] });
    await report({ kind: "incident", what: "lost-overboard", happenedOn: "2027-06-09", words: "a bucket", photos: [] });
    const safety = (await base.inBase((db) => openDefects(db, heron))).filter((each) => each.safety);
    expect(safety.map(({ title, words }) => [title, words])).toContainEqual(["Grounding", "soft, on sand"]);
    expect((await base.inBase((db) => openDefects(db, heron))).some((each) => each.words === "a bucket")).toBe(false);
  });

  it("stands in the order in which it is needed: safety first, then the next departure", async () => {
    const work = await base.inBase(openWork);
    expect(work[0]).toMatchObject({ yachtName: "Pale Heron", title: "Grounding", safety: true });
    const rest = work.filter((each) => !each.safety).map((each) => each.neededAt ?? "9999");
    expect(rest.length).toBeGreaterThan(3);
    expect([...rest].sort()).toEqual(rest);
  });
});

it("keeps what a crew left aboard until it has gone back", async () => {
  const ilko = await base.person("Ilko Brand");
  const [cover] = await base.inBase(foundNotReturned);
  expect(cover).toMatchObject({
    words: "blue fender cover, no name on it",
    yachtName: "Quillback",
    charter: "BR-1050",
    charterer: "Petra Arrowby",
    isTheirs: true,
    kept: null,
  });
  const note = (state: "kept" | "returned") =>
    base.inBase((db) => noteFound(db, cover?.handover ?? "", cover?.found ?? "", state, "office, shelf 2", ilko));
  await note("kept");
  expect((await base.inBase(foundNotReturned))[0]?.kept?.words).toBe("office, shelf 2");
  await note("returned");
  expect(await base.inBase(foundNotReturned)).toEqual([]);
  await expect(note("returned")).rejects.toMatchObject({ status: 409, code: "not-here" });
});

it("tells what goes missing, breaks and costs, from signed statements and the list of work", async () => {
  const facts = await base.inBase((db) => historyFacts(db, "pale-heron", "2027-01-01T00:00:00.000Z"));
  const rows = historyByItem(facts);
  // BR-1046: a fender of 39.00, 26 of 60 months old, 34/60 of it: 22.10; fuel 22 × 1.89 + 35.00 = 76.58; a chip repaired for 180.00
  expect(rows.find((row) => row.key === "count:fender-large")).toMatchObject({
    name: "Fender, large",
    missing: 1,
    chargedMinor: 2210,
  });
  expect(rows.find((row) => row.key === "fuel")).toMatchObject({ chargedMinor: 7658, missing: 0 });
  expect(rows.find((row) => row.key === "marks")).toMatchObject({ chargedMinor: 18000, broken: 1 });
  expect(await base.inBase((db) => historyFacts(db, null, "2027-07-01T00:00:00.000Z"))).toEqual([]);
  const csv = historyToCsv(rows, "EUR");
  expect(csv.split("\r\n")[0]).toBe("item,name,yachts,missing,broken,charged EUR,work minutes");
  expect(csv).toContain('count:fender-large,"Fender, large",1,1,0,22.10,0');
});
