import "server-only";
import type { StayView } from "@/api/schemas/desk";
import type { Language } from "@/core/basics/languages";
import { fill } from "@/core/messages/fill";
import { kindsOfMessage, type MessageKind } from "@/core/messages/kinds";
import type { MessageTemplate } from "@/core/messages/template";
import { stampIn } from "@/messages/stamp";
import { now } from "../clock";
import { currentBase, type BaseRow } from "../db/base";
import { findStay, languageOfCharter } from "../db/charters";
import { addMessage, correspondents, type Correspondent, type NewMessage } from "../db/messages";
import type { Queryable } from "../db/pool";
import { firstState } from "../outbox/leaves";
import { messageSettings, wordsOf } from "./settings";

/** A message as it was given to the outbox. */
export interface Written {
  id: string;
  kind: MessageKind;
  to: Correspondent;
  state: NewMessage["state"];
}

interface More {
  /** what only this message can say */
  values?: Readonly<Record<string, string>>;
  secrets?: Readonly<Record<string, string>>;
  /** made where the message leaves the house */
  files?: () => Promise<NonNullable<NewMessage["files"]>>;
  /** by what it is known, where it is never written twice for one charter */
  once?: string;
}

/** Writes to the people of a charter, in its language and the base's words. What the base has no word of its own for is said as usual. */
export async function writeTo(db: Queryable, stayId: string, kind: MessageKind, more: More = {}): Promise<Written[]> {
  const stay = await findStay(db, { stayId });
  if (!stay) return [];
  const base = await currentBase(db);
  const language = await languageOfCharter(db, stay.charterId);
  const template = wordsOf(await messageSettings(db), kind, language);
  const { way } = kindsOfMessage[kind];
  const written: Written[] = [];
  for (const to of await addressees(db, stay, kind)) {
    const said = sayTo(template, { stay, base, language, to, values: more.values });
    const state = firstState(base, way, to.address);
    const id = await addMessage(db, {
      ...said,
      ...(more.secrets ? { secrets: more.secrets } : {}),
      ...(more.files && state === "queued" ? { files: await more.files() } : {}),
      ...(more.once === undefined ? {} : { once: `${kind} ${stayId} ${to.personId} ${more.once}` }),
      stayId,
      kind,
      way,
      language,
      to,
      state,
      at: now(),
    });
    if (id !== null) written.push({ id, kind, to, state });
  }
  return written;
}

/** Who of a charter's people gets a kind of message. */
export async function addressees(db: Queryable, stay: StayView, kind: MessageKind): Promise<Correspondent[]> {
  const { to, way } = kindsOfMessage[kind];
  const all = await correspondents(db, stay.stayId, way);
  return to === "both" ? all : all.filter(({ personId }) => personId === stay.skipperId);
}

/** The words of a message with the values of a charter; what is secret stays a name in braces. */
export function sayTo(
  template: MessageTemplate,
  about: {
    stay: StayView;
    base: BaseRow;
    language: Language;
    to: Pick<Correspondent, "name">;
    values?: Readonly<Record<string, string>> | undefined;
  },
): MessageTemplate {
  const { stay, base, language, to } = about;
  const values = {
    ...about.values,
    name: to.name,
    yacht: stay.yachtName,
    reference: stay.reference,
    from: stampIn(stay.startsAt, base.timeZone, language),
    until: stampIn(stay.endsAt, base.timeZone, language),
    berth: stay.berth ?? "",
    base: base.name,
    phone: base.phone,
  };
  return { subject: fill(template.subject, values), words: fill(template.words, values) };
}
