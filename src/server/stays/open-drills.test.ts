import { v7 as uuid } from "uuid";
import type { WorkedDrill } from "@/api/schemas/drills";
import { findStay } from "../db/charters";
import { noteOpenDrill } from "../db/open-drills";
import { demoBase } from "@/testing/demo-base";
import { giveFault, openDrillsOf } from "./open-drills";

const base = demoBase("opendrills");
const worked = (change: Partial<WorkedDrill> = {}): WorkedDrill => ({
  ...{
    drill: "engine",
    task: "start-and-stop",
    seconds: 3,
    isDone: false,
    isOver: false,
    isShown: false,
    told: [],
    took: 0,
  },
  ...change,
});
const stayOf = async (reference: string) => (await base.inBase((db) => findStay(db, { reference })))!;
const note = async (reference: string, panel: string, how = worked()) => {
  const { charterId } = await stayOf(reference);
  return base.inBase((db) => noteOpenDrill(db, charterId, panel, how));
};
const watch = async (reference: string) => {
  const { stayId } = await stayOf(reference);
  return base.inBase((db) => openDrillsOf(db, stayId));
};
const give = async (reference: string, panel: string, fault: string | null) => {
  const { stayId } = await stayOf(reference);
  return base.inBase((db) => giveFault(db, stayId, { panel, fault }));
};

describe("a drill that is open on a device", () => {
  it("is seen by who briefs, last heard first, and learns that somebody looks on", async () => {
    const [one, two] = [uuid(), uuid()];
    expect(await note("BR-1058", one)).toEqual({ sent: null, isWatched: false });
    await note("BR-1058", two, worked({ drill: "gas", task: "cook" }));
    expect((await watch("BR-1058")).map(({ panel, worked: { drill } }) => [panel, drill])).toEqual([
      [two, "gas"],
      [one, "engine"],
    ]);
    expect(await note("BR-1058", one)).toEqual({ sent: null, isWatched: true });
    expect(await watch("BR-1059")).toEqual([]);
  });

  it("takes a fault of its device by number, so that the same one given twice begins anew twice", async () => {
    const panel = uuid();
    await note("BR-1058", panel);
    await give("BR-1058", panel, "weak-starter");
    expect((await note("BR-1058", panel)).sent).toEqual({ number: 1, fault: "weak-starter" });
    await give("BR-1058", panel, "weak-starter");
    expect((await note("BR-1058", panel, worked({ took: 1 }))).sent).toEqual({ number: 2, fault: "weak-starter" });
    await give("BR-1058", panel, null);
    expect((await note("BR-1058", panel)).sent).toEqual({ number: 3, fault: null });
  });

  it("refuses a fault that its device cannot have, a drill of another charter, and one that nobody hears of", async () => {
    const panel = uuid();
    await note("BR-1058", panel);
    await expect(give("BR-1058", panel, "leak")).rejects.toMatchObject({ code: "no-such-fault" });
    await expect(give("BR-1059", panel, "weak-starter")).rejects.toMatchObject({ code: "drill-closed" });
    await base.asOwner("update open_drill set heard_at = heard_at - interval '26 seconds' where id = $1", [panel]);
    await expect(give("BR-1058", panel, "weak-starter")).rejects.toMatchObject({ code: "drill-closed" });
    expect((await watch("BR-1058")).map((each) => each.panel)).not.toContain(panel);
  });

  it("is no other charter's to write over", async () => {
    const panel = uuid();
    await note("BR-1058", panel);
    expect(await note("BR-1059", panel, worked({ seconds: 99 }))).toEqual({ sent: null, isWatched: false });
    expect((await watch("BR-1058")).find((each) => each.panel === panel)?.worked.seconds).toBe(3);
  });

  it("is one of ten at most, and gone after a day", async () => {
    for (let at = 0; at < 14; at++) await note("BR-1060", uuid());
    expect(await watch("BR-1060")).toHaveLength(10);
    await base.asOwner("update open_drill set heard_at = heard_at - interval '25 hours'");
    await note("BR-1060", uuid());
    const { charterId } = await stayOf("BR-1060");
    const left = await base.asOwner("select 1 from open_drill where charter_id = $1", [charterId]);
    expect(left).toHaveLength(1);
  });
});
