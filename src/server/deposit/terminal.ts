import "server-only";

/** What a card terminal answers. `no-answer` says nothing about whether it happened: ask again with the same key. */
export type TerminalAnswer = { answer: "done"; reference: string } | { answer: "declined" } | { answer: "no-answer" };

/** A card terminal. The same request key gets the same answer, so that nothing is taken twice. */
export interface DepositTerminal {
  hold: (key: string, amountMinor: number, currency: string) => Promise<TerminalAnswer>;
  capture: (key: string, holdReference: string, amountMinor: number, currency: string) => Promise<TerminalAnswer>;
  release: (key: string, holdReference: string, amountMinor: number, currency: string) => Promise<TerminalAnswer>;
}
