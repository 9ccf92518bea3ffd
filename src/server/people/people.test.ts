import { demoBase } from "@/testing/demo-base";
import { jar } from "@/testing/cookie-jar";
import type { Role } from "@/api/permissions";
import { openInvitations, staffList } from "../db/accounts";
import { staffSession } from "../auth/session";
import { signIn } from "../auth/sign-in";
import { findSession } from "../db/sessions";
import { makeGrant } from "../auth/grant";
import { tokenHash } from "../auth/token";
import { findGrant } from "../db/grants";
import { changeOwnPassword, changeStaff, withdrawInvitation } from "./change";
import { acceptInvitation, invite, invitedBy, resetLink } from "./invite";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));

const base = demoBase("people");
const now = "2027-06-12T10:12:00.000Z";
const good = "ladder copper mist violin";
const secretOf = ({ path }: { path: string }) => path.split("#")[1] ?? "";
const senna = () => base.person("Senna Ruhl");
const asked = async (email: string, roles: Role[] = ["briefer"]) => {
  const who = await senna();
  return secretOf(await base.inBase((db) => invite(db, { name: "Nell Faro", email, roles }, who)));
};
const later = async <T>(hours: number, work: () => Promise<T>): Promise<T> => {
  const before = process.env.BRINECOVE_NOW;
  process.env.BRINECOVE_NOW = new Date(Date.parse(now) + hours * 3_600_000).toISOString();
  return work().finally(() => (process.env.BRINECOVE_NOW = before));
};
beforeEach(() => jar.clear());

describe("an invitation", () => {
  it("says whom it is for, makes the account once and signs in", async () => {
    const secret = await asked(" Nell@Brinecove.example", ["briefer", "technician"]);
    expect(await invitedBy(secret)).toEqual({
      base: "Brinecove",
      name: "Nell Faro",
      email: "nell@brinecove.example",
      roles: ["briefer", "technician"],
      isReset: false,
    });
    // the secret itself is nowhere
    expect(await base.asOwner("select 1 from invitation where secret_hash = $1", [secret])).toEqual([]);
    await expect(acceptInvitation(secret, "nellfaro1234")).rejects.toMatchObject({ code: "weak-password" });
    const both = await Promise.allSettled([acceptInvitation(secret, good), acceptInvitation(secret, good)]);
    expect(both.filter(({ status }) => status === "fulfilled")).toHaveLength(1);
    expect(both.find((each) => each.status === "rejected")).toMatchObject({ reason: { code: "invitation-closed" } });
    expect(await staffSession()).toMatchObject({ name: "Nell Faro", roles: ["briefer", "technician"] });
    await expect(invitedBy(secret)).rejects.toMatchObject({ code: "invitation-closed" });
  });

  it("does not open after two days, after it was ended, nor after a newer one for the same address", async () => {
    const one = await asked("ida@brinecove.example");
    expect(await later(47, () => invitedBy(one))).toMatchObject({ name: "Nell Faro" });
    await expect(later(49, () => acceptInvitation(one, good))).rejects.toMatchObject({ code: "invitation-closed" });
    const two = await asked("ida@brinecove.example");
    await expect(invitedBy(one)).rejects.toMatchObject({ code: "invitation-closed" });
    const [open] = await base.inBase((db) => openInvitations(db, now));
    expect(open).toMatchObject({ email: "ida@brinecove.example", isReset: false });
    await base.inBase((db) => withdrawInvitation(db, open!.id));
    await expect(invitedBy(two)).rejects.toMatchObject({ code: "invitation-closed" });
    await expect(base.inBase((db) => withdrawInvitation(db, open!.id))).rejects.toMatchObject({
      code: "no-such-invitation",
    });
  });

  it("is not made for an address that has an account here; one elsewhere shows when it is taken", async () => {
    await expect(asked("MARO@brinecove.example")).rejects.toMatchObject({ code: "address-taken" });
    const secret = await asked("shared@elsewhere.example");
    await base.asOwner(
      `with b as (insert into base (id, name, place, time_zone, currency, languages, phone)
         values (gen_random_uuid(), 'Other', 'x', 'UTC', 'EUR', '{en}', '+0') returning id),
       p as (insert into person (id, base_id, name) select gen_random_uuid(), id, 'Shared' from b returning id, base_id)
       insert into staff (person_id, base_id, email, password_hash, roles)
         select id, base_id, 'shared@elsewhere.example', 'x', '{manager}' from p`,
    );
    await expect(acceptInvitation(secret, good)).rejects.toMatchObject({ code: "address-taken" });
    // nothing of it was kept: the invitation is still open
    expect(await invitedBy(secret)).toMatchObject({ email: "shared@elsewhere.example" });
    expect(await base.asOwner("select 1 from person where email = 'shared@elsewhere.example'")).toEqual([]);
  });
});

