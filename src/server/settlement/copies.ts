import "server-only";
import { addHours, type Instant } from "@/core/basics/instant";
import type { MissingSigner } from "@/core/handover/seal";
import { stampIn } from "@/messages/stamp";
import { translatorOf } from "@/messages/translator";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { currentRules } from "../db/base-rules";
import { findStay, languageOfCharter } from "../db/charters";
import { addMessage, correspondents } from "../db/messages";
import type { Queryable } from "../db/pool";
import { firstState } from "../outbox/leaves";

/** Until when one who did not sign can object, by the base's rules. */
export async function objectUntil(db: Queryable, from: Instant): Promise<Instant> {
  const { rules } = await currentRules(db);
  return addHours(from, (rules.objectDays ?? 14) * 24);
}

/** Sends a copy at once to those who did not sign, with the reason as it was written down and the time to object. */
export async function sendCopy(
  db: Queryable,
  stayId: string,
  what: "check-out" | "statement",
  without: MissingSigner,
  until: Instant,
): Promise<void> {
  const base = await currentBase(db);
  const stay = await findStay(db, { stayId });
  if (!stay) return;
  const language = await languageOfCharter(db, stay.charterId);
  const t = translatorOf(language);
  const subject = t(`copy.subject-${what}`, { yacht: stay.yachtName, reference: stay.reference });
  const words = t("copy.words", {
    why: t(`without.${without.reason}`),
    words: without.words,
    until: stampIn(until, base.timeZone, language),
    phone: base.phone,
  });
  for (const to of await correspondents(db, stayId, "mail"))
    await addMessage(db, {
      stayId,
      kind: "copy",
      way: "mail",
      language,
      to,
      subject,
      words,
      state: firstState(base, "mail", to.address),
      at: now(),
    });
}
