import { demoBase } from "@/testing/demo-base";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";
import { bookLinkFor } from "../auth/book-link";
import { changesOf } from "../db/charter-entries";
import type { Queryable } from "../db/pool";
import { findStay, nextStays, staysBetween } from "../db/charters";
import { closingsBetween } from "../db/closings";
import { terminalBook } from "../db/deposits";
import { staysToRemind } from "../db/messages";
import { hasOpenLink } from "../db/ways-in";
import { giveBack } from "../deposit/give-back";
import { holdFor } from "../deposit/hold";
import { openHandover } from "../handover/open";
import { callOff } from "./call-off";
import { changeAgreement } from "./change";
import { closeFor, openAgain } from "./closings";
import { enterNewCharter } from "./enter";
import { foresee } from "./foresee";

const base = demoBase("calloff");
const office = () => base.person("Odile Varn");
const days = { fromDay: "2027-09-04", outAt: "17:00", toDay: "2027-09-11", backAt: "09:00" };
const onYacht = { yacht: "pale-heron", ...days, aboard: 4 };
const agreed = {
  ...onYacht,
  language: "en" as const,
  charterer: { id: null, name: "Rill Ander", email: "rill@ander.example", phone: "" },
  skipper: null,
};
const enter = async (change = {}) => {
  const by = await office();
  const given = { ...agreed, reference: "", terms: "usual", extras: [], ...change };
  return base.inBase((db) => enterNewCharter(db, given, by));
};
const stayOf = async (reference: string) => {
  const stay = await base.inBase((db) => findStay(db, { reference }));
  if (!stay) throw new Error(`no ${reference}`);
  return stay;
};
const off = async (charterId: string, to: "cancelled" | "no-show" | null, onNumber = 0) =>
  callOffBy(charterId, to, onNumber, await office());
const callOffBy = (charterId: string, to: "cancelled" | "no-show" | null, onNumber: number, by: string) =>
  base.inBase(async (db) =>
    callOff(db, await stayIn(db, charterId), { onNumber, to, why: "ill", told: "the agency" }, by),
  );
const stayIn = async (db: Queryable, charterId: string) => (await findStay(db, { charterId }))?.stayId ?? charterId;
const nothing = () => undefined;