describe("a new password", () => {
  it("by link: the old one and every session with it are gone", async () => {
    await signIn("odile@brinecove.example", "sallow-tide-7");
    const before = jar.get("brinecove-desk")?.value ?? "";
    jar.clear();
    const [odile, who] = [await base.person("Odile Varn"), await senna()];
    const secret = secretOf(await base.inBase((db) => resetLink(db, odile, who)));
    expect(await invitedBy(secret)).toMatchObject({ name: "Odile Varn", isReset: true });
    await acceptInvitation(secret, good);
    expect(await findSession(tokenHash(before), now)).toBeNull();
    await expect(signIn("odile@brinecove.example", "sallow-tide-7")).rejects.toMatchObject({ code: "wrong-sign-in" });
    await signIn("odile@brinecove.example", good);
  });

  it("with the old one: this browser stays, the others do not", async () => {
    await signIn("maro@brinecove.example", "sallow-tide-7");
    const elsewhere = jar.get("brinecove-desk")?.value ?? "";
    jar.clear();
    await signIn("maro@brinecove.example", "sallow-tide-7");
    const session = (await staffSession())!;
    const change = (old: string, fresh: string) => base.inBase((db) => changeOwnPassword(db, session, { old, fresh }));
    await expect(change("guess", good)).rejects.toMatchObject({ code: "wrong-password" });
    await expect(change("sallow-tide-7", "sallow-tide-8")).rejects.toMatchObject({ code: "weak-password" });
    await change("sallow-tide-7", good);
    expect(await staffSession()).not.toBeNull();
    expect(await findSession(tokenHash(elsewhere), now)).toBeNull();
  });
});

describe("who is what", () => {
  const change = async (name: string, to: { roles: Role[]; active: boolean }) => {
    const id = await base.person(name);
    return base.inBase((db) => changeStaff(db, id, to));
  };

  it("is changed; what a session may do changes with it at once", async () => {
    await change("Ilko Brand", { roles: ["technician"], active: true });
    await signIn("ilko@brinecove.example", "sallow-tide-7");
    await change("Ilko Brand", { roles: ["office"], active: true });
    expect((await staffSession())?.roles).toEqual(["office"]);
  });

  it("never leaves the base without a manager, also when two do it to each other at once", async () => {
    await expect(change("Senna Ruhl", { roles: ["briefer"], active: true })).rejects.toMatchObject({
      code: "last-manager",
    });
    await expect(change("Senna Ruhl", { roles: ["manager"], active: false })).rejects.toMatchObject({
      code: "last-manager",
    });
    await change("Ilko Brand", { roles: ["manager"], active: true });
    const both = await Promise.allSettled([
      change("Ilko Brand", { roles: ["technician"], active: true }),
      change("Senna Ruhl", { roles: ["office"], active: true }),
    ]);
    expect(both.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);
    const managers = (await base.inBase(staffList)).filter(({ roles }) => roles.includes("manager"));
    expect(managers).toHaveLength(1);
  });

  it("ends sessions and devices with the account, and neither comes back with it", async () => {
    const manager = (await base.inBase(staffList)).find(({ roles }) => roles.includes("manager"));
    expect(manager?.name).not.toBe("Nell Faro");
    await signIn("nell@brinecove.example", good);
    const cookie = jar.get("brinecove-desk")?.value ?? "";
    const [nell, handover] = [await base.person("Nell Faro"), await base.handoverOf("BR-1059", "check-in")];
    const { token } = await base.inBase((db) => makeGrant(db, handover, nell));
    expect(await findGrant(tokenHash(token), now)).not.toBeNull();
    await change("Nell Faro", { roles: ["briefer"], active: false });
    await expect(signIn("nell@brinecove.example", good)).rejects.toMatchObject({ code: "wrong-sign-in" });
    await change("Nell Faro", { roles: ["briefer"], active: true });
    expect(await findSession(tokenHash(cookie), now)).toBeNull();
    expect(await findGrant(tokenHash(token), now)).toBeNull();
    await signIn("nell@brinecove.example", good);
  });

  it("is nobody's of another base", async () => {
    const [stranger] = await base.asOwner<{ id: string }>("select id from person where name = 'Shared'");
    await expect(
      base.inBase((db) => changeStaff(db, stranger?.id ?? "", { roles: ["briefer"], active: false })),
    ).rejects.toMatchObject({ code: "no-such-person" });
  });
});
