import type pg from "pg";
import { fill } from "../../core/messages/fill";
import { isOver, stateAfter, type Attempt, type MessageState } from "../../core/messages/state";
import { filesOfMessage, noteMessageState, takeMessage, type MessageToSend } from "../../server/db/message-queue";
import type { Mail } from "./mail";

/** How often a message is tried: over some nine hours, at growing distances. */
export const mostAttempts = 10;

/** Another attempt is due later. */
export class TryLater extends Error {}

/**
 * Sends one message of the queue, and notes each step before and after it, so that a process that is killed in between
 * leaves a message that is known to be unclear and is not sent twice.
 *
 * @param owner a connection as the owner of the tables, with no transaction open
 * @throws TryLater where another attempt is due
 */
export async function sendFromQueue(
  owner: pg.ClientBase,
  id: string,
  attempt: number,
  carry: ((mail: Mail) => Promise<Attempt>) | null,
  at: () => string,
): Promise<MessageState | null> {
  const note = async (state: MessageState, detail: string) => {
    await noteMessageState(owner, id, { state, at: at(), detail, isOver: isOver(state) });
    return state;
  };
  const begun = await inTransaction(owner, async () => {
    const message = await takeMessage(owner, id);
    if (!message || isOver(message.state)) return null;
    const { toAddress, isDemo, way } = message;
    if (message.state === "sending") await note("unclear", "");
    else if (isDemo || way === "text" || carry === null) await note("simulated", "");
    else if (toAddress === null) await note("no-address", "");
    else {
      const files = await filesOfMessage(owner, id);
      await note("sending", "");
      return mailOf(message, toAddress, files);
    }
    return null;
  });
  if (begun === null || carry === null) return null;
  const outcome = await carry(begun);
  const state = await inTransaction(owner, () => note(stateAfter(outcome, attempt, mostAttempts), outcome.detail));
  if (state === "failed") throw new TryLater(outcome.detail);
  return state;
}

const mailOf = (message: MessageToSend, address: string, files: Mail["files"]): Mail => ({
  id: message.id,
  fromName: message.baseName,
  to: { name: message.toName, address },
  subject: message.subject,
  words: fill(message.words, message.secrets),
  files,
});

async function inTransaction<T>(client: pg.ClientBase, work: () => Promise<T>): Promise<T> {
  await client.query("begin");
  try {
    const result = await work();
    await client.query("commit");
    return result;
  } catch (error) {
    await client.query("rollback");
    throw error;
  }
}
