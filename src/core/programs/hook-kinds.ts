/** What an address of another program can be told of. */
export const hookKinds = [
  "charter-entered",
  "charter-changed",
  "charter-called-off",
  "charter-taken-back",
  "check-in-signed",
  "check-out-signed",
  "statement-signed",
] as const;
export type HookKind = (typeof hookKinds)[number];

/** How a call to such an address came out. */
export type HookCallState = "told" | "failed" | "given-up" | "simulated";

/** How often an address is called about one thing: over some fifteen hours, at growing distances. */
export const mostCalls = 12;

/**
 * How a call stands by what came back. An address that says it is gone for good (410) is not called again about it.
 *
 * @param status of the answer; null where none came
 * @param attempt which call it was, from 1 on
 */
export function stateOfCall(status: number | null, attempt: number): "told" | "failed" | "given-up" {
  if (status !== null && status >= 200 && status < 300) return "told";
  return status === 410 || attempt >= mostCalls ? "given-up" : "failed";
}
