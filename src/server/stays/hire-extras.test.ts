import { boatBook } from "../book/boat-book";
import { findStay } from "../db/charters";
import { addList, currentList } from "../db/base-lists";
import { hiredOf } from "../db/hired-extras";
import { findHandover } from "../db/handovers";
import { findYacht } from "../db/yachts";
import { openHandover } from "../handover/open";
import { keepBaseExtras, keepBaseTasks } from "../base/keep-list";
import { demoBase } from "@/testing/demo-base";
import { paddleBoard } from "@/testing/extras";
import { usualTasks } from "@/core/tasks/usual";
import { hireForCharter } from "./hire-extras";
import { hireView } from "./hire-view";

const base = demoBase("hire");
const odile = () => base.person("Odile Varn");
const charterOf = async (reference: string) =>
  (await base.asOwner<{ id: string }>("select id from charter where reference = $1", [reference]))[0]?.id ?? "";
const hire = async (reference: string, hired: Parameters<typeof hireForCharter>[2]["hired"], onNumber?: number) => {
  const [charter, who] = [await charterOf(reference), await odile()];
  return base.inBase(async (db) =>
    hireForCharter(db, charter, { onNumber: onNumber ?? (await hiredOf(db, charter)).number, hired }, who),
  );
};
const board = (count: number, place = "stern") => ({ key: "paddle-board", count, place });

describe("what a charter hires", () => {
  it("comes with the demo for Cold Harbour: two boards for a week and a box", async () => {
    const view = await base.inBase(async (db) => {
      const stay = await findStay(db, { reference: "BR-1060" });
      const yacht = stay && (await findYacht(db, { id: stay.yachtId }));
      return stay && yacht && hireView(db, stay, yacht.file, "Atlantic/Azores");
    });
    // two boards for one week at 90.00, and a box at 35.00
    expect(view?.sumMinor).toBe(21500);
    expect(view?.hired.map(({ key, count }) => [key, count])).toEqual([
      ["paddle-board", 2],
      ["cool-box", 1],
    ]);
  });

  it("is never more than the base has free over these days, whoever asks first", async () => {
    // three boards, two of them with Cold Harbour over the same week
    await expect(hire("BR-1058", [board(2)])).rejects.toMatchObject({
      code: "extra-too-many",
      params: { name: "Paddle board", free: 1 },
    });
    await hire("BR-1058", [board(1)]);
  });

  it("is settled once the check-in is open", async () => {
    await expect(hire("BR-1059", [board(1)])).rejects.toMatchObject({ code: "list-fixed" });
  });

  it("goes to one of two charters that ask for the last one at once", async () => {
    await hire("BR-1058", []);
    const other = await secondCharter();
    const both = await Promise.allSettled([hire("BR-1058", [board(1)]), hire(other, [board(1)])]);
    expect(both.filter(({ status }) => status === "fulfilled")).toHaveLength(1);
    const refused = both.find((each) => each.status === "rejected");
    expect(refused).toMatchObject({ reason: { code: "extra-too-many", params: { free: 0 } } });
    await hire(other, []);
    await hire("BR-1058", [board(1)]);
  });

  it("is not changed over another's change, nor stowed where the yacht has no place, nor what the base does not lend", async () => {
    await expect(hire("BR-1058", [], 0)).rejects.toMatchObject({ code: "list-changed" });
    await expect(hire("BR-1058", [board(1, "attic")])).rejects.toMatchObject({ code: "no-such-place" });
    await expect(hire("BR-1058", [{ key: "kayak", count: 1, place: "stern" }])).rejects.toMatchObject({
      code: "extra-unknown",
    });
    await expect(base.asOwner("update hired_extras set hired = '[]'")).rejects.toThrow("is refused");
  });

  it("keeps what was agreed when the list changes, and stays when it is taken off the list", async () => {
    const who = await odile();
    const keep = (extras: Parameters<typeof keepBaseExtras>[1]["extras"]) =>
      base.inBase(async (db) =>
        keepBaseExtras(db, { onNumber: (await currentList(db, "extras")).number, extras }, who),
      );
    const { list } = await base.inBase((db) => currentList(db, "extras"));
    await keep({ ...list, "paddle-board": { ...list["paddle-board"]!, hireMinor: 99900 } });
    await hire("BR-1058", [board(1, "bow")]);
    const charter = await charterOf("BR-1058");
    expect((await base.inBase((db) => hiredOf(db, charter))).hired).toMatchObject([
      { place: "bow", extra: { hireMinor: 9000 } },
    ]);
    await keep({});
    await hire("BR-1058", [board(1)]);
    await keep(list);
  });

  it("is on the boat book, the prep and the check-in; then the list is fixed", async () => {
    const stay = await base.stayOf("BR-1058");
    const charter = await charterOf("BR-1058");
    const ilko = await base.person("Ilko Brand");
    const book = await base.inBase((db) => boatBook(db, charter));
    expect(book.yacht.file.inventory["hired-paddle-board"]?.expected).toBe(1);
    const listOf = async (kind: "prep" | "check-in") =>
      base.inBase(async (db) => (await findHandover(db, (await openHandover(db, stay, kind, ilko)).id))?.list);
    const prep = await listOf("prep");
    expect(prep?.lines.find(({ id }) => id === "count:hired-paddle-board")).toMatchObject({
      place: "prep-turn-round",
      at: "stern",
    });
    // she comes back and goes out on the same Saturday: cleaned, not laid up
    expect(prep?.lines.some(({ id }) => id === "test:task-clean")).toBe(true);
    expect(prep?.lines.some(({ id }) => id === "test:task-leave-alone")).toBe(false);
    const checkIn = await listOf("check-in");
    expect(
      checkIn?.lines
        .filter(({ id }) => id.includes("hired-paddle-board"))
        .map(({ id }) => id)
        .sort(),
    ).toEqual(["count:hired-paddle-board", "test:hired-paddle-board"]);
    expect(checkIn?.briefing?.stops.some(({ id }) => id === "hired-paddle-board")).toBe(true);
    await expect(hire("BR-1058", [])).rejects.toMatchObject({ code: "list-fixed" });
    const after = await base.inBase((db) => boatBook(db, charter));
    expect(after.yacht.file.inventory["hired-paddle-board"]?.expected).toBe(1);
  });
});

