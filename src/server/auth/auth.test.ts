import { demoBase } from "@/testing/demo-base";
import { jar, said } from "@/testing/cookie-jar";
import { openByLink, makeCharterLink } from "./charter-link";
import { asDevice, asReaderOfHandover, asReaderOfStay } from "@/testing/callers";
import { makeGrant } from "./grant";
import { isRightPassword } from "./password";
import { charterCookie, charterSession, closeSession, requireStaff, staffCookie, staffSession } from "./session";
import { signIn } from "./sign-in";
import { throttle, throttleAddress } from "./throttle";
import { accessOf } from "../db/access";
import { findStay } from "../db/charters";
import { endOne } from "./end-access";
import { findGrant } from "../db/grants";
import { freshToken, tokenHash } from "./token";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));

const base = demoBase("auth");
const password = "sallow-tide-7";
const at = async <T>(instant: string, work: () => Promise<T>): Promise<T> => {
  const before = process.env.BRINECOVE_NOW;
  process.env.BRINECOVE_NOW = instant;
  return work().finally(() => (process.env.BRINECOVE_NOW = before));
};
beforeEach(() => jar.clear());

describe("signing in", () => {
  it("opens a session for the base's people, in an http-only cookie that is a name for a row, not the row", async () => {
    await signIn(" Maro@Brinecove.example ", password);
    const cookie = jar.get(staffCookie);
    expect(cookie?.options).toMatchObject({ httpOnly: true, sameSite: "lax", path: "/", maxAge: 14 * 3600 });
    expect(await staffSession()).toMatchObject({ name: "Maro Tessen", roles: ["briefer"], baseId: base.baseId });
    expect(await base.asOwner("select 1 from session where token_hash = $1", [cookie?.value])).toEqual([]);
  });

  it("says the same of an unknown address and a wrong password", async () => {
    const answers = await Promise.all(
      [signIn("nobody@brinecove.example", password), signIn("odile@brinecove.example", "guess")].map((each) =>
        each.then(
          () => "in",
          (error: Error) => error.message,
        ),
      ),
    );
    expect(new Set(answers)).toEqual(new Set(["wrong-sign-in"]));
    expect(await staffSession()).toBeNull();
  });

  it("slows down guessing at one address, lets others in, and forgets after a while", async () => {
    for (let i = 0; i < 10; i++)
      await expect(signIn("senna@brinecove.example", "guess")).rejects.toMatchObject({ status: 401 });
    await expect(signIn("senna@brinecove.example", password)).rejects.toMatchObject({
      status: 429,
      code: "too-many-tries",
    });
    await signIn("ilko@brinecove.example", password);
    await at("2027-06-12T10:24:00Z", () => signIn("senna@brinecove.example", password));
  });

  it("does not lock out the browser on which somebody has signed in before", () =>
    at("2027-06-12T09:00:00Z", async () => {
      await signIn("maro@brinecove.example", password);
      const own = jar.get("brinecove-known")?.value ?? "";
      jar.clear();
      for (let i = 0; i < 11; i++) await signIn("maro@brinecove.example", "guess").catch(() => undefined);
      await expect(signIn("maro@brinecove.example", password)).rejects.toMatchObject({ code: "too-many-tries" });
      jar.set("brinecove-known", own);
      await signIn("maro@brinecove.example", password);
      // it is Maro's browser, and nobody else's
      for (let i = 0; i < 11; i++) await signIn("ilko@brinecove.example", "guess").catch(() => undefined);
      await expect(signIn("ilko@brinecove.example", password)).rejects.toMatchObject({ code: "too-many-tries" });
    }));

  it("ends the session that was open on this browser before", async () => {
    await signIn("odile@brinecove.example", password);
    const first = jar.get(staffCookie)?.value ?? "";
    await signIn("odile@brinecove.example", password);
    const second = jar.get(staffCookie)?.value ?? "";
    jar.set(staffCookie, first);
    expect(await staffSession()).toBeNull();
    jar.set(staffCookie, second);
    expect(await staffSession()).toMatchObject({ name: "Odile Varn" });
  });

  it("counts only wrong tries: a right one clears the count", async () => {
    for (let round = 0; round < 3; round++) {
      for (let i = 0; i < 6; i++)
        await expect(signIn("odile@brinecove.example", "guess")).rejects.toMatchObject({ status: 401 });
      await signIn("odile@brinecove.example", password);
    }
  });

  it("ends with the session: signed out, or after fourteen hours", async () => {
    await signIn("maro@brinecove.example", password);
    const token = jar.get(staffCookie)?.value ?? "";
    expect(await at("2027-06-13T00:11:00Z", staffSession)).not.toBeNull();
    expect(await at("2027-06-13T00:13:00Z", staffSession)).toBeNull();
    const session = await requireStaff();
    await base.inBase((db) => closeSession(db, session.id, staffCookie));
    expect(jar.get(staffCookie)).toBeUndefined();
    jar.set(staffCookie, token);
    await expect(requireStaff()).rejects.toThrow("NEXT_REDIRECT");
  });

  it("takes a stored hash that is none as a wrong password", async () => {
    expect(await isRightPassword("not a hash", password)).toBe(false);
    expect(await isRightPassword(null, "nobody's password")).toBe(false);
  });
});

