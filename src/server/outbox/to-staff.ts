import "server-only";
import { usualLanguage } from "@/core/basics/languages";
import { fill } from "@/core/messages/fill";
import { stampIn } from "@/messages/stamp";
import { englishTranslator } from "@/messages/translator";
import { now } from "../clock";
import { staffAccount } from "../db/accounts";
import { currentBase } from "../db/base";
import { deviceNow } from "../db/doer";
import { addMessage, type NewMessage } from "../db/messages";
import type { Queryable } from "../db/pool";
import { firstState, houseAddress, leavesTheHouse } from "./leaves";

/** Tells somebody of the base that they signed in on a device they were not seen on before. */
export async function tellNewDevice(db: Queryable, personId: string): Promise<void> {
  const account = await staffAccount(db, personId);
  if (!account) return;
  const { timeZone } = await currentBase(db);
  const values = { at: stampIn(now(), timeZone), device: deviceNow() ?? "" };
  await write(db, "new-device", { personId, name: account.name, address: account.email }, values, {});
}

/** Mails an invitation where mail leaves the house; elsewhere it is handed over. */
export async function mailInvitation(
  db: Queryable,
  who: { personId: string | null; name: string; email: string },
  path: string,
): Promise<void> {
  if (!leavesTheHouse(await currentBase(db), "mail")) return;
  const to = { personId: who.personId, name: who.name, address: who.email };
  await write(db, "invitation", to, {}, { link: `${houseAddress()}${path}` });
}

async function write(
  db: Queryable,
  kind: "new-device" | "invitation",
  to: NewMessage["to"],
  values: Readonly<Record<string, string>>,
  secrets: Readonly<Record<string, string>>,
): Promise<void> {
  const base = await currentBase(db);
  const t = englishTranslator();
  const said = (key: string) => fill(String(t.raw(key as never)), { ...values, name: to.name, base: base.name });
  await addMessage(db, {
    stayId: null,
    kind,
    way: "mail",
    language: usualLanguage,
    to,
    subject: said(`staff-message.${kind}-subject`),
    words: said(`staff-message.${kind}-words`),
    secrets,
    state: firstState(base, "mail", to.address),
    at: now(),
  });
}
