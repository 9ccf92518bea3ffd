import { execFileSync } from "node:child_process";
import { usualKeeping, type Keeping } from "@/core/private/keeping";
import { demoBase } from "@/testing/demo-base";
import { findStay } from "../db/charters";
import { eraseOutlived, heldOfGuest, lastErasures } from "../db/private";
import { writeTo } from "../messages/write";
import { lookOver } from "../night/look";
import { recordPdf } from "../pdf/record";
import { eraseOnRequest, heldFile } from "./guest";
import { eraseWhatHadItsTime, keepBaseKeeping } from "./keeping";

const base = demoBase("private");
const senna = () => base.person("Senna Ruhl");
/** a charter that is over, with both records signed by its skipper */
const over = "BR-1050";
const skipperOf = async (reference: string) => {
  const stay = await base.inBase((db) => findStay(db, { reference }));
  if (!stay) throw new Error(`no ${reference}`);
  return { ...stay, email: `${stay.skipper.toLowerCase().replace(" ", ".")}@crew.example` };
};
const sweepOf = (table: string, words: string) =>
  base.asOwner(`select 1 from ${table} t where t::text ilike '%' || $1 || '%'`, [words]);
const textOf = async (handover: string) => {
  const { bytes } = await base.inBase((db) => recordPdf(db, handover));
  return execFileSync("pdftotext", ["-layout", "-", "-"], { input: bytes }).toString();
};

describe("what is held of a guest", () => {
  it("is a file of everything that stands under the name, and of nobody else", async () => {
    const { skipperId, skipper, stayId } = await skipperOf(over);
    await base.inBase((db) => writeTo(db, stayId, "what-to-bring"));
    const answer = await base.inBase((db) => heldFile(db, skipperId));
    expect(answer.headers.get("content-disposition")).toContain("held-of-");
    const held = (await answer.json()) as Awaited<ReturnType<typeof heldOfGuest>>;
    expect(held).toMatchObject({ base: expect.any(String), person: { name: skipper } });
    expect(held?.charters.map(({ reference }) => reference)).toEqual([over]);
    expect(held?.messages.map(({ kind }) => kind)).toContain("what-to-bring");
    expect(held?.signatures.length).toBeGreaterThan(0);
    expect(held?.signatures.every(({ name }) => name === skipper)).toBe(true);
    for (const other of ["Tove Ellery", "Maro Tessen"]) expect(JSON.stringify(held)).not.toContain(other);
  });

  it("is nothing for the base's own people and for nobody", async () => {
    await expect(base.inBase(async (db) => heldFile(db, await senna()))).rejects.toMatchObject({
      code: "no-such-guest",
    });
    expect(await base.inBase((db) => heldOfGuest(db, "00000000-0000-7000-8000-000000000000"))).toBeNull();
  });
});

describe("erasing a guest", () => {
  it("is refused while a charter is not over, and for the base's own people", async () => {
    const by = await senna();
    const { skipperId } = await skipperOf("BR-1058");
    await expect(base.inBase((db) => eraseOnRequest(db, skipperId, "by letter", by))).rejects.toMatchObject({
      status: 409,
      code: "charter-not-over",
    });
    await expect(base.inBase((db) => eraseOnRequest(db, by, "by letter", by))).rejects.toMatchObject({
      code: "no-such-guest",
    });
    expect((await skipperOf("BR-1058")).skipper).toBe("Jory Fenn");
    expect(await base.inBase((db) => lastErasures(db, 5))).toEqual([]);
  });

  it("takes name, contacts, drawings and messages, once; every record still verifies and says that the name was erased", async () => {
    const by = await senna();
    const { skipperId, skipper, stayId } = await skipperOf(over);
    const checkIn = await base.handoverOf(over, "check-in");
    expect(await textOf(checkIn)).toContain(skipper);
    expect(await base.inBase((db) => lookOver(db, base.baseId))).toEqual([]);
    await base.asOwner(
      "update stay set ends_at = '2027-06-12T10:00:00Z' where id = $1 and ends_at > '2027-06-12T10:00:00Z'",
      [stayId],
    );

    const both = await Promise.allSettled([
      base.inBase((db) => eraseOnRequest(db, skipperId, "by letter of 3 June", by)),
      base.inBase((db) => eraseOnRequest(db, skipperId, "by letter of 3 June", by)),
    ]);
    expect(both.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);

    for (const table of ["person", "signature_content", "settlement_signature", "outbox_message", "crew_list"])
      expect([table, await sweepOf(table, skipper)]).toEqual([table, []]);
    expect(await base.inBase((db) => lookOver(db, base.baseId))).toEqual([]);
    const paper = await textOf(checkIn);
    expect(paper).toContain("name erased");
    // what was signed stands as it was signed: the words are part of the seal
    expect(await base.inBase((db) => heldOfGuest(db, skipperId))).toBeNull();
    const gone = await base.inBase((db) => lastErasures(db, 20));
    expect(gone.map(({ what }) => what)).toEqual(expect.arrayContaining(["names", "signatures", "messages"]));
    expect(gone[0]).toMatchObject({ by: "Senna Ruhl", why: "by letter of 3 June" });
    expect(JSON.stringify(await base.asOwner("select * from deed"))).not.toContain(skipper);
  });
});