describe("calling a charter off", () => {
  it("frees its days, closes its book, leaves its reason and every list of what is to come", async () => {
    const { id, reference } = await enter();
    const stay = await stayOf(reference);
    await base.inBase((db) => bookLinkFor(db, id));
    await off(id, "cancelled");
    expect(await stayOf(reference)).toMatchObject({ calledOff: "cancelled" });
    expect((await base.inBase((db) => changesOf(db, id)))[0]).toMatchObject({
      by: "Odile Varn",
      why: "ill",
      told: "the agency",
      was: { calledOff: null },
      became: { calledOff: "cancelled" },
    });
    expect(await base.inBase((db) => hasOpenLink(db, id, stay.startsAt))).toBe(false);
    const listed = await base.inBase(async (db) => [
      ...(await staysBetween(db, stay.startsAt, stay.endsAt)),
      ...(await nextStays(db, stay.yachtId, stay.startsAt, 9)),
      ...(await staysToRemind(db, stay.startsAt, stay.endsAt)),
    ]);
    expect(listed.map(({ stayId }) => stayId)).not.toContain(stay.stayId);
    // and another charter takes them, after which this one cannot come back
    const second = await enter();
    await expect(off(id, null, 1)).rejects.toMatchObject({ code: "yacht-promised" });
    await off(second.id, "cancelled");
    await off(id, null, 1);
    expect((await stayOf(reference)).calledOff).toBeNull();
  });

  it("refuses what belongs to a charter that takes place, until it does", async () => {
    const { id, reference } = await enter({ yacht: "quillback", aboard: 2 });
    const { stayId } = await stayOf(reference);
    const by = await office();
    await off(id, "cancelled");
    const refused = { code: "called-off" };
    await expect(base.inBase((db) => bookLinkFor(db, id))).rejects.toMatchObject(refused);
    await expect(base.inBase((db) => openHandover(db, stayId, "check-in", by))).rejects.toMatchObject(refused);
    const change = { ...agreed, yacht: "quillback", aboard: 3, onNumber: 1, why: "more", told: "" };
    await expect(
      base.inBase(async (db) => changeAgreement(db, await stayIn(db, id), change, by)),
    ).rejects.toMatchObject(refused);
  });

  it("is refused after the handover, before a crew can be late, twice, and over another's change unseen", async () => {
    const { id, reference } = await enter({ yacht: "cold-harbour" });
    await expect(off(id, "no-show")).rejects.toMatchObject({ code: "call-off-wrong", params: { what: "notdueyet" } });
    await expect(off(id, "cancelled", 3)).rejects.toMatchObject({ code: "charter-changed" });
    const both = await Promise.allSettled([off(id, "cancelled"), off(id, "cancelled")]);
    expect(both.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);
    expect(await base.inBase((db) => changesOf(db, id))).toHaveLength(1);
    expect((await stayOf(reference)).calledOff).toBe("cancelled");
    // the demo's charter under way was handed over, signed
    const [under] = await base.asOwner<{ id: string }>(
      "select s.charter_id as id from stay s join handover h on h.stay_id = s.id join standing_seal l on l.handover_id = h.id where h.kind = 'check-in' limit 1",
    );
    await expect(off(under?.id ?? "", "cancelled")).rejects.toMatchObject({ params: { what: "handedover" } });
  });

  it("gives the deposit back once, and none of a charter that takes place", async () => {
    const { id, reference } = await enter({ yacht: "gannet-rock" });
    await base.asOwner("update charter set terms = jsonb_set(terms, '{deposit}', $2) where id = $1", [
      id,
      JSON.stringify({ amountMinor: 250_000, how: "card-hold" }),
    ]);
    const { stayId } = await stayOf(reference);
    const by = await office();
    const back = () =>
      base.inBase((db) => giveBack(db, simulatedTerminal(terminalBook(db), "approves"), stayId, by, nothing));
    await base.inBase((db) =>
      holdFor(db, simulatedTerminal(terminalBook(db), "approves"), stayId, "a-key-of-its-own", by, nothing),
    );
    await expect(back()).rejects.toMatchObject({ code: "takes-place" });
    const foreseen = await base.inBase(async (db) => foresee(db, await stayIn(db, id), null));
    expect(foreseen.effects).toContainEqual({ code: "deposit-to-give-back", heldMinor: 250_000 });
    await off(id, "cancelled");
    await Promise.all([back(), back()]);
    // and from a page that somebody left open none is held anew
    await expect(
      base.inBase((db) =>
        holdFor(db, simulatedTerminal(terminalBook(db), "approves"), stayId, "another-key-of-its-own", by, nothing),
      ),
    ).rejects.toMatchObject({ code: "called-off" });
    expect((await stayOf(reference)).heldMinor).toBe(0);
    const moved = await base.asOwner<{ kind: string; sum: number }>(
      "select kind, sum(amount_minor)::int as sum from deposit_event where stay_id = $1 group by kind order by kind",
      [stayId],
    );
    expect(moved).toEqual([
      { kind: "held", sum: 250_000 },
      { kind: "released", sum: 250_000 },
    ]);
  });
});

describe("what is foreseen", () => {
  it("is what the change would be refused for, and changes nothing", async () => {
    const { id, reference } = await enter({ yacht: "two-lanterns", fromDay: "2027-10-02", toDay: "2027-10-09" });
    const becomes = { ...onYacht, yacht: "two-lanterns", fromDay: "2027-10-02", toDay: "2027-10-09" };
    const ask = (change: object) =>
      base.inBase(async (db) => foresee(db, await stayIn(db, id), { ...becomes, ...change }));
    expect(await ask({ toDay: "2027-10-10" })).toEqual({ effects: [{ code: "days-more", hours: 24 }] });
    await expect(ask({ aboard: 60 })).rejects.toMatchObject({ code: "too-many-for-her" });
    await expect(ask({ toDay: "2027-10-01" })).rejects.toMatchObject({ code: "days-wrong" });
    const { stayId } = await stayOf(reference);
    await base.inBase(async (db) => openHandover(db, stayId, "prep", await office()));
    await expect(ask({ fromDay: "2027-10-01" })).rejects.toMatchObject({ code: "charter-begun" });
    expect((await stayOf(reference)).endsAt).toBe("2027-10-09T09:00:00.000Z");
  });
});

