import { digestOf } from "../core/basics/digest";

/** What the simulated card is to do; chosen on the screen that says it is simulated. */
export type SimulatedCard = "approves" | "declines" | "no-answer";

interface Book {
  find: (key: string) => Promise<{ reference: string; answer: string } | null>;
  write: (
    key: string,
    reference: string,
    action: string,
    amountMinor: number,
    currency: string,
    answer: string,
  ) => Promise<void>;
}

type Answer = { answer: "done"; reference: string } | { answer: "declined" } | { answer: "no-answer" };

/**
 * A card terminal that ships with the app. It keeps its own book, answers a repeated request with its first answer,
 * and does what it is told the card does. A request that gets no answer is not booked: asked again, it may go through.
 */
export function simulatedTerminal(book: Book, card: SimulatedCard) {
  const ask = async (action: string, key: string, amountMinor: number, currency: string): Promise<Answer> => {
    const before = await book.find(key);
    if (before)
      return before.answer === "done" ? { answer: "done", reference: before.reference } : { answer: "declined" };
    if (card === "no-answer") return { answer: "no-answer" };
    const answer = card === "declines" ? "declined" : "done";
    const reference = `SIM-${digestOf(key).slice(0, 10).toUpperCase()}`;
    await book.write(key, reference, action, amountMinor, currency, answer);
    return answer === "done" ? { answer, reference } : { answer };
  };
  return {
    hold: (key: string, amountMinor: number, currency: string) => ask("hold", key, amountMinor, currency),
    capture: (key: string, _hold: string, amountMinor: number, currency: string) =>
      ask("capture", key, amountMinor, currency),
    release: (key: string, _hold: string, amountMinor: number, currency: string) =>
      ask("release", key, amountMinor, currency),
  };
}
