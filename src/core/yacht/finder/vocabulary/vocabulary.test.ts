import { doing } from "./doing";
import { figuresAsked } from "./figures";
import { leads } from "./leads";
import { phraseAt, wordsOf } from "./lexicon";
import { rowsOf } from "./rows";
import { things } from "./things";
import { wrong } from "./wrong";

const firsts = new Set(things.map(([first]) => first));
const twice = (words: readonly string[]) => words.filter((word, at) => words.indexOf(word) !== at);

describe("the vocabulary", () => {
  it("has each word for a thing in one row, and each word of another family once there", () => {
    expect(twice(things.flat())).toEqual([]);
    expect(twice(doing.flatMap(({ said }) => said))).toEqual([]);
    expect(twice(wrong.flatMap(({ said }) => said))).toEqual([]);
  });

  it("leads from things to things that are there, never all the way", () => {
    for (const [from, to] of Object.entries(leads)) {
      expect(firsts).toContain(from);
      for (const [other, far] of Object.entries(to)) {
        expect(firsts).toContain(other);
        expect(far).toBeGreaterThan(0);
        expect(far).toBeLessThan(1);
      }
    }
    for (const { of = [] } of Object.values(figuresAsked)) for (const thing of of) expect(firsts).toContain(thing);
  });

  it("undoes what undoes it", () => {
    const undoneBy = new Map(doing.map(({ does, undoneBy: other }) => [does, other]));
    for (const [does, other] of undoneBy) if (other !== undefined) expect(undoneBy.get(other)).toBe(does);
  });
});

describe("reading words", () => {
  it("takes lower case, without apostrophes", () =>
    expect(wordsOf("The head won’t FLUSH, 12 V")).toEqual(["the", "head", "wont", "flush", "12", "v"]));

  it("takes the longest phrase that begins at a word, whatever its endings", () => {
    expect(phraseAt(["bilge", "pump", "handles"], 0)).toMatchObject({
      length: 3,
      meanings: [{ id: "bilge pump handle" }],
    });
    expect(phraseAt(["bilge", "smells"], 0)).toMatchObject({ length: 1, meanings: [{ id: "bilge" }] });
    expect(phraseAt(["quillwort"], 0)).toBeNull();
  });

  it("reads rows that go on in the next line", () =>
    expect(rowsOf("\nmast | boom |\n  gaff\noar\n")).toEqual([["mast", "boom", "gaff"], ["oar"]]));
});
