/** A movement of money in a book: the base's own, or the terminal's. */
export interface Movement {
  /** the request it was made with */
  key: string;
  action: "hold" | "capture" | "release";
  amountMinor: number;
  currency: string;
  reference: string | null;
}

/** Where two books differ about one request. */
export interface BookDifference {
  key: string;
  action: Movement["action"];
  code: "not-at-terminal" | "not-here" | "other-amount" | "other-action" | "other-reference";
  /** null where that book has nothing of it */
  hereMinor: number | null;
  terminalMinor: number | null;
  currency: string;
  reference: string | null;
}

/**
 * Compares the base's book with the terminal's, request by request. A difference is named and never smoothed: which of
 * the two is right is for people to find out.
 */
export function compareBooks(here: readonly Movement[], terminal: readonly Movement[]): BookDifference[] {
  const theirs = new Map(terminal.map((each) => [each.key, each]));
  const ours = new Set(here.map(({ key }) => key));
  return [
    ...here.flatMap((mine): BookDifference[] => {
      const other = theirs.get(mine.key) ?? null;
      const code = differenceOf(mine, other);
      return code
        ? [{ ...shown(mine), code, hereMinor: mine.amountMinor, terminalMinor: other?.amountMinor ?? null }]
        : [];
    }),
    ...terminal
      .filter(({ key }) => !ours.has(key))
      .map((other): BookDifference => ({
        ...shown(other),
        code: "not-here",
        hereMinor: null,
        terminalMinor: other.amountMinor,
      })),
  ];
}

const shown = ({ key, action, currency, reference }: Movement) => ({ key, action, currency, reference });

function differenceOf(mine: Movement, other: Movement | null): BookDifference["code"] | null {
  if (!other) return "not-at-terminal";
  if (other.action !== mine.action) return "other-action";
  if (other.amountMinor !== mine.amountMinor || other.currency !== mine.currency) return "other-amount";
  return other.reference === mine.reference ? null : "other-reference";
}