describe("the throttle", () => {
  it("keeps no key in plain", async () => {
    await throttle("yacht code HE");
    const rows = await base.asOwner<Record<string, unknown>>("select * from sign_in_attempt");
    expect(rows.length).toBeGreaterThan(0);
    expect(JSON.stringify(rows)).not.toMatch(/yacht code|brinecove\.example/);
  });
});

describe("tries from one address", () => {
  afterEach(() => {
    delete process.env.ORIGIN;
    said.delete("x-forwarded-for");
  });
  const tryFrom = async (address: string, times: number) => {
    said.set("x-forwarded-for", `203.0.113.9, ${address}`);
    for (let done = 0; done < times; done++) await throttleAddress("guessing");
  };

  it("close it for that address, whatever was written before the proxy's own word, and for no other", async () => {
    process.env.ORIGIN = "https://base.example";
    await tryFrom("198.51.100.7", 40);
    await expect(tryFrom("198.51.100.7", 1)).rejects.toMatchObject({ code: "too-many-tries" });
    await expect(tryFrom("198.51.100.8", 1)).resolves.toBeUndefined();
  });

  it("are not counted without a proxy, where anybody could write the header", async () => {
    await expect(tryFrom("198.51.100.9", 60)).resolves.toBeUndefined();
  });
});

describe("a charter's link", () => {
  const charterOf = async (reference: string) =>
    (await base.asOwner<{ id: string }>("select id from charter where reference = $1", [reference]))[0]?.id ?? "";
  const make = async (reference: string, until = "2027-08-01T00:00:00Z") => {
    const charter = await charterOf(reference);
    return base.inBase((db) => makeCharterLink(db, charter, until));
  };

  it("opens that charter, and what belongs to it, and nothing else", async () => {
    const { secret, pin } = await make("BR-1050");
    expect([secret.length, pin]).toEqual([43, expect.stringMatching(/^\d{6}$/)]);
    await openByLink(secret, pin);
    expect(jar.get(charterCookie)?.options).toMatchObject({ httpOnly: true });
    expect(await charterSession()).toMatchObject({ charterId: await charterOf("BR-1050") });
    expect(await staffSession()).toBeNull();
    const own = await base.handoverOf("BR-1050", "check-out");
    expect(await asReaderOfHandover(own)).toMatchObject({ kind: "charter", baseId: base.baseId });
    expect(await asReaderOfStay(await base.stayOf("BR-1050"))).toMatchObject({ kind: "charter" });
    await expect(base.handoverOf("BR-1059", "check-in").then(asReaderOfHandover)).rejects.toMatchObject({
      status: 401,
    });
    await expect(base.stayOf("BR-1059").then(asReaderOfStay)).rejects.toMatchObject({ status: 401 });
  });

  it("keeps neither link nor PIN, only their hashes", async () => {
    const { secret, pin } = await make("BR-1059");
    const text = JSON.stringify(await base.asOwner("select * from charter_link"));
    expect(text).not.toContain(secret);
    expect(text).not.toContain(`"${pin}"`);
  });

  it("locks after ten wrong PINs, also for the right one", async () => {
    const { secret, pin } = await make("BR-1053");
    const wrong = pin === "111111" ? "222222" : "111111";
    for (let i = 0; i < 10; i++)
      await expect(openByLink(secret, wrong)).rejects.toMatchObject({ status: 401, code: "wrong-pin" });
    await expect(openByLink(secret, pin)).rejects.toMatchObject({ status: 429, code: "link-locked" });
  });

  it("begins to count anew after a right PIN", async () => {
    const { secret, pin } = await make("BR-1060");
    const wrong = pin === "111111" ? "222222" : "111111";
    for (const times of [9, 9]) {
      for (let i = 0; i < times; i++)
        await expect(openByLink(secret, wrong)).rejects.toMatchObject({ code: "wrong-pin" });
      await openByLink(secret, pin);
    }
  });

  it("is closed when a newer one was made, when it has run out, and when nobody ever made it: all with one answer", async () => {
    const first = await make("BR-1055");
    const second = await make("BR-1055");
    const closed = { status: 410, code: "link-closed" };
    await expect(openByLink(first.secret, first.pin)).rejects.toMatchObject(closed);
    await expect(at("2027-08-01T00:01:00Z", () => openByLink(second.secret, second.pin))).rejects.toMatchObject(closed);
    await expect(openByLink(freshToken(), second.pin)).rejects.toMatchObject(closed);
    expect(await charterSession()).toBeNull();
  });
});

