import { randomUUID } from "node:crypto";
import { v7 as uuid } from "uuid";
import type { DeviceGrant } from "@/api/callers";
import { OpenAnswer } from "@/api/schemas/handover";
import { mismatch } from "@/formats/validate";
import { asDevice } from "@/testing/callers";
import { demoBase } from "@/testing/demo-base";
import { peopleOn } from "../db/handovers";
import { leftPdf } from "../pdf/left";
import { joinByCode, makeJoinCode } from "./join";
import { postEntries } from "@/testing/post-entries";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));

const base = demoBase("join");
const open = () => base.handoverOf("BR-1059", "check-in");
const make = async (handover: string) => base.inBase((db) => makeJoinCode(db, handover));

describe("a dishonest phone", () => {
  it("cannot take the name of somebody of the base, however it is spelled", async () => {
    const { code } = await make(await open());
    for (const name of ["Maro Tessen", " maro  tessen ", "MARO-TESSEN", "Ｍａｒｏ Tessen"])
      await expect(joinByCode(code, name)).rejects.toMatchObject({ code: "name-of-staff", where: "name" });
    expect((await joinByCode(code, "Maro T.")).bundle.me.name).toBe("Maro T.");
  });

  it("cannot join without end", async () => {
    const handover = await open();
    const { code } = await make(handover);
    await base.asOwner(
      `insert into device_grant (id, base_id, handover_id, token_hash, person_id, created_at, side)
       select gen_random_uuid(), h.base_id, h.id, md5(n::text), s.person_id, now(), 'skipper'
       from handover h, generate_series(1, 40) n, (select person_id from staff limit 1) s where h.id = $1`,
      [handover],
    );
    await expect(joinByCode(code, "Tam")).rejects.toMatchObject({ code: "too-many-joined" });
    // the base ends them, and there is room again
    await base.asOwner("update device_grant set revoked_at = now() where handover_id = $1 and side = 'skipper'", [
      handover,
    ]);
    expect((await joinByCode(code, "Tam")).bundle.me.name).toBe("Tam");
  });
});

describe("joining by a code", () => {
  it("gives a device the right to record for its own person, on the skipper's side, by name", async () => {
    const handover = await open();
    const { code } = await make(handover);
    expect(code).toMatch(/^[ACDEFHJKLMNPRTUVWXY3479]{8}$/);
    const joined = await joinByCode(` ${code.slice(0, 3).toLowerCase()} ${code.slice(3)} `, " Tam ");
    expect(mismatch(OpenAnswer, joined)).toBeNull();
    expect([joined.handover, joined.bundle.me.name, joined.bundle.me.side, joined.bundle.me.isManager]).toEqual([
      handover,
      "Tam",
      "skipper",
      false,
    ]);
    const grant = (await asDevice(joined.grant, handover)) as DeviceGrant;
    expect(grant).toMatchObject({ side: "skipper", personId: joined.bundle.me.person });
    expect(Object.values(await base.inBase((db) => peopleOn(db, handover)))).toContain("Tam");
    const entry = {
      v: 1 as const,
      id: uuid(),
      handover,
      subject: "line:count:shore-adapter",
      aspect: "count",
      value: { count: 1 },
      basis: [],
      by: { side: "skipper" as const, person: grant.personId },
      device: randomUUID(),
      at: "2027-06-12T10:15:00.000Z",
      offsetMs: 0,
      paperAt: "2027-06-12T09:40:00.000Z",
    };
    const [answer] = await postEntries(base.baseId, handover, [entry], grant.personId);
    expect(answer?.status).toBe("kept");
    const [kept] = await base.asOwner<{ content: { paperAt: string } }>("select content from entry where id = $1", [
      entry.id,
    ]);
    expect(kept?.content.paperAt).toBe("2027-06-12T09:40:00.000Z");
  });

  it("opens nothing once a newer code was made, when it has run out, when it was never made, and of a signed handover", async () => {
    const handover = await open();
    const first = await make(handover);
    await make(handover);
    const closed = { status: 404, code: "no-such-join-code" };
    await expect(joinByCode(first.code, "Tam")).rejects.toMatchObject(closed);
    const second = await make(handover);
    process.env.BRINECOVE_NOW = "2027-06-12T16:13:00Z";
    await expect(joinByCode(second.code, "Tam")).rejects.toMatchObject(closed);
    process.env.BRINECOVE_NOW = "2027-06-12T10:12:00Z";
    await expect(joinByCode("ZZZZZZ", "Tam")).rejects.toMatchObject(closed);
    const sealed = await make(await base.handoverOf("BR-1052", "check-in"));
    await expect(joinByCode(sealed.code, "Tam")).rejects.toMatchObject(closed);
  });

  it("slows down who guesses, and keeps no code in plain", async () => {
    const { code } = await make(await open());
    expect(JSON.stringify(await base.asOwner("select * from join_code"))).not.toContain(code);
    for (let i = 0; i < 10; i++) await joinByCode("QQQQQQQQ", "Tam").catch(() => undefined);
    await expect(joinByCode("QQQQQQQQ", "Tam")).rejects.toMatchObject({ status: 429 });
    for (let i = 0; i < 300; i++) await joinByCode(`QQ${i}QQ`, "Tam").catch(() => undefined);
    // the right one is refused for the time as well, so that an answer tells nothing
    await expect(joinByCode(code, "Tam")).rejects.toMatchObject({ status: 429 });
  });
});

describe("paper as a last resort", () => {
  it("has the lines that are left, with their numbers, and none that are done", async () => {
    const { bytes, name } = await base.inBase(async (db) => leftPdf(db, await open()));
    expect(bytes.subarray(0, 5).toString()).toBe("%PDF-");
    expect(name).toBe("left-check-in-quillback-BR-1059.pdf");
    const whole = await base.inBase(async (db) => leftPdf(db, await base.handoverOf("BR-1055", "check-in")));
    expect(whole.bytes.byteLength).toBeLessThan(bytes.byteLength);
  });
});
