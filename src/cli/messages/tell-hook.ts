import { Webhook } from "standardwebhooks";
import { stateOfCall, type HookCallState } from "../../core/programs/hook-kinds";
import { addHookCall, hookToTell } from "../../server/db/hooks";
import type { Queryable } from "../../server/db/pool";
import { postJson } from "../../server/http-out/post";
import { TryLater } from "./send";

/**
 * Tells one address one thing, signed as Standard Webhooks has it: the receiver knows by the signature that it comes from
 * here, and by the id that it has it already. What is told names the charter and nobody: the rest is asked for by token.
 *
 * @param owner a connection as the owner of the tables
 * @param at the instant, for the signature and the log
 * @throws TryLater where another call is due
 */
export async function tellHook(owner: Queryable, eventId: string, at: Date): Promise<HookCallState | null> {
  const event = await hookToTell(owner, eventId);
  if (!event || event.isEnded) return null;
  const note = async (state: HookCallState, detail: string) => {
    await addHookCall(owner, eventId, { state, detail, at: at.toISOString() });
    return state;
  };
  if (event.isDemo) return note("simulated", "");
  const { id, address, secret, body, calls } = event;
  const { kind, ...data } = body as { kind: string };
  const text = JSON.stringify({ type: kind, timestamp: new Date(event.at).toISOString(), data });
  const { status, detail } = await postJson(address, text, {
    "webhook-id": id,
    "webhook-timestamp": String(Math.floor(at.getTime() / 1000)),
    "webhook-signature": new Webhook(secret).sign(id, at, text),
  });
  const state = await note(stateOfCall(status, calls + 1), detail);
  if (state === "failed") throw new TryLater(detail);
  return state;
}
