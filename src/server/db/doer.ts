import "server-only";
import { AsyncLocalStorage } from "node:async_hooks";
import { randomUUID } from "node:crypto";
import { now } from "../clock";

/** Who does something, from where and by which endpoint or task: what the log of deeds is kept with. */
export interface Doer {
  kind: "staff" | "charter" | "device" | "anyone" | "house" | "program";
  /** the endpoint's or the task's name */
  action: string;
  person?: string;
  session?: string;
  grant?: string;
  /** what the browser, or the program, calls itself */
  device?: string;
}

const doing = new AsyncLocalStorage<Doer & { request: string }>();

/** Does work in somebody's name: every transaction inside it is kept under that name, as one request. */
export const asDoer = <T>(doer: Doer, work: () => Promise<T>): Promise<T> =>
  doing.run({ ...doer, request: randomUUID() }, work);

/** What the browser calls itself in whose name something is done now; null where nobody says. */
export const deviceNow = (): string | null => doing.getStore()?.device ?? null;

/** In whose name a transaction that begins now is kept: the house's own where nobody is named. */
export const doerNow = (): string =>
  JSON.stringify({ ...(doing.getStore() ?? { kind: "house", action: "house", request: randomUUID() }), at: now() });