describe("days in which a yacht is closed", () => {
  const close = async (change = {}) => {
    const by = await base.person("Ilko Brandt").catch(() => office());
    return base.inBase((db) =>
      closeFor(db, { yacht: "little-auk", ...days, kind: "service", words: "new rig", ...change }, by),
    );
  };

  it("keep charters out, and charters keep them out", async () => {
    const { id } = await close();
    await expect(enter({ yacht: "little-auk", aboard: 2 })).rejects.toMatchObject({
      code: "yacht-closed",
      params: { kind: "service" },
    });
    // her turn-round after the charter before does not matter to who works on her
    await enter({ yacht: "little-auk", aboard: 2, fromDay: "2027-09-11", toDay: "2027-09-18", outAt: "10:00" });
    await expect(close({ fromDay: "2027-09-15", toDay: "2027-09-16" })).rejects.toMatchObject({
      code: "yacht-promised",
    });
    await base.inBase((db) => openAgain(db, id));
    await expect(base.inBase((db) => openAgain(db, id))).rejects.toMatchObject({ code: "no-such-closing" });
    await enter({ yacht: "little-auk", aboard: 2, toDay: "2027-09-10" });
  });

  it("are refused for odd days, and an hour is enough", async () => {
    await expect(close({ toDay: "2027-09-03" })).rejects.toMatchObject({ code: "days-wrong" });
    const hour = { fromDay: "2027-11-01", toDay: "2027-11-01", outAt: "10:00", backAt: "11:00" };
    const { id } = await close({ ...hour, kind: "not-available", words: "" });
    const found = await base.inBase((db) => closingsBetween(db, "2027-11-01T00:00:00Z", "2027-11-02T00:00:00Z"));
    expect(found).toEqual([
      {
        id,
        yacht: "little-auk",
        kind: "not-available",
        // the demo lies an hour behind UTC in winter
        startsAt: "2027-11-01T11:00:00.000Z",
        endsAt: "2027-11-01T12:00:00.000Z",
        words: "",
        by: expect.any(String) as string,
      },
    ]);
  });

  it("of a closing and a charter at once, one is taken", async () => {
    for (const day of ["01", "08", "15", "22"]) {
      const at = { yacht: "gannet-rock", fromDay: `2027-12-${day}`, toDay: `2027-12-${Number(day) + 5}` };
      at.toDay = at.toDay.replace(/-(\d)$/, "-0$1");
      const both = await Promise.allSettled([close(at), enter({ ...at, aboard: 2 })]);
      expect(both.filter(({ status }) => status === "fulfilled")).toHaveLength(1);
    }
    const [row] = await base.asOwner<{ overlaps: number }>(
      `select count(*)::int as overlaps from yacht_closing c join stay s on s.yacht_id = c.yacht_id and s.called_off is null
       where c.taken_off_at is null and tstzrange(c.starts_at, c.ends_at) && tstzrange(s.starts_at, s.ends_at)`,
    );
    expect(row?.overlaps).toBe(0);
  });

  it("are refused by the database itself, whoever writes", async () => {
    await expect(
      base.asOwner(
        `insert into yacht_closing (id, base_id, yacht_id, kind, starts_at, ends_at, by_person, at)
         select gen_random_uuid(), s.base_id, s.yacht_id, 'service', s.starts_at, s.ends_at, c.skipper_id, now()
         from stay s join charter c on c.id = s.charter_id where s.called_off is null limit 1`,
      ),
    ).rejects.toThrow("the yacht is promised in these days");
  });
});