describe("the lists of a base", () => {
  it("refuse what cannot be, and name it", async () => {
    const who = await odile();
    await expect(
      base.inBase((db) =>
        keepBaseExtras(db, { onNumber: 3, extras: { a: paddleBoard({ boughtOn: "2026-02-30" }) } }, who),
      ),
    ).rejects.toMatchObject({ code: "extras-wrong", params: { name: "Paddle board", what: "nosuchday" } });
    const { sniff: _sniff, ...tasks } = usualTasks;
    await expect(base.inBase((db) => keepBaseTasks(db, { onNumber: 0, tasks }, who))).rejects.toMatchObject({
      code: "tasks-wrong",
      params: { what: "sniffmissing" },
    });
  });

  it("start as is usual, and are kept once by one of two who change them at once", async () => {
    const who = await base.person("Ilko Brand");
    expect(await base.inBase((db) => currentList(db, "tasks"))).toMatchObject({ number: 0, list: usualTasks });
    const both = await Promise.allSettled(
      [1, 2].map((step) =>
        base.inBase((db) =>
          keepBaseTasks(db, { onNumber: 0, tasks: { ...usualTasks, clean: { ...usualTasks["clean"]!, step } } }, who),
        ),
      ),
    );
    expect(both.filter(({ status }) => status === "fulfilled")).toHaveLength(1);
    expect(await base.inBase((db) => currentList(db, "tasks"))).toMatchObject({
      number: 1,
      last: { by: "Ilko Brand" },
    });
    expect(
      await base.inBase((db) => addList(db, "tasks", { onNumber: 0, list: {}, by: who, at: "2027-06-12T10:00:00Z" })),
    ).toBe(false);
  });
});

/** Another charter over the same week, whose check-in is still to come; gives its reference. */
async function secondCharter(): Promise<string> {
  // every yacht of the demo is out that week: here one stands in for a seventh
  await base.asOwner("alter table stay drop constraint yacht_promised_once");
  await base.asOwner(
    `with c as (insert into charter (id, base_id, reference, charterer_id, skipper_id, terms, language)
       select gen_random_uuid(), base_id, 'BR-2001', charterer_id, skipper_id, terms, language from charter where reference = 'BR-1058' returning id, base_id)
     insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard)
       select gen_random_uuid(), c.base_id, c.id, y.id, s.starts_at, s.ends_at, 4 from c, yacht y, stay s join charter d on d.id = s.charter_id
       where y.slug = 'quillback' and d.reference = 'BR-1058'`,
  );
  return "BR-2001";
}