describe("a device's grant", () => {
  const give = async () => {
    const [handover, maro] = [await base.handoverOf("BR-1059", "check-in"), await base.person("Maro Tessen")];
    return { handover, maro, token: (await base.inBase((db) => makeGrant(db, handover, maro))).token };
  };

  it("works without any sign-in, on its handover alone", async () => {
    const { handover, maro, token } = await give();
    expect(await asDevice(token, handover)).toMatchObject({
      baseId: base.baseId,
      handoverId: handover,
      personId: maro,
    });
    await expect(base.handoverOf("BR-1053", "check-out").then((other) => asDevice(token, other))).rejects.toMatchObject(
      { status: 401, code: "no-grant" },
    );
  });

  it("is refused when forged, missing or misspelt", async () => {
    const { handover } = await give();
    for (const token of [null, freshToken(), "short", "a b"])
      await expect(asDevice(token, handover)).rejects.toMatchObject({ code: "no-grant" });
  });

  it("stops within seconds when it is withdrawn", async () => {
    const { handover, token } = await give();
    await asDevice(token, handover);
    await base.asOwner("update device_grant set revoked_at = now() where handover_id = $1", [handover]);
    await new Promise((done) => setTimeout(done, 2100));
    await expect(asDevice(token, handover)).rejects.toMatchObject({ status: 401, code: "no-grant" });
  });

  it("ends with its person's work at the base, sixty days after the charter, and a joined phone's two days after the record", async () => {
    const find = async (token: string, time: string) => (await findGrant(tokenHash(token), time)) !== null;
    const sealed = await base.handoverOf("BR-1052", "check-in");
    const [maro, wenna] = [await base.person("Maro Tessen"), await base.person("Wenna Coldrake")];
    const make = async (person: string, side: "base" | "skipper") =>
      (await base.inBase((db) => makeGrant(db, sealed, person, side))).token;
    const [own, joined] = [await make(maro, "base"), await make(wenna, "skipper")];
    expect(await find(own, "2027-06-12T10:12:00Z")).toBe(true);
    // BR-1052 began on 5 June and was signed that day
    expect([await find(joined, "2027-06-06T10:00:00Z"), await find(joined, "2027-06-12T10:12:00Z")]).toEqual([
      true,
      false,
    ]);
    expect([await find(own, "2027-08-01T10:00:00Z"), await find(own, "2027-09-01T10:00:00Z")]).toEqual([true, false]);
    await base.asOwner("update staff set active = false where person_id = $1", [maro]);
    expect(await find(own, "2027-06-12T10:12:00Z")).toBe(false);
    await base.asOwner("update staff set active = true where person_id = $1", [maro]);
  });

  it("is listed at the charter with the boat books that are open, and each is ended by itself", async () => {
    const { handover, token } = await give();
    const stay = await base.inBase((db) => findStay(db, { reference: "BR-1059" }));
    const charterId = stay?.charterId ?? "";
    const list = () => base.inBase((db) => accessOf(db, charterId));
    const before = await list();
    expect(before[0]).toMatchObject({ kind: "device", name: "Maro Tessen", side: "base", handover: "check-in" });
    const other = (await base.inBase((db) => findStay(db, { reference: "BR-1052" })))?.charterId ?? "";
    const end = (of: string, id: string) => base.inBase((db) => endOne(db, of, { kind: "device", id }));
    await expect(end(other, before[0]!.id)).rejects.toMatchObject({ code: "no-such-access" });
    await end(charterId, before[0]!.id);
    expect(await list()).toHaveLength(before.length - 1);
    await expect(end(charterId, before[0]!.id)).rejects.toMatchObject({ code: "no-such-access" });
    await expect(asDevice(token, handover)).rejects.toMatchObject({ code: "no-grant" });
  });
});
