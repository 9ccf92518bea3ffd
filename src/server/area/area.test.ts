import { demoBase } from "@/testing/demo-base";
import type { Area } from "@/core/area/area";
import { currentArea } from "../db/area";
import { boatBook } from "../book/boat-book";
import { findStay } from "../db/charters";
import { keepBaseArea } from "./keep-area";

const base = demoBase("area");
const told = async () => {
  const area = await base.inBase(currentArea);
  if (!area) throw new Error("the demo tells its waters");
  return area;
};
const personOf = async (name: string) =>
  (await base.asOwner<{ id: string }>("select id from person where email like $1", [`${name}@%`]))[0]?.id ?? "";
const named = (area: Area, name: string): Area => ({ ...area, name });

describe("the waters of a base", () => {
  it("come with the boat book of a charter", async () => {
    const { area } = await told();
    const book = await base.inBase(async (db) => {
      const stay = await findStay(db, { reference: "BR-1052" });
      return boatBook(db, stay?.charterId ?? "");
    });
    expect(book.area).toEqual(area);
  });

  it("are kept as they came, with who told them", async () => {
    const who = await personOf("senna");
    const before = await told();
    await base.inBase((db) =>
      keepBaseArea(db, { onNumber: before.number, area: named(before.area, "Outer Isles") }, who),
    );
    const after = await told();
    expect(after).toMatchObject({ number: before.number + 1, area: { name: "Outer Isles" } });
    // the one before stands as it was
    const rows = await base.asOwner<{ name: string }>("select area->>'name' as name from area order by number");
    expect(rows.map(({ name }) => name)).toEqual(["Sallow Isles", "Outer Isles"]);
  });

  it("are never kept over another's change unseen: of two at once one is told so", async () => {
    const { number, area } = await told();
    const who = await personOf("maro");
    const tries = await Promise.allSettled(
      ["one", "two", "three"].map((name) =>
        base.inBase((db) => keepBaseArea(db, { onNumber: number, area: named(area, name) }, who)),
      ),
    );
    expect(tries.filter(({ status }) => status === "fulfilled")).toHaveLength(1);
    for (const each of tries)
      if (each.status === "rejected") expect(each.reason).toMatchObject({ code: "area-changed" });
    expect((await told()).number).toBe(number + 1);
  });

  it("are refused with what is wrong and where, and nothing changes", async () => {
    const before = await told();
    const who = await personOf("maro");
    const wrong = structuredClone(before.area);
    const [lon = 0, lat = 0] = wrong.base.position;
    wrong.features.push({
      type: "Feature",
      properties: { kind: "anchorage", name: "Turned Bay" },
      geometry: { type: "Point", coordinates: [lat, lon] },
    });
    await expect(
      base.inBase((db) => keepBaseArea(db, { onNumber: before.number, area: wrong }, who)),
    ).rejects.toMatchObject({ code: "area-wrong", params: { name: "Turned Bay", what: "faraway" } });
    expect(await told()).toEqual(before);
  });

  it("cannot be changed where they lie", async () => {
    await expect(base.inBase((db) => db.query("update area set number = 9"))).rejects.toThrow();
  });
});
