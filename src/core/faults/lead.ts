import type { CardPurpose } from "../yacht/parts/purposes";
import type { YachtFile } from "../yacht/schema";
import type { TroubleAnswer } from "./entry";
import type { Check, Fault } from "./fault";
import { checksLeft, type Chances } from "./next-check";
import { headsOf, saidTo, type Said, type Trouble } from "./trouble";

/** Why one is led to the base. */
export type CallReason = "found" | "licensed" | "again" | "none-left";

/** Where one is in being led: what the screen asks or says now. */
export type Stand =
  | { at: "safe" }
  | { at: "check"; check: Check; number: number; of: number }
  /** two telephones said different things */
  | { at: "fork"; check: Check; heads: readonly TroubleAnswer[] }
  /** what to do; where a motor must cool, from when on it is tried */
  | { at: "cure"; check: Check; since: string; until: string | null }
  | { at: "card"; check: Check; card: CardPurpose }
  | { at: "other-fault"; check: Check; fault: string }
  | { at: "call"; reason: CallReason; check: Check | null }
  | { at: "works"; check: Check | null };

/** The question whether all is safe, as it stands in the answers. */
export const safeCheck = "safe-first";

/**
 * Where one stands, from all that was said: safe first, then check by check, each cause to its cure, each cure tried once,
 * and to the base where a crew's part ends.
 */
export function standOf(
  file: Pick<YachtFile, "places" | "ways">,
  fault: Fault,
  trouble: Trouble,
  learned: Chances = {},
): Stand {
  if (trouble.end) return { at: "works", check: checkOf(fault, trouble.end.found) };
  if (fault.safe.length > 0 && headsOf(trouble.said, "safe", safeCheck).length === 0) return { at: "safe" };
  const done = new Set<string>();
  let standing = fault.place;
  for (const { about, check: key, heads } of trouble.said) {
    const check = about === "look" ? checkOf(fault, key) : null;
    if (!check) continue;
    if (heads.length > 1) return { at: "fork", check, heads };
    const ahead = aheadOf(trouble, check, heads[0]);
    if (ahead) return ahead;
    done.add(key);
    standing = check.place;
  }
  const [next] = checksLeft(file, fault, done, standing, learned);
  return next
    ? { at: "check", check: next, number: done.size + 1, of: fault.checks.length }
    : { at: "call", reason: "none-left", check: null };
}

const checkOf = ({ checks }: Fault, key: string | null): Check | null =>
  checks.find((each) => each.key === key) ?? null;

/** What an answer leads to before the next check; null where one goes on. */
function aheadOf(trouble: Trouble, check: Check, answer: TroubleAnswer | undefined): Stand | null {
  if (answer?.said !== "is" || check.found === "next") return null;
  const tried = headsOf(trouble.said, "tried", check.key);
  if (tried.length > 1) return { at: "fork", check, heads: tried };
  const after = tried[0]?.said;
  if (after === "went-on") return null;
  const { found } = check;
  if (found === "worked" || after === "works") return { at: "works", check };
  if (after === "not-yet") return check.isOnce ? { at: "call", reason: "again", check } : null;
  if (found === "call") return { at: "call", reason: "found", check };
  if (found === "licensed") return { at: "call", reason: "licensed", check };
  if (found === "cure") return { at: "cure", check, since: answer.at, until: untilOf(check, answer.at) };
  return "card" in found ? { at: "card", check, card: found.card } : { at: "other-fault", check, fault: found.fault };
}

/** Whether a crew’s part ends where this is found. */
export const isForBase = ({ found }: Pick<Check, "found">): boolean => found === "call" || found === "licensed";

const untilOf = ({ waitMinutes }: Check, since: string): string | null =>
  waitMinutes === null ? null : new Date(Date.parse(since) + waitMinutes * 60_000).toISOString();

/** What was last said, to be taken back: the question, with its heads. */
export const lastSaid = ({ said }: Trouble): Said | null =>
  said.toSorted((a, b) => latest(a) - latest(b)).at(-1) ?? null;
const latest = ({ heads }: Said): number => Math.max(...heads.map(({ at }) => Date.parse(at)));

/** What it was: what was said at the end, else what was found so far; null where nothing is known. */
export const causeOf = (fault: Fault, trouble: Trouble): Check | null =>
  trouble.end ? checkOf(fault, trouble.end.found) : foundBy(fault, trouble);

/** The check whose cure made it work, or that looking found; null where none is known. */
export const foundBy = (fault: Fault, trouble: Trouble): Check | null =>
  fault.checks.findLast((check) => {
    const look = saidTo(trouble, "look", check.key)?.said === "is";
    const tried = saidTo(trouble, "tried", check.key)?.said;
    return look && (tried === "works" || check.found === "worked" || (isForBase(check) && tried === undefined));
  }) ?? null;
