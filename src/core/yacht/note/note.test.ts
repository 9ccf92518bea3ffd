import { demoYacht } from "../../../testing/demo-yacht";
import { id } from "../../../testing/records";
import { mismatch } from "../../../formats/validate";
import { withValue } from "../draft/pointer";
import { YachtFile } from "../schema";
import { absentParts } from "./absent";
import { movedForGood } from "./moved";
import { partOfLine, type NotedCollection, type YachtNote } from "./note";
import { freeKey, proposeEdits } from "./propose";
import { expectedAt, unseenAt } from "./seen";

const file = demoYacht("quillback");
const photo = "a".repeat(64);
const note = (change: Partial<YachtNote>): YachtNote => ({
  v: 1,
  id: id(1),
  yacht: "quillback",
  kind: "different",
  about: null,
  place: null,
  name: "",
  thing: null,
  count: null,
  where: "",
  how: "",
  photos: [],
  at: "2027-06-12T10:00:00.000Z",
  ...change,
});
const about = (key: string, collection: NotedCollection = "fittings") => ({ collection, key });
const propose = (change: Partial<YachtNote>) => proposeEdits(file, note(change), "2027-06-12", file);
const [someKey, some] = Object.entries(file.fittings)[0]!;
const other = Object.keys(file.places).find((key) => key !== some.place)!;
/** every proposal leaves a file of sound form */
const sound = (edits: ReturnType<typeof propose>) =>
  mismatch(
    YachtFile,
    edits.reduce<unknown>((document, { path, to }) => withValue(document, path, to), file),
  );

describe("what a note asks for", () => {
  it("is nothing where all is as in the file, but for its photo", () => {
    expect(propose({ kind: "as-in-file", about: about(someKey) })).toEqual([]);
    expect(propose({ kind: "as-in-file", about: about(someKey), photos: [photo] })).toEqual([
      { path: `/fittings/${someKey}/photo`, from: some.photo ?? null, to: photo },
    ]);
    expect(propose({ kind: "different", about: about("gone-since"), where: "left" })).toEqual([]);
  });
  it("takes a thing out that is not on this boat, with what stood there", () => {
    expect(propose({ kind: "not-here", about: about(someKey) })).toEqual([
      { path: `/fittings/${someKey}`, from: some, to: null },
    ]);
  });
  it("says where and how it is otherwise, and proposes the oddity with it", () => {
    const edits = propose({
      about: about(someKey),
      place: other,
      where: "behind the hose",
      how: "pull",
      photos: [photo],
    });
    expect(edits.map((each) => each.path)).toEqual([
      `/fittings/${someKey}/place`,
      `/fittings/${someKey}/where`,
      `/fittings/${someKey}/how`,
      `/fittings/${someKey}/photo`,
      `/oddities/${someKey}-odd`,
    ]);
    expect(edits.at(-1)?.to).toEqual({
      place: other,
      system: some.system,
      words: { en: `${some.name.en}: behind the hose; pull` },
      fitting: someKey,
    });
    expect(sound(edits)).toBeNull();
  });
  it("takes a count over for what is stowed, and never a where that a test does not have", () => {
    const [item, known] = Object.entries(file.inventory)[0]!;
    expect(propose({ about: about(item, "inventory"), count: known.expected + 1 })).toEqual([
      { path: `/inventory/${item}/expected`, from: known.expected, to: known.expected + 1 },
    ]);
    const [test] = Object.keys(file.tests);
    expect(propose({ about: about(test!, "tests"), where: "elsewhere" })).toEqual([]);
  });
  it("makes a new fitting or a new thing, with a key of its own; none without place or name, or at a place that is gone", () => {
    const made = propose({
      kind: "new",
      place: other,
      name: "Bilge alarm",
      thing: "detector",
      where: "under the sole",
      photos: [photo],
    });
    expect(made).toEqual([
      {
        path: "/fittings/bilge-alarm",
        from: null,
        to: {
          name: { en: "Bilge alarm" },
          system: "hull-and-deck",
          place: other,
          kind: "detector",
          where: { en: "under the sole" },
          photo,
        },
      },
    ]);
    expect(sound(made)).toBeNull();
    const thing = propose({ kind: "new", place: other, name: "Bucket, red", count: 2 });
    expect(thing[0]).toMatchObject({
      path: "/inventory/bucket-red",
      to: { expected: 2, place: other, boughtOn: "2027-06-12" },
    });
    expect(sound(thing)).toBeNull();
    expect([
      propose({ kind: "new", place: null, name: "x", thing: "lamp" }),
      propose({ kind: "new", place: other, name: " " }),
      propose({ kind: "new", place: "gone-since", name: "x" }),
    ]).toEqual([[], [], []]);
  });
  it("puts back what the class has and her file has not, with its photo; not what stands there, nor what no class has", () => {
    const without = withValue(file, `/fittings/${someKey}`, null) as YachtFile;
    const back = (change: Partial<YachtNote>) =>
      proposeEdits(without, note({ kind: "as-class", ...change }), "2027-06-12", file);
    expect(absentParts(without, file)).toEqual([
      { collection: "fittings", key: someKey, name: some.name.en, place: some.place, part: some },
    ]);
    expect(back({ about: about(someKey) })).toEqual([{ path: `/fittings/${someKey}`, from: null, to: some }]);
    expect(back({ about: about(someKey), photos: [photo] })).toEqual([
      { path: `/fittings/${someKey}`, from: null, to: { ...some, photo } },
    ]);
    expect([back({ about: about("no-such") }), propose({ kind: "as-class", about: about(someKey) })]).toEqual([[], []]);
    expect(absentParts(file, file)).toEqual([]);
  });
  it("gives a key that is not in use", () => {
    expect([
      freeKey({}, "Été: red lamp!"),
      freeKey({ "red-lamp": 1, "red-lamp-2": 1 }, "Red lamp"),
      freeKey({}, "…"),
    ]).toEqual(["ete-red-lamp", "red-lamp-3", "thing"]);
  });
});

it("names what nobody has seen yet at a place", () => {
  const all = expectedAt(file, some.place);
  expect(all.some(({ collection, key }) => collection === "fittings" && key === someKey)).toBe(true);
  expect(unseenAt(file, some.place, [note({ kind: "not-here", about: about(someKey) })])).toEqual(
    all.filter(({ key, collection }) => key !== someKey || collection !== "fittings"),
  );
});

it("knows which part of the file a line stands for", () => {
  expect([
    partOfLine("count:fender-large"),
    partOfLine("test:windlass"),
    partOfLine("mark:x"),
    partOfLine("view:stern"),
  ]).toEqual([{ collection: "inventory", key: "fender-large" }, { collection: "tests", key: "windlass" }, null, null]);
});

it("takes a thing for moved after three handovers running at one place, not after two, nor at different ones", () => {
  const at = (place: string | null) => new Map(place === null ? [] : [["count:bucket", place]]);
  expect(movedForGood([at("bow"), at("bow"), at("bow"), at(null)])).toEqual([{ line: "count:bucket", place: "bow" }]);
  expect(movedForGood([at("bow"), at("bow")])).toEqual([]);
  expect(movedForGood([at("bow"), at("stern"), at("bow")])).toEqual([]);
  expect(movedForGood([at("bow"), at(null), at("bow")])).toEqual([]);
});
