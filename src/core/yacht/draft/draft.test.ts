import fc from "fast-check";
import { id } from "../../../testing/records";
import { applyEdit, carryEdits, draftDocument, EditConflict, type DraftEdit } from "./edit";
import { valueAt, withValue } from "./pointer";
import { takingBack, undoable, type MadeEdit } from "./undo";

const file = {
  places: {
    bow: {
      name: { en: "Bow" },
      outline: [
        [0, 0],
        [1, 1],
        [0, 1],
      ],
    },
  },
  fittings: { seacock: { place: "bow", where: { en: "left" } } },
};
let number = 0;
const edit = (path: string, from: unknown, to: unknown, change: Partial<DraftEdit> = {}): DraftEdit => ({
  id: id((number += 1)),
  path,
  from,
  to,
  undoes: null,
  source: null,
  ...change,
});
const made = (by: string, each: DraftEdit): MadeEdit => ({ ...each, by });

describe("a place in a document", () => {
  it("is read, changed, added to and taken away; what was there before stays as it was", () => {
    expect([
      valueAt(file, "/fittings/seacock/where/en"),
      valueAt(file, "/fittings/moon"),
      valueAt(file, "/places/bow/outline/1/0"),
    ]).toEqual(["left", null, 1]);
    const changed = withValue(file, "/fittings/seacock/where/en", "right");
    expect(valueAt(changed, "/fittings/seacock/where/en")).toBe("right");
    expect(file.fittings.seacock.where.en).toBe("left");
    expect(withValue(file, "/fittings/seacock", null)).toEqual({ ...file, fittings: {} });
    expect(valueAt(withValue(file, "/fittings/pump", { place: "bow" }), "/fittings/pump/place")).toBe("bow");
    expect(valueAt(withValue(file, "/places/bow/outline/3", [2, 2]), "/places/bow/outline")).toHaveLength(4);
    expect(valueAt(withValue(file, "/places/bow/outline/1", null), "/places/bow/outline")).toEqual([
      [0, 0],
      [0, 1],
    ]);
  });
  it("is refused where there is none", () => {
    expect(() => withValue(file, "/fittings/moon/where/en", "x")).toThrow("nothing stands there");
    expect(() => withValue(file, "/places/bow/outline/9", [1, 1])).toThrow("no entry 9");
  });
});

describe("an edit", () => {
  it("is laid over what it was made on, and refused over anything else, with what stands there now", () => {
    const left = edit("/fittings/seacock/where/en", "left", "behind the hose");
    const once = applyEdit(file, left);
    expect(valueAt(once, left.path)).toBe("behind the hose");
    expect(() => applyEdit(once, edit(left.path, "left", "at the panel"))).toThrow(EditConflict);
    try {
      applyEdit(once, edit(left.path, "left", "at the panel"));
    } catch (error) {
      expect((error as EditConflict).now).toBe("behind the hose");
    }
  });
  it("is carried onto another base where it still fits; what does not is named, what is there already falls away", () => {
    const where = edit("/fittings/seacock/where/en", "left", "behind the hose");
    const name = edit("/places/bow/name/en", "Bow", "Foredeck locker");
    const gone = edit("/fittings/seacock", { place: "bow", where: { en: "behind the hose" } }, null);
    const moved = withValue(file, "/places/bow/name/en", "Stem");
    const { kept, conflicts, document } = carryEdits(moved, [where, name, gone]);
    expect([kept.map((each) => each.path), conflicts.map(({ edit: each, now }) => [each.path, now])]).toEqual([
      [where.path, gone.path],
      [[name.path, "Stem"]],
    ]);
    expect(valueAt(document, "/fittings/seacock")).toBeNull();
    expect(carryEdits(withValue(file, where.path, "behind the hose"), [where])).toMatchObject({
      kept: [],
      conflicts: [],
    });
  });
});

describe("taking back", () => {
  const first = made("ilko", edit("/fittings/seacock/where/en", "left", "right"));
  const others = made("maro", edit("/places/bow/name/en", "Bow", "Stem"));
  const second = made("ilko", edit("/fittings/seacock/where/en", "right", "behind"));
  it("goes by one's own edits, last first, and forward again until something is typed", () => {
    expect(undoable([first, others, second], "ilko")).toEqual({ undo: second, redo: null });
    const back = made("ilko", takingBack(second, id(901)));
    expect(undoable([first, others, second, back], "ilko")).toEqual({ undo: first, redo: back });
    const forward = made("ilko", takingBack(back, id(902)));
    expect(draftDocument(file, [first, second, back, forward])).toMatchObject({
      fittings: { seacock: { where: { en: "behind" } } },
    });
    expect(undoable([first, others, second, back, forward], "ilko")).toEqual({ undo: forward, redo: null });
    const typed = made("ilko", edit("/fittings/seacock/where/en", "right", "else"));
    expect(undoable([first, others, second, back, typed], "ilko")).toEqual({ undo: typed, redo: null });
    expect(undoable([first], "maro")).toEqual({ undo: null, redo: null });
  });
  it("is refused when somebody else has changed the same place since", () => {
    const over = made("maro", edit("/fittings/seacock/where/en", "right", "under the bunk"));
    const document = draftDocument(file, [first, over]);
    expect(() => applyEdit(document, takingBack(first, id(903)))).toThrow(EditConflict);
  });
  it("of everything leaves the document as it was", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom("/fittings/seacock/where/en", "/places/bow/name/en"),
            fc.string({ minLength: 1, maxLength: 5 }),
          ),
          { maxLength: 12 },
        ),
        (typed) => {
          let document: unknown = file;
          const edits: MadeEdit[] = [];
          for (const [path, to] of typed) {
            const each = made("ilko", edit(path, valueAt(document, path), to));
            document = applyEdit(document, each);
            edits.push(each);
          }
          for (let last = undoable(edits, "ilko").undo; last; last = undoable(edits, "ilko").undo) {
            const back = made("ilko", takingBack(last, id((number += 1))));
            document = applyEdit(document, back);
            edits.push(back);
          }
          expect(document).toEqual(file);
        },
      ),
    );
  });
});
