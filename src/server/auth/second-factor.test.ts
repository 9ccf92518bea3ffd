import { generateSync } from "otplib/functional";
import type { StaffSession } from "@/api/callers";
import { jar } from "@/testing/cookie-jar";
import { demoBase } from "@/testing/demo-base";
import { staffSession } from "./session";
import { signIn } from "./sign-in";
import { settleBaseRules } from "../base/settle-rules";
import { sessionsOf } from "../db/accounts";
import { currentRules } from "../db/base-rules";
import { deedsOf } from "../db/deeds";
import { asDoer } from "../db/doer";
import { endSessionOf } from "../people/devices";
import { acceptInvitation, resetLink } from "../people/invite";
import {
  beginSecondFactor,
  confirmSecondFactor,
  endFactorOf,
  endOwnFactor,
  factorState,
  renewRecoveryCodes,
} from "./second-factor";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));

const base = demoBase("factor");
const password = "sallow-tide-7";
const started = Date.parse("2027-06-12T10:12:00.000Z");
let seconds = 0;
/** The clock goes on, so that each code is of a time of its own. */
const later = (by: number) => {
  seconds += by;
  process.env.BRINECOVE_NOW = new Date(started + seconds * 1000).toISOString();
};
const codeOf = (secret: string, off = 0) => generateSync({ secret, epoch: Math.floor(started / 1000) + seconds + off });
const asSession = async (name: string): Promise<StaffSession> => ({
  kind: "staff",
  id: "x",
  baseId: base.baseId,
  personId: await base.person(name),
  name,
  roles: ["manager"],
  factorDue: false,
});
beforeEach(() => {
  jar.clear();
  later(120);
});

/** Somebody with a second factor in force: the secret and the recovery codes. */
async function withFactor(name: string) {
  const who = await asSession(name);
  const { secret } = await base.inBase((db) => beginSecondFactor(db, who));
  const { codes } = await base.inBase((db) => confirmSecondFactor(db, who, codeOf(secret)));
  later(60);
  return { who, secret, codes };
}

describe("a second factor", () => {
  it("is in force once a code of the phone has shown that it works, and not before", async () => {
    const who = await asSession("Maro Tessen");
    const first = await base.inBase((db) => beginSecondFactor(db, who));
    expect(first.picture).toContain("<svg");
    await signIn("maro@brinecove.example", password);
    // begun anew: the secret before is none any more
    const { secret } = await base.inBase((db) => beginSecondFactor(db, who));
    await expect(base.inBase((db) => confirmSecondFactor(db, who, codeOf(first.secret)))).rejects.toMatchObject({
      code: "wrong-code",
    });
    const { codes } = await base.inBase((db) => confirmSecondFactor(db, who, codeOf(secret)));
    expect(new Set(codes).size).toBe(10);
    expect(await base.inBase((db) => factorState(db, who.personId))).toMatchObject({ codesLeft: 10 });
    await expect(base.inBase((db) => beginSecondFactor(db, who))).rejects.toMatchObject({ code: "factor-there" });
    // no recovery code stands anywhere in the open
    expect(JSON.stringify(await base.asOwner("select * from recovery_code"))).not.toContain(codes[0]);
  });

  it("is asked for at sign-in after a right password alone, and each code counts once", async () => {
    const { secret } = await withFactor("Odile Varn");
    const mail = "odile@brinecove.example";
    await expect(signIn(mail, "guess")).rejects.toMatchObject({ code: "wrong-sign-in" });
    await expect(signIn(mail, password)).rejects.toMatchObject({ code: "code-needed", where: "code" });
    await expect(signIn(mail, password, "000000")).rejects.toMatchObject({ code: "wrong-code" });
    expect(await staffSession()).toBeNull();
    const code = codeOf(secret);
    await signIn(mail, password, code);
    expect(await staffSession()).toMatchObject({ name: "Odile Varn" });
    jar.clear();
    await expect(signIn(mail, password, code)).rejects.toMatchObject({ code: "wrong-code" });
    // a phone an hour wrong
    await expect(signIn(mail, password, codeOf(secret, 3600))).rejects.toMatchObject({ code: "wrong-code" });
  });

  it("gives way to a recovery code, each once, and to none of those before they were made anew", async () => {
    const { who, secret, codes } = await withFactor("Ilko Brand");
    const mail = "ilko@brinecove.example";
    const [one = "", two = ""] = codes;
    await signIn(mail, password, ` ${one.toUpperCase().replace("-", " ")}`);
    await expect(signIn(mail, password, one)).rejects.toMatchObject({ code: "wrong-code" });
    expect(await base.inBase((db) => factorState(db, who.personId))).toMatchObject({ codesLeft: 9 });
    const { codes: fresh } = await base.inBase((db) => renewRecoveryCodes(db, who, codeOf(secret)));
    await expect(signIn(mail, password, two)).rejects.toMatchObject({ code: "wrong-code" });
    await signIn(mail, password, fresh[0]);
    // two at once with the same code: one gets in
    const both = await Promise.allSettled([signIn(mail, password, fresh[1]), signIn(mail, password, fresh[1])]);
    expect(both.filter(({ status }) => status === "fulfilled")).toHaveLength(1);
  });

  it("closes after ten wrong codes, also for the right one, and opens again later", async () => {
    const { secret } = await withFactor("Senna Ruhl");
    const mail = "senna@brinecove.example";
    for (let i = 0; i < 10; i++)
      await expect(signIn(mail, password, "111111")).rejects.toMatchObject({ code: "wrong-code" });
    await expect(signIn(mail, password, codeOf(secret))).rejects.toMatchObject({ code: "too-many-tries" });
    later(11 * 60);
    await signIn(mail, password, codeOf(secret));
    expect(await staffSession()).toMatchObject({ name: "Senna Ruhl" });
  });

  it("goes with a code of it, or by a manager's word where phone and codes are lost, and the log says so", async () => {
    const senna = await asSession("Senna Ruhl");
    const [{ secret }] = (await base.asOwner<{ secret: string }>(
      "select secret from second_factor where person_id = $1",
      [senna.personId],
    )) as [{ secret: string }];
    await expect(base.inBase((db) => endOwnFactor(db, senna, "123456"))).rejects.toMatchObject({ code: "wrong-code" });
    await base.inBase((db) => endOwnFactor(db, senna, codeOf(secret)));
    await expect(base.inBase((db) => endOwnFactor(db, senna, codeOf(secret)))).rejects.toMatchObject({
      code: "no-factor",
    });
    const odile = await base.person("Odile Varn");
    await asDoer({ kind: "staff", action: "end-factor", person: senna.personId }, () =>
      base.inBase((db) => endFactorOf(db, odile)),
    );
    await signIn("odile@brinecove.example", password);
    const [last] = (await base.inBase((db) => deedsOf(db, { person: odile }, { most: 5 }))).filter(
      ({ subject }) => subject === "second_factor",
    );
    expect(last).toMatchObject({ action: "end-factor", by: "Senna Ruhl", of: "Odile Varn", became: {} });
    expect(JSON.stringify(await base.asOwner("select * from deed"))).not.toContain(secret);
  });

  it("is due for a manager where the base says so, and for nobody else", async () => {
    const senna = await base.person("Senna Ruhl");
    const { rules, number } = await base.inBase(currentRules);
    await signIn("senna@brinecove.example", password);
    expect((await staffSession())?.factorDue).toBe(false);
    await base.inBase((db) =>
      settleBaseRules(db, { onNumber: number, rules: { ...rules, managerCode: true }, why: "tried" }, senna),
    );
    expect((await staffSession())?.factorDue).toBe(true);
    const who = (await staffSession())!;
    const { secret } = await base.inBase((db) => beginSecondFactor(db, who));
    await base.inBase((db) => confirmSecondFactor(db, who, codeOf(secret)));
    expect((await staffSession())?.factorDue).toBe(false);
    jar.clear();
    await signIn("odile@brinecove.example", password);
    expect((await staffSession())?.factorDue).toBe(false);
  });
});

