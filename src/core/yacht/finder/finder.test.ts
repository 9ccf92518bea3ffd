import { readFileSync } from "node:fs";
import { demoYacht } from "../../../testing/demo-yacht";
import { findables } from "./findable";
import { makeFinder, type Finder } from "./finder";

interface Asked {
  yacht: string;
  ask: string;
  expect: string[];
}

/**
 * Questions as tired crews type them, half of them not by native speakers, with the answers that would help; written from
 * the names of things, before the finder answered any of them.
 */
const questionsOf = (name: "tuned" | "apart") =>
  JSON.parse(readFileSync(`demo/questions/${name}.json`, "utf8")) as Asked[];
const tuned = questionsOf("tuned");
const apart = questionsOf("apart");
const finders = new Map<string, Finder>();
const find = (yacht: string, ask: string) => {
  const finder = finders.get(yacht) ?? makeFinder(demoYacht(yacht));
  finders.set(yacht, finder);
  return finder.find(ask).map((hit) => `${hit.kind}:${hit.id}`);
};

describe.each([
  ["those its vocabulary was made with", tuned, 328],
  ["those that nobody tuned it to", apart, 114],
])("the questions over the fleet, %s", (_which, questions, count) => {
  const ranks = questions.map(({ yacht, ask, expect: wanted }) => ({ yacht, ask, wanted, hits: find(yacht, ask) }));
  const missed = (most: number) =>
    ranks
      .filter(({ wanted, hits }) => !hits.slice(0, most).some((hit) => wanted.includes(hit)))
      .map(({ yacht, ask, hits }) => `${yacht}: ${ask} → ${hits.slice(0, 3).join(", ")}`);

  it("are all there", () => expect(questions).toHaveLength(count));

  it("name answers that are aboard", () => {
    const strange = questions.flatMap(({ yacht, expect: wanted }) => {
      const aboard = new Set(findables(demoYacht(yacht)).map(({ id }) => id));
      return wanted.filter((id) => !aboard.has(id)).map((id) => `${yacht} ${id}`);
    });
    expect(strange).toEqual([]);
  });

  it("have an expected answer first in 90 of 100, and among the first three in 98", () => {
    const enough = (most: number, share: number) => missed(most).length <= (1 - share) * questions.length;
    expect({ missed: missed(3), enough: enough(3, 0.98) }).toMatchObject({ enough: true });
    expect({ missed: missed(1), enough: enough(1, 0.9) }).toMatchObject({ enough: true });
  });
});

describe("what is asked for", () => {
  it.each([
    ["pale-heron", "draught", "figure:draught"],
    ["pale-heron", "air draught", "figure:air-draught"],
    ["pale-heron", "cruising speed", "figure:limited-speed"],
    ["two-lanterns", "how fast on one engine", "figure:limited-speed"],
    ["pale-heron", "fuel tank", "figure:fuel"],
    ["little-auk", "towing", "inventory:tow-line"],
    // letters swapped, one missing, one too many, two words written as one
    ["pale-heron", "engien", "procedure:engine-start"],
    ["pale-heron", "winlass", "fitting:windlass"],
    ["pale-heron", "fennders", "inventory:bow-fender"],
    ["quillback", "bilgepumphandle", "inventory:bilge-pump-handle"],
    // contractions as they are typed
    ["pale-heron", "engine wont start", "procedure:engine-will-not-start"],
    ["pale-heron", "engine won't start", "procedure:engine-will-not-start"],
    ["pale-heron", "engine won’t stop", "procedure:engine-will-not-stop"],
    // what one wants to do is not outweighed by a chance word
    ["pale-heron", "how to turn off gas", "fitting:gas-tap"],
    ["gannet-rock", "turn the generator off", "procedure:generator-stop"],
    ["gannet-rock", "turn the generator on", "procedure:generator-start"],
    // in German, over files that have English words
    ["pale-heron", "Toilette verstopft", "procedure:head-blocked"],
    ["pale-heron", "wo sind die Schwimmwesten", "procedure:jackets-on"],
    ["quillback", "Motor startet nicht", "procedure:engine-will-not-start"],
    ["cold-harbour", "Tiefgang", "figure:draught"],
    ["pale-heron", "Mann über Bord", "procedure:man-overboard"],
  ])("%s: %s → %s", (yacht, ask, wanted) => expect(find(yacht, ask).slice(0, 3)).toContain(wanted));

  it("is answered while it is typed", () => {
    expect(find("pale-heron", "fend").slice(0, 3)).toContain("inventory:fender-large");
    expect(find("pale-heron", "windl").slice(0, 3)).toContain("fitting:windlass");
  });
});

describe("a finder", () => {
  const finder = makeFinder(demoYacht("pale-heron"));

  it("says what it is and where it is, in words", () => {
    expect(finder.find("gas tap")[0]).toEqual({
      kind: "fitting",
      id: "gas-tap",
      title: "Gas tap",
      where: "Galley, in the locker right of the stove, yellow",
      place: "galley",
    });
  });

  it("answers an empty question, and one of nothing aboard, with nothing", () => {
    for (const ask of ["", "   ", "?!", "zzzzqqqq"]) expect(finder.find(ask)).toEqual([]);
  });

  it("takes no more than it is asked for, and never fails on odd input", () => {
    expect(finder.find("water", 3)).toHaveLength(3);
    for (const ask of ["*", "a:b", "\\", "(", "<script>", "where is the", "ß é 漢字", "x".repeat(200)])
      expect(Array.isArray(finder.find(ask))).toBe(true);
  });

  it("answers within 50 ms over 600 entries", () => {
    const big = structuredClone(demoYacht("gannet-rock"));
    for (let i = 0; Object.keys(big.inventory).length < 460; i++)
      big.inventory[`extra-${i}`] = { ...big.inventory.pot!, name: { en: `Spare part ${i} of the galley` } };
    const large = makeFinder(big);
    const times = tuned.map(({ ask }) => {
      // time of the processor, not of the wall: other tests run beside this one
      const before = process.cpuUsage();
      large.find(ask);
      const { user, system } = process.cpuUsage(before);
      return (user + system) / 1000;
    });
    expect(times.sort((a, b) => a - b)[Math.floor(times.length * 0.95)]).toBeLessThan(50);
  });
});
