import { createHash } from "node:crypto";
import { countLine, entryOf, id, listOf } from "../../testing/records";
import {
  chainLink,
  imprint,
  isBlank,
  makeManifest,
  manifestDigest,
  sealOf,
  sealProblems,
  type Signature,
} from "./seal";

const list = listOf([countLine("fender")]);
const entries = [
  entryOf(1, "line:count:fender", "count", { count: 2 }),
  entryOf(2, "line:count:fender", "remark:base", { words: "new ones" }),
];
const content = { salt: id(1), name: "Isa Calder", strokes: [] };
const signature = (side: "base" | "skipper"): Signature => ({
  side,
  person: id(5),
  how: "typed",
  at: "2027-06-12T16:00:00.000Z",
  imprint: imprint(content),
});
const sealed = () => {
  const manifest = makeManifest(list, entries, ["b".repeat(64), "a".repeat(64)], ["all fine"], null);
  const signatures = [signature("skipper"), signature("base")];
  return { list, entries, manifest, signatures, seal: sealOf(manifestDigest(manifest), signatures) };
};

describe("seal", () => {
  it("is the SHA-256 of canonical JSON, computed here a second way", () => {
    const { manifest, signatures, seal } = sealed();
    // members in alphabetical order, no spaces: RFC 8785 for this content, written out by hand
    const hash = (text: string) => createHash("sha256").update(text, "utf8").digest("hex");
    const digest = hash(
      `{"entries":[${manifest.entries.map((entry) => `{"hash":"${entry.hash}","id":"${entry.id}"}`).join(",")}],"handover":"${manifest.handover}","lastHeardAt":null,"listHash":"${manifest.listHash}","photos":["${"a".repeat(64)}","${"b".repeat(64)}"],"version":1,"words":["all fine"]}`,
    );
    expect(manifestDigest(manifest)).toBe(digest);
    const signed = [...signatures]
      .sort((a, b) => (a.side < b.side ? -1 : 1))
      .map(
        (each) =>
          `{"at":"${each.at}","how":"typed","imprint":"${each.imprint}","person":"${each.person}","side":"${each.side}"}`,
      );
    expect(seal).toBe(hash(`{"digest":"${digest}","signatures":[${signed.join(",")}]}`));
  });

  it("does not depend on the order in which entries and signatures came", () => {
    const a = sealed();
    const manifest = makeManifest(list, [...entries].reverse(), ["a".repeat(64), "b".repeat(64)], ["all fine"], null);
    expect(sealOf(manifestDigest(manifest), [...a.signatures].reverse())).toBe(a.seal);
  });

  it("finds nothing wrong with what was sealed", () => expect(sealProblems(sealed())).toEqual([]));

  it("names an entry that was changed, removed or slipped in", () => {
    const parts = sealed();
    const changed = { ...entries[0], value: { count: 3 } } as (typeof entries)[0];
    expect(sealProblems({ ...parts, entries: [changed, entries[1] as never] })).toEqual([`entry ${id(1)} was changed`]);
    expect(sealProblems({ ...parts, entries: [entries[0] as never] })).toEqual([`entry ${id(2)} is missing`]);
    expect(
      sealProblems({
        ...parts,
        entries: [...entries, entryOf(3, "line:count:fender", "remark:skipper", { words: "x" })],
      }),
    ).toEqual([`entry ${id(3)} was not part of what was signed`]);
  });

  it("names a changed list and a changed manifest", () => {
    const parts = sealed();
    expect(sealProblems({ ...parts, list: listOf([countLine("fender", { expected: 3 })]) })).toContain(
      "the list is not the one that was signed",
    );
    expect(sealProblems({ ...parts, manifest: { ...parts.manifest, words: ["something else"] } })).toContain(
      "the seal does not fit the manifest and the signatures",
    );
  });

  it("tells a blank signature: no name, a dot, or nothing drawn", () => {
    expect(isBlank("typed", { ...content, name: "  " })).toBe(true);
    expect(isBlank("drawn", { ...content, strokes: [] })).toBe(true);
    expect(
      isBlank("drawn", {
        ...content,
        strokes: [
          [
            [10, 10],
            [11, 10],
            [11, 11],
            [12, 11],
            [12, 12],
          ],
        ],
      }),
    ).toBe(true);
    expect(
      isBlank("drawn", {
        ...content,
        strokes: [
          [
            [10, 10],
            [30, 22],
            [44, 8],
            [60, 30],
            [75, 12],
          ],
        ],
      }),
    ).toBe(false);
    expect(isBlank("typed", content)).toBe(false);
  });

  it("chains each seal to the one before it", () => {
    const first = chainLink(null, "s1", "2027-06-12T16:00:00.000Z");
    const second = chainLink(first, "s2", "2027-06-19T09:00:00.000Z");
    expect(second).not.toBe(chainLink(null, "s2", "2027-06-19T09:00:00.000Z"));
  });
});