it("shows on which browsers somebody is signed in, and ends one of them alone", async () => {
  const odile = await base.person("Odile Varn");
  const signInOn = (device: string) =>
    asDoer({ kind: "anyone", action: "sign-in", device }, () => signIn("odile@brinecove.example", password));
  await signInOn("Tablet on the pontoon");
  jar.clear();
  await signInOn("Office");
  const at = new Date(started + seconds * 1000).toISOString();
  const there = () => base.inBase((db) => sessionsOf(db, odile, at));
  const tablet = (await there()).find(({ device }) => device === "Tablet on the pontoon")!;
  await base.inBase((db) => endSessionOf(db, odile, tablet.id));
  expect((await there()).map(({ device }) => device)).toContain("Office");
  expect((await there()).map(({ id }) => id)).not.toContain(tablet.id);
  await expect(base.inBase((db) => endSessionOf(db, odile, tablet.id))).rejects.toMatchObject({
    code: "no-such-session",
  });
  // and nobody's by somebody else's name
  const maro = await base.person("Maro Tessen");
  const office = (await there())[0]!;
  await expect(base.inBase((db) => endSessionOf(db, maro, office.id))).rejects.toMatchObject({
    code: "no-such-session",
  });
});

it("a second factor is not passed by with a link for a new password", async () => {
  const { who, secret } = await withFactor("Odile Varn");
  const senna = await base.person("Senna Ruhl");
  const { path } = await base.inBase((db) => resetLink(db, who.personId, senna));
  const fresh = "ladder copper mist violin";
  await acceptInvitation(path.split("#")[1] ?? "", fresh);
  expect(await staffSession()).toBeNull();
  await expect(signIn("odile@brinecove.example", fresh)).rejects.toMatchObject({ code: "code-needed" });
  await signIn("odile@brinecove.example", fresh, codeOf(secret));
  expect(await staffSession()).toMatchObject({ name: "Odile Varn" });
  await base.inBase((db) => endFactorOf(db, who.personId));
  await acceptInvitation(
    (await base.inBase((db) => resetLink(db, who.personId, senna))).path.split("#")[1] ?? "",
    "violin mist copper ladder",
  );
  expect(await staffSession()).toMatchObject({ name: "Odile Varn" });
});
