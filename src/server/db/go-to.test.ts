import { demoBase } from "@/testing/demo-base";
import { goTo } from "./go-to";

const base = demoBase("go_to");
const find = (words: string) => base.inBase((db) => goTo(db, words));

describe("going to something by letters of its name", () => {
  it("finds a yacht first, then her charters, work and places", async () => {
    const found = await find("heron");
    expect(found[0]).toEqual({ kind: "yacht", title: "Pale Heron", detail: "A4", href: "/fleet/pale-heron" });
    expect((await find("BR-1053"))[0]).toMatchObject({ kind: "charter", title: "BR-1053", href: "/charters/BR-1053" });
  });

  it("finds a charter by its skipper, whatever the case", async () => {
    expect(await find("aldo mer")).toEqual([
      { kind: "charter", title: "BR-1053", detail: "Cold Harbour, Aldo Merrin", href: "/charters/BR-1053" },
    ]);
  });

  it("finds places, each with its yacht, and work by what is wrong", async () => {
    const places = (await find("chart table")).filter(({ kind }) => kind === "place");
    expect(places.length).toBeGreaterThan(2);
    expect(new Set(places.map(({ title }) => title))).toEqual(new Set(["Chart table"]));
    const [work] = (await find("fridge")).filter(({ kind }) => kind === "work");
    expect(work?.href).toBe(`/work?find=${encodeURIComponent(work?.title ?? "")}`);
  });

  it("takes letters that mean something to a pattern as they stand", async () => {
    for (const strange of ["%", "_", "\\", "%%%", "'; drop table yacht; --"]) expect(await find(strange)).toEqual([]);
  });
});
