import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { keepMessages, previewMessage, sendMessage } from "@/api/messages";
import type { MessagePreview, SentLink, SentMessages } from "@/api/schemas/messages";
import { templateFaults } from "@/core/messages/fill";
import { kindsOfMessage, messageKinds, type MessageKind } from "@/core/messages/kinds";
import { maySendAgain } from "@/core/messages/state";
import type { MessageTemplate } from "@/core/messages/template";
import { bookLinkFor } from "../auth/book-link";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { findStay, languageOfCharter } from "../db/charters";
import { addMessageState, findMessage, queueMessage } from "../db/messages";
import type { Queryable } from "../db/pool";
import { putList } from "../base/put-list";
import { houseAddress, leavesTheHouse } from "../outbox/leaves";
import { messageSettings, wordsOf } from "./settings";
import { addressees, sayTo, writeTo } from "./write";

async function requireStay(db: Queryable, stayId: string) {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-charter");
  return stay;
}

function needGoodWords(kind: MessageKind, template: MessageTemplate): void {
  const [fault] = templateFaults(kind, template);
  if (fault)
    throw new AppError("message-wrong", {
      kind: kind.replaceAll("-", ""),
      what: fault.what.replaceAll("-", ""),
      name: fault.name,
    });
}

/** Keeps the base's words, never over another's change unseen. */
export async function keepBaseMessages(
  db: Queryable,
  { onNumber, messages }: Static<typeof keepMessages.body>,
  personId: string,
): Promise<Record<string, never>> {
  for (const kind of messageKinds)
    for (const template of Object.values(messages.words[kind] ?? {})) if (template) needGoodWords(kind, template);
  return putList(db, "messages", { onNumber, list: messages, by: personId });
}

/** What a message to a charter's people would say, before it is sent or its words are kept. */
export async function previewOf(
  db: Queryable,
  stayId: string,
  { kind, language: asked, template }: Static<typeof previewMessage.body>,
): Promise<MessagePreview> {
  const stay = await requireStay(db, stayId);
  if (template) needGoodWords(kind, template);
  const base = await currentBase(db);
  const language = asked ?? (await languageOfCharter(db, stay.charterId));
  const said = template ?? wordsOf(await messageSettings(db), kind, language);
  const { way } = kindsOfMessage[kind];
  const to = await addressees(db, stay, kind);
  return {
    way,
    language,
    leaves: leavesTheHouse(base, way),
    to: to.map(({ name, address }) => ({ name, address })),
    ...sayTo(said, { stay, base, language, to: { name: to[0]?.name ?? stay.skipper } }),
  };
}

/** Writes to a charter's people. */
export async function sendByHand(
  db: Queryable,
  stayId: string,
  { kind }: Static<typeof sendMessage.body>,
): Promise<SentMessages> {
  await requireStay(db, stayId);
  return { written: (await writeTo(db, stayId, kind)).map(brief) };
}

/** Sends a fresh link by mail and its PIN by text. It withdraws the earlier one; what of it stays in the house is given back once. */
export async function sendLinkByHand(db: Queryable, stayId: string): Promise<SentLink> {
  const stay = await requireStay(db, stayId);
  const { path, pin } = await bookLinkFor(db, stay.charterId);
  const link = `${houseAddress()}${path}`;
  const byMail = await writeTo(db, stayId, "book-link", { secrets: { link } });
  const byText = await writeTo(db, stayId, "book-pin", { secrets: { pin } });
  const left = (written: typeof byMail) => written.length > 0 && written.every(({ state }) => state === "queued");
  return {
    written: [...byMail, ...byText].map(brief),
    link: left(byMail) ? null : link,
    pin: left(byText) ? null : pin,
  };
}

const brief = ({ kind, to, state }: Awaited<ReturnType<typeof writeTo>>[number]) => ({ kind, name: to.name, state });

/** Gives a message to the queue again, on somebody's word: the one way in which anything goes out twice. */
export async function sendOnceMore(db: Queryable, id: string): Promise<Record<string, never>> {
  const message = await findMessage(db, id);
  if (!message) throw new AppError("no-such-message");
  if (!maySendAgain(message.state)) throw new AppError("message-not-over");
  const kind = messageKinds.find((each) => each === message.kind);
  // what was secret is forgotten by now: there is nothing left to send
  if (message.kind === "invitation" || (kind && kindsOfMessage[kind].secret.length > 0))
    throw new AppError("message-was-secret");
  await addMessageState(db, id, "queued", now(), "");
  await queueMessage(db, id);
  return {};
}
