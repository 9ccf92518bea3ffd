import { generateSync } from "otplib/functional";
import { v7 as uuid } from "uuid";
import type { Entry } from "@/core/handover/entry";
import type { Permit } from "@/core/handover/permit";
import { demoBase } from "@/testing/demo-base";
import { takeEntries } from "../items/entries";
import { makeGrant, type MadeGrant } from "./grant";
import { makePermit } from "./permit";
import { proveSecond } from "./second";
import { beginSecondFactor, confirmSecondFactor, endFactorOf } from "./second-factor";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));

const base = demoBase("permit");
let handover: string;
let maro: string;
let senna: string;
let wenna: string;
let grant: MadeGrant;

beforeAll(async () => {
  handover = await base.handoverOf("BR-1059", "check-in");
  maro = await base.person("Maro Tessen");
  senna = await base.person("Senna Ruhl");
  wenna = await base.person("Wenna Coldrake");
  grant = await base.inBase((db) => makeGrant(db, handover, maro));
});

const entry = (by: Entry["by"], change: Partial<Entry> = {}): Entry => ({
  v: 1,
  id: uuid(),
  handover,
  subject: "line:count:bucket",
  aspect: "count",
  value: { count: 1 },
  basis: [],
  by,
  device: uuid(),
  at: "2027-06-12T10:12:00.000Z",
  offsetMs: 0,
  ...change,
});
const codes = async (entries: Entry[], permits: Permit[] = [], on: MadeGrant = grant) =>
  (await takeEntries(on, entries, permits)).map(({ status, code }) => code ?? status);
const letGo = (change: Partial<Entry> = {}) =>
  entry(
    { side: "base", person: senna },
    {
      subject: "handover",
      aspect: "let-go:deposit-not-met",
      value: { why: "transfer seen" },
      ...change,
    },
  );

describe("who an entry is by is told by the grant", () => {
  it("takes the briefer's own and the skipper's, to whom the tablet is handed, and nobody else's", async () => {
    const crew = await base.person("Runa Sedgeley");
    expect(
      await codes([
        entry({ side: "base", person: maro }),
        entry({ side: "skipper", person: wenna }),
        entry({ side: "base", person: senna }),
        entry({ side: "skipper", person: crew }),
        entry({ side: "base", person: uuid() }),
        entry({ side: "base", person: wenna }),
      ]),
    ).toEqual(["kept", "kept", "not-by-you", "not-by-you", "not-by-you", "not-by-you"]);
  });

  it("lets nobody write the other side's word", async () => {
    const phone = await base.inBase((db) => makeGrant(db, handover, wenna, "skipper"));
    const word = (side: "base" | "skipper", person: string, aspect: string) =>
      entry({ side, person }, { aspect, value: { words: "Base: nothing to pay" } });
    expect(
      await codes(
        [
          word("skipper", wenna, "remark:base"),
          word("skipper", wenna, "remark:skipper"),
          word("base", maro, "remark:base"),
          entry({ side: "skipper", person: wenna }, { subject: "handover", aspect: "let-go:fog", value: { why: "x" } }),
        ],
        [],
        phone,
      ),
    ).toEqual(["not-your-side", "kept", "skipper-side-only", "not-your-side"]);
    expect(await codes([word("base", maro, "remark:skipper")])).toEqual(["not-your-side"]);
  });
});

describe("a second person on somebody else's device", () => {
  const prove = (email: string, password: string) => base.inBase((db) => proveSecond(db, grant, { email, password }));

  it("is proved by e-mail and password, for this device and a quarter of an hour", async () => {
    await expect(prove("senna@brinecove.example", "sallow-tide-8")).rejects.toMatchObject({ code: "not-proven" });
    const permit = await prove("senna@brinecove.example", "sallow-tide-7");
    expect(permit).toMatchObject({ person: senna, name: "Senna Ruhl", roles: ["manager"], grant: grant.id });
    expect(Date.parse(permit.until) - Date.parse(permit.from)).toBe(15 * 60_000);
    expect(await codes([letGo()])).toEqual(["not-by-you"]);
    expect(await codes([letGo()], [permit])).toEqual(["kept"]);
    // later than it was good for, on another device, or changed by hand
    expect(await codes([letGo({ at: "2027-06-12T10:40:00.000Z" })], [permit])).toEqual(["not-by-you"]);
    const other = await base.inBase((db) => makeGrant(db, handover, maro));
    expect(await codes([letGo()], [permit], other)).toEqual(["not-by-you"]);
    expect(await codes([letGo()], [{ ...permit, until: "2028-06-12T10:40:00.000Z" }])).toEqual(["not-by-you"]);
  });

  it("is asked for a code as well where that person has a second factor", async () => {
    const who = { kind: "staff", id: "x", baseId: base.baseId, personId: senna, name: "Senna Ruhl" } as const;
    const session = { ...who, roles: ["manager" as const], factorDue: false };
    const { secret } = await base.inBase((db) => beginSecondFactor(db, session));
    const epoch = Date.parse(process.env.BRINECOVE_NOW ?? "") / 1000;
    const { codes: recovery } = await base.inBase((db) =>
      confirmSecondFactor(db, session, generateSync({ secret, epoch })),
    );
    const proved = (code?: string) =>
      base.inBase((db) =>
        proveSecond(db, grant, {
          email: "senna@brinecove.example",
          password: "sallow-tide-7",
          ...(code === undefined ? {} : { code }),
        }),
      );
    await expect(proved()).rejects.toMatchObject({ code: "code-needed" });
    await expect(proved("000000")).rejects.toMatchObject({ code: "wrong-code" });
    expect(await proved(recovery[0])).toMatchObject({ person: senna });
    await base.inBase((db) => endFactorOf(db, senna));
  });

  it("does no more than they may: a briefer who signs in on it lets nobody go", async () => {
    const ilko = await base.person("Ilko Brand");
    const permit = await prove("ilko@brinecove.example", "sallow-tide-7");
    expect(await codes([letGo({ by: { side: "base", person: ilko } })], [permit])).toEqual(["manager-only"]);
    expect(await codes([entry({ side: "base", person: ilko })], [permit])).toEqual(["kept"]);
  });
});

describe("what a manager alone does is proved when it arrives", () => {
  it("by what they are then, or for what was done without signal by a permit that is not old", async () => {
    const own = await base.inBase((db) => makeGrant(db, handover, senna));
    const permit = (await base.inBase((db) => makePermit(db, own, senna))) as Permit;
    expect(Date.parse(permit.until) - Date.parse(permit.from)).toBe(12 * 3_600_000);
    expect(await codes([letGo()], [], own)).toEqual(["kept"]);
    await base.asOwner("update staff set roles = '{office}' where person_id = $1", [senna]);
    expect(await codes([letGo()], [], own)).toEqual(["manager-only"]);
    expect(await codes([letGo()], [permit], own)).toEqual(["kept"]);
    const before = process.env.BRINECOVE_NOW;
    process.env.BRINECOVE_NOW = "2027-06-15T10:00:00.000Z";
    expect(await codes([letGo()], [permit], own)).toEqual(["manager-only"]);
    process.env.BRINECOVE_NOW = before;
    await base.asOwner("update staff set roles = '{manager}' where person_id = $1", [senna]);
  });

  it("somebody who is not of the base has no permit", async () => {
    expect(await base.inBase((db) => makePermit(db, grant, wenna))).toBeNull();
  });
});
