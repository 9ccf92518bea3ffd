import { addDays, dayIn, type Instant } from "../basics/instant";
import { kindsOfMessage, messageKinds, type MessageKind } from "./kinds";

/** A charter as far as what is sent by itself depends on it. */
export interface RemindedStay {
  startsAt: Instant;
  endsAt: Instant;
  hasStudied: boolean;
  isHandedOver: boolean;
  isBack: boolean;
  /** kinds that were sent already, by whom ever */
  sent: readonly MessageKind[];
}

/** The hour at the base from which messages go by themselves: nobody is woken by one. */
export const fromHour = 9;
const untilHour = 20;

/**
 * Which messages of a charter are due by themselves: from the morning of their day until its charter begins or ends.
 * Nothing twice; no reminder to study to who has studied; nothing about coming back to who is back or has not left.
 *
 * @param byHandOnly kinds that the base sends by hand
 */
export function dueMessages(
  stay: RemindedStay,
  at: Instant,
  timeZone: string,
  byHandOnly: readonly MessageKind[],
): MessageKind[] {
  const hour = Number(
    new Intl.DateTimeFormat("en-GB", { hour: "2-digit", hourCycle: "h23", timeZone }).format(new Date(at)),
  );
  if (hour < fromHour || hour >= untilHour) return [];
  const today = dayIn(at, timeZone);
  return messageKinds.filter((kind) => {
    const { before } = kindsOfMessage[kind];
    if (before === null || byHandOnly.includes(kind) || stay.sent.includes(kind)) return false;
    const moment = before.moment === "start" ? stay.startsAt : stay.endsAt;
    const day = addDays(dayIn(moment, timeZone), -before.days);
    if (today < day || moment <= at) return false;
    if (before.moment === "end") return stay.isHandedOver && !stay.isBack;
    return !stay.isHandedOver && !(kind === "study-reminder" && stay.hasStudied);
  });
}