describe("what had its time", () => {
  const soon: Keeping = { ...usualKeeping, crew: 1, study: 1, calls: 1 };
  const at = "2027-06-12T10:12:00.000Z";

  it("goes by its own kind's days after the end of a charter, and nothing of a charter to come", async () => {
    const { stayId, skipper } = await skipperOf("BR-1053");
    await base.asOwner(
      "update stay set starts_at = '2027-05-01T10:00:00Z', ends_at = '2027-05-08T10:00:00Z' where id = $1",
      [stayId],
    );
    await base.asOwner(
      "insert into crew_list (stay_id, base_id, number, crew, entered_at) values ($1, $2, 90, $3, $4) on conflict do nothing",
      [stayId, base.baseId, JSON.stringify([{ name: "Rill Ander", weightKg: 70 }]), at],
    );
    const upcoming = (
      await base.asOwner("select 1 from crew_list l join stay s on s.id = l.stay_id where s.ends_at > $1", [at])
    ).length;
    // 35 days over: the crew list may go after 30, contacts stay a year
    expect(await base.inBase((db) => eraseOutlived(db, usualKeeping, at))).toBeGreaterThan(0);
    expect(await sweepOf("crew_list", "Rill Ander")).toEqual([]);
    expect((await skipperOf("BR-1053")).skipper).toBe(skipper);
    expect(
      await base.asOwner("select 1 from crew_list l join stay s on s.id = l.stay_id where s.ends_at > $1", [at]),
    ).toHaveLength(upcoming);
    const [first] = await base.inBase((db) => lastErasures(db, 20));
    expect(first).toMatchObject({ by: null, why: "" });
    expect(await base.inBase((db) => eraseOutlived(db, usualKeeping, at))).toBe(0);
  });

  it("is names last of all, with whatever hangs on them", async () => {
    const { skipper } = await skipperOf("BR-1053");
    // eleven years on
    await base.inBase((db) => eraseOutlived(db, usualKeeping, "2038-06-12T10:12:00.000Z"));
    expect(await sweepOf("person", skipper)).toEqual([]);
    expect(await base.inBase((db) => lookOver(db, base.baseId))).toEqual([]);
    expect(
      await base.asOwner("select 1 from person p join staff s on s.person_id = p.id where p.erased_at is not null"),
    ).toEqual([]);
  });

  it("is nothing at the demo, whose people are invented", async () => {
    expect(await base.inBase(eraseWhatHadItsTime)).toBe(0);
  });

  it("is settled by the base, never longer than the name and never over another's change", async () => {
    const by = await senna();
    const keep = (onNumber: number, keeping: Keeping) =>
      base.inBase((db) => keepBaseKeeping(db, { onNumber, keeping }, by));
    await expect(keep(0, { ...soon, names: 100 })).rejects.toMatchObject({ code: "kept-too-long", where: "contacts" });
    await keep(0, soon);
    await expect(keep(0, soon)).rejects.toMatchObject({ code: "list-changed" });
  });
});

describe("whoever is not asked to erase", () => {
  it("cannot: the app's role may say that it erases and is still not the owner", async () => {
    await expect(
      base.inBase(async (db) => {
        await db.query("select set_config('brinecove.erasing', 'yes', true)");
        await db.query("delete from study_answer");
      }),
    ).rejects.toThrow("permission denied");
    await expect(base.inBase((db) => db.query("select erase_messages('{}', now())"))).rejects.toThrow(
      "permission denied",
    );
    await expect(
      base.inBase((db) => db.query("select note_erasure(now(), null, null, '', 'names', 1)")),
    ).rejects.toThrow("permission denied");
    // and the owner of the tables has to say it in so many words
    await expect(base.asOwner("delete from outbox_message")).rejects.toThrow("is refused");
  });
});
