import { demoYacht } from "@/testing/demo-yacht";
import { jacketsGiven } from "../handover/jackets";
import { muster, mustered, type MusterChange } from "./muster";

const file = demoYacht("pale-heron");
const crew = [
  { name: "Tove", weightKg: 68 },
  { name: "Sanna", weightKg: 61 },
  { name: "Ivo", weightKg: 74 },
  { name: "Kit", weightKg: 34 },
  { name: "Bea", weightKg: 28 },
];

describe("who wears which jacket", () => {
  it("gives the lightest the smallest that fits, in the order of the list", () => {
    const classes = [
      { fromKg: 40, toKg: null, count: 2 },
      { fromKg: 15, toKg: 40, count: 1 },
    ];
    expect(jacketsGiven([70, 22, 80, 90], classes)).toEqual([0, 1, 0, null]);
    // both fit who weighs 40: the one with the limit is taken, as the other fits more
    expect(jacketsGiven([40], classes)).toEqual([1]);
  });

  it("names the jackets of her own inventory", () => {
    const jackets = muster(crew, file).map(({ jacket }) => file.inventory[jacket ?? ""]?.jacketKg);
    expect(jackets.map((kg) => kg?.from)).toEqual([40, 40, 40, 15, 15]);
  });

  it("says of whom nobody has one", () => {
    const heavy = muster([{ name: "Baby", weightKg: 6 }], file);
    expect(heavy[0]?.jacket).toBeNull();
  });
});

describe("who does what", () => {
  it("gives each grown person one task in each case, the first of the list at the helm", () => {
    const grown = muster(crew, file).filter(({ stayWith }) => stayWith === null);
    expect(grown.map(({ overboard }) => overboard)).toEqual(["helm", "points", "throws"]);
    expect(grown.map(({ fire }) => fire)).toEqual(["shuts", "calls", "fights"]);
    expect(grown.map(({ leaving }) => leaving)).toEqual(["helm", "bow", "stern"]);
  });

  it("gives a child none, and somebody to stay with", () => {
    const children = muster(crew, file).filter(({ stayWith }) => stayWith !== null);
    expect(children).toEqual([
      expect.objectContaining({ name: "Kit", stayWith: "Ivo", overboard: null, fire: null, leaving: null }),
      expect.objectContaining({ name: "Bea", stayWith: "Ivo" }),
    ]);
  });

  it("leaves nobody without a task in a large crew, and no task of the first rows empty", () => {
    const large = Array.from({ length: 9 }, (_, i) => ({ name: `P${i}`, weightKg: 70 }));
    const given = muster(large, file);
    expect(given.every(({ overboard, fire, leaving }) => overboard && fire && leaving)).toBe(true);
    expect(new Set(given.map(({ fire }) => fire))).toEqual(new Set(["fights", "shuts", "calls", "musters", "gathers"]));
  });

  it("has one alone at the helm, and fighting the fire", () => {
    expect(muster([{ name: "Solo", weightKg: 80 }], file)[0]).toMatchObject({
      overboard: "helm",
      fire: "fights",
      leaving: "helm",
    });
  });
});

describe("a muster changed by hand", () => {
  const proposal = muster(crew, file);
  const overboard = (changes: MusterChange[]) => mustered(proposal, changes).map((each) => each.overboard);

  it("swaps two tasks, so that nothing is left undone", () => {
    expect(overboard([{ person: 2, of: "overboard", role: "helm" }])).toEqual(["throws", "points", "helm", null, null]);
    expect(
      overboard([
        { person: 2, of: "overboard", role: "helm" },
        { person: 1, of: "overboard", role: "helm" },
      ]),
    ).toEqual(["throws", "helm", "points", null, null]);
  });

  it("takes a task that nobody has, and leaves the other cases as they were", () => {
    const changed = mustered(proposal, [{ person: 0, of: "overboard", role: "calls" }]);
    expect(changed.map((each) => each.overboard)).toEqual(["calls", "points", "throws", null, null]);
    expect(changed.map((each) => each.fire)).toEqual(proposal.map((each) => each.fire));
  });

  it.each<MusterChange>([
    { person: 3, of: "overboard", role: "helm" },
    { person: 9, of: "overboard", role: "helm" },
    { person: 0, of: "overboard", role: "cooks" },
  ])("passes over what does not fit: %j", (change) => {
    expect(mustered(proposal, [change])).toEqual(proposal);
  });
});
