import { chainLink } from "../handover/seal";
import { walkChain, type ChainLink } from "./chain";

const at = (day: number) => `2027-06-${String(day).padStart(2, "0")}T10:00:00.000Z`;
const chain = (count: number): ChainLink[] => {
  const links: ChainLink[] = [];
  for (let number = 1; number <= count; number++) {
    const previous = links.at(-1)?.hash ?? null;
    const seal = String(number).repeat(64).slice(0, 64);
    links.push({ number, previous, seal, receivedAt: at(number), hash: chainLink(previous, seal, at(number)) });
  }
  return links;
};
const codes = (links: ChainLink[]) => walkChain(links).map(({ number, code }) => `${number} ${code}`);

describe("a yacht's chain of seals", () => {
  it("fits from its first link to its last, and when there is none", () => {
    expect([codes([]), codes(chain(1)), codes(chain(9))]).toEqual([[], [], []]);
  });

  it("names the link whose seal or hour was changed, and it alone", () => {
    const links = chain(5);
    expect(codes(links.map((link) => (link.number === 3 ? { ...link, seal: "f".repeat(64) } : link)))).toEqual([
      "3 other-hash",
    ]);
    expect(codes(links.map((link) => (link.number === 5 ? { ...link, receivedAt: at(9) } : link)))).toEqual([
      "5 other-hash",
    ]);
  });

  it("names the link after one that was made anew or taken out", () => {
    const links = chain(5);
    const anew = links.map((link) =>
      link.number === 2
        ? { ...link, seal: "e".repeat(64), hash: chainLink(link.previous, "e".repeat(64), link.receivedAt) }
        : link,
    );
    expect(codes(anew)).toEqual(["3 other-before"]);
    expect(codes(links.filter(({ number }) => number !== 4))).toEqual(["5 missing-before", "5 other-before"]);
    expect(codes(links.slice(1))).toEqual(["2 missing-before", "2 other-before"]);
  });

  it("finds two links that changed places", () => {
    const [a, b, c] = chain(3) as [ChainLink, ChainLink, ChainLink];
    expect(codes([a, c, b])).not.toEqual([]);
  });
});
