const most = 5;
const keyOf = (yacht: string) => `brinecove-asked-${yacht}`;

/** What was asked of a yacht on this device lately, the last first. */
export function askedBefore(yacht: string): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(yacht)) ?? "[]");
    return Array.isArray(kept) ? kept.filter((each): each is string => typeof each === "string").slice(0, most) : [];
  } catch {
    return [];
  }
}

/** Keeps a question that led somewhere. */
export function keepAsked(yacht: string, asked: string): string[] {
  const words = asked.trim();
  const before = askedBefore(yacht);
  if (words === "") return before;
  const now = [words, ...before.filter((each) => each.toLowerCase() !== words.toLowerCase())].slice(0, most);
  localStorage.setItem(keyOf(yacht), JSON.stringify(now));
  return now;
}

/** Forgets what was asked, when the book leaves this device. */
export const forgetAsked = (yacht: string): void => localStorage.removeItem(keyOf(yacht));
