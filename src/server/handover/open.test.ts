import { randomUUID } from "node:crypto";
import { demoBase } from "@/testing/demo-base";
import { findHandover } from "../db/handovers";
import { openHandover } from "./open";
import { postEntries } from "@/testing/post-entries";
import { sealHandover } from "../sealing/seal";
import type { Entry } from "@/core/handover/entry";
import { sealRequest } from "@/testing/signing";
import { bundleFor } from "@/testing/bundle-for";

const base = demoBase("open");
const open = async (reference: string, kind: "check-in" | "check-out") => {
  const [stay, maro] = [await base.stayOf(reference), await base.person("Maro Tessen")];
  return base.inBase((db) => openHandover(db, stay, kind, maro));
};
const listOf = async (id: string) => {
  const handover = await base.inBase((db) => findHandover(db, id));
  if (!handover) throw new Error("no handover");
  return handover.list;
};
/** Records one line of a handover by hand. */
const record = async (
  handover: string,
  subject: string,
  aspect: string,
  value: unknown,
  at = "2027-06-12T10:15:00.000Z",
): Promise<Entry> => {
  const entry: Entry = {
    v: 1,
    id: randomUUID(),
    handover,
    subject,
    aspect,
    value,
    basis: [],
    by: { side: "base", person: await base.person("Maro Tessen") },
    device: randomUUID(),
    at,
    offsetMs: 0,
  };
  const [answer] = await postEntries(base.baseId, handover, [entry]);
  expect(answer).toMatchObject({ status: "kept" });
  return entry;
};

describe("opening a check-in", () => {
  it("makes one list, however often and from however many tablets it is opened", async () => {
    const opened = await Promise.all([
      open("BR-1058", "check-in"),
      open("BR-1058", "check-in"),
      open("BR-1058", "check-in"),
    ]);
    expect(new Set(opened.map((each) => each.id)).size).toBe(1);
    expect(opened.filter((each) => each.fresh)).toHaveLength(1);
  });

  it("expects what the yacht file says, and nothing of the charter before", async () => {
    const { id } = await open("BR-1058", "check-in");
    const list = await listOf(id);
    expect(list).toMatchObject({
      kind: "check-in",
      checkInSeal: null,
      currency: "EUR",
      maximumAboard: 8,
      stay: { aboard: 4, fromDay: "2027-06-12", toDay: "2027-06-19" },
    });
    // one fender went overboard in the charter before last; the base has replaced it, so the file's six stand
    expect(list.lines.find((line) => line.id === "count:fender-large")).toMatchObject({ expected: 6 });
    expect([list.places.length, list.lines.filter((line) => line.kind === "count").length]).toEqual([20, 148]);
  });

  it("takes over the marks of the last signed handover, with their photos", async () => {
    const list = await listOf((await open("BR-1058", "check-in")).id);
    const marks = list.lines
      .filter((line) => line.kind === "mark")
      .map((line) => [line.name.en, line.kind === "mark" ? line.photos.length : 0]);
    expect(marks).toEqual([
      ["stem, port, from the anchor", 1],
      ["below the port rail, old", 1],
    ]);
  });

  it("hands the rules the last readings of the yacht", async () => {
    const list = await listOf((await open("BR-1058", "check-in")).id);
    const hours = list.lines.find((line) => line.id === "reading:engine-hours");
    // the scripted charters: out 1452.8, prep 1452.8 and in 1452.8 on one day, out 1467.3, prep and in 1467.3: the last five
    expect(hours).toMatchObject({ given: { history: [1452.8, 1452.8, 1467.3, 1467.3, 1467.3] } });
  });

  it("refuses a charter that is not there", async () => {
    await expect(base.inBase((db) => openHandover(db, randomUUID(), "check-in", randomUUID()))).rejects.toMatchObject({
      status: 404,
      code: "no-such-stay",
    });
  });
});

describe("opening a check-out", () => {
  it("is refused before its check-in is signed, also when that is begun", async () => {
    await expect(open("BR-1060", "check-out")).rejects.toMatchObject({ status: 409, code: "check-in-not-signed" });
    await expect(open("BR-1059", "check-out")).rejects.toMatchObject({
      code: "check-in-not-signed",
    });
  });

  it("expects what was found at check-in and holds its seal", async () => {
    const checkIn = await base.handoverOf("BR-1050", "check-in");
    const list = await listOf(await base.handoverOf("BR-1050", "check-out"));
    const [{ seal } = { seal: "" }] = await base.asOwner<{ seal: string }>(
      "select seal from seal where handover_id = $1",
      [checkIn],
    );
    expect(list.checkInSeal).toBe(seal);
    // the check-in found seven glasses of the file's eight
    expect(list.lines.find((line) => line.id === "count:glass")).toMatchObject({ expected: 7 });
    expect((await listOf(checkIn)).lines.find((line) => line.id === "count:glass")).toMatchObject({ expected: 8 });
  });

  it("asks again after the marks that were set at check-in", async () => {
    const { id } = await open("BR-1055", "check-out");
    expect((await listOf(id)).lines.filter((line) => line.kind === "mark")).toEqual([]);
    const quillback = await listOf(await base.handoverOf("BR-1050", "check-out"));
    expect(quillback.lines.filter((line) => line.kind === "mark").map((line) => line.name.en)).toEqual([
      "platform corner",
    ]);
  });

  it("goes by what was signed, not by what another tablet sent and nobody signed", async () => {
    const checkIn = (await open("BR-1060", "check-in")).id;
    const list = await listOf(checkIn);
    const [maro, runa] = [await base.person("Maro Tessen"), await base.person("Runa Sedgeley")];
    const signed = [await record(checkIn, "line:count:bucket", "count", { count: 1 })];
    await record(checkIn, "line:count:boat-hook", "count", { count: 9 });
    await base.inBase((db) =>
      sealHandover(
        db,
        checkIn,
        sealRequest(list, signed, {
          base: { person: maro, name: "Maro Tessen" },
          skipper: { person: runa, name: "Runa Sedgeley" },
        }),
        { id: randomUUID(), personId: maro },
      ),
    );
    const checkOut = (await open("BR-1060", "check-out")).id;
    const expected = (await listOf(checkOut)).lines.find((line) => line.id === "count:boat-hook");
    expect(expected).toMatchObject({
      expected: (list.lines.find((line) => line.id === "count:boat-hook") as { expected: number }).expected,
    });
    const { before } = await base.inBase((db) => bundleFor(db, checkOut, maro));
    expect(before["count:bucket"]).toMatchObject({ value: { count: 1 } });
    expect(before["count:boat-hook"]).toBeUndefined();
  });
});
