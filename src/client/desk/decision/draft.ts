import type { SettlementItem } from "@/api/schemas/desk";
import { minorDigits, parseMoney } from "@/core/basics/money";
import type { Difference } from "@/core/comparison/compare";
import type { Decision } from "@/core/settlement/propose";

export const causes = ["charterer", "wear", "base", "unclear"] as const;

/** The fields of the form, and what they are in the body that is sent. */
export const bodyFields = {
  cause: ["cause"],
  estimate: ["estimateMinor"],
  low: ["estimateLowMinor"],
  age: ["ageMonths", "lifeMonths"],
  share: ["sharePercent"],
  goodwill: ["goodwillMinor"],
  why: ["why", "grossNegligence"],
} as const;
export type DecisionField = keyof typeof bodyFields;

/** What stands in the form, as it is typed. */
export interface DecisionDraft {
  charge: boolean;
  cause: (typeof causes)[number] | null;
  remedy: "repair" | "replace";
  estimate: string;
  low: string;
  age: string;
  life: string;
  share: string;
  /** the line of the price list that the estimate comes from */
  priced: string | null;
  disputed: boolean;
  believed: boolean;
  negligence: boolean;
  goodwill: string;
  why: string;
}

/** An amount as it is typed in; nothing for none. */
export const typedMoney = (minor: number | undefined, currency: string): string =>
  minor ? (minor / 10 ** minorDigits(currency)).toFixed(minorDigits(currency)).replace(/\.00$/, "") : "";

/** Whether somebody has caused a difference at all: fuel and hours are read, not caused. */
export const hasCause = ({ kind }: Pick<Difference, "kind">) => kind !== "reading-changed";
/** Whether it is damage, which is repaired or replaced, and not a thing that is gone. */
export const isDamage = (difference: Pick<Difference, "kind">) =>
  difference.kind !== "missing" && difference.kind !== "consumed" && hasCause(difference);
/** Whether it costs somebody something, by whose it is. */
export const costs = ({ charge, cause }: Pick<DecisionDraft, "charge" | "cause">) =>
  charge && (cause === "charterer" || cause === "unclear");

/** The form as it opens: with what was decided, else with what is proposed. */
export function firstDraft({ proposal: { line, decided }, why }: SettlementItem, currency: string): DecisionDraft {
  const damage = line?.kind === "damage" ? line : null;
  const fuel = line?.kind === "fuel" ? line : null;
  return {
    charge: line !== null,
    cause: decided && line && "cause" in line ? line.cause : null,
    remedy: damage?.remedy ?? "repair",
    estimate: typedMoney(damage?.estimateMinor, currency),
    low: typedMoney(damage?.estimateLowMinor, currency),
    age: String(damage?.ageMonths ?? 0),
    life: String(damage?.lifeMonths ?? 120),
    share: String(damage?.sharePercent ?? 100),
    priced: null,
    disputed: fuel?.doubt === undefined && (line?.disputed ?? false),
    believed: false,
    negligence: line !== null && "grossNegligence" in line && line.grossNegligence === true,
    goodwill: typedMoney(line?.goodwillMinor, currency),
    why,
  };
}

/** What is wrong in the form: where, and by which message. */
export interface WrongField {
  field: DecisionField;
  say:
    | "cause-missing"
    | "estimate-wrong"
    | "range-wrong"
    | "share-wrong"
    | "age-wrong"
    | "goodwill-why"
    | "negligence-why"
    | "believed-why";
}
const isWrong = (found: object): found is WrongField => "say" in found;

const months = (text: string) => (/^\d{1,4}$/.test(text.trim()) ? Number(text) : null);

function damageOf(
  { estimate, low, share, age, life, remedy, priced }: DecisionDraft,
  currency: string,
): Partial<Decision> | WrongField {
  const minor = parseMoney(estimate, currency);
  if (minor === null || minor === 0) return { field: "estimate", say: "estimate-wrong" };
  const lowMinor = low.trim() === "" ? minor : parseMoney(low, currency);
  if (lowMinor === null) return { field: "low", say: "estimate-wrong" };
  if (lowMinor > minor) return { field: "low", say: "range-wrong" };
  const percent = months(share);
  if (percent === null || percent > 100) return { field: "share", say: "share-wrong" };
  const [ageMonths, lifeMonths] = [months(age), months(life)];
  if (remedy === "replace" && (ageMonths === null || lifeMonths === null || lifeMonths === 0))
    return { field: "age", say: "age-wrong" };
  return {
    remedy,
    estimateMinor: minor,
    sharePercent: percent,
    ...(lowMinor < minor ? { estimateLowMinor: lowMinor } : {}),
    ...(priced === null ? {} : { priced }),
    ...(remedy === "replace" && ageMonths !== null && lifeMonths !== null ? { ageMonths, lifeMonths } : {}),
  };
}

/** The decision that a form stands for, or what is wrong in it. */
export function decisionOf(
  draft: DecisionDraft,
  difference: Pick<Difference, "kind">,
  currency: string,
): Decision | WrongField {
  if (!draft.charge) return { charge: false };
  const decision: Decision = { charge: true };
  if (hasCause(difference)) {
    if (!draft.cause) return { field: "cause", say: "cause-missing" };
    decision.cause = draft.cause;
  }
  decision.disputed = draft.disputed;
  if (isDamage(difference) && costs(draft)) {
    const found = damageOf(draft, currency);
    if (isWrong(found)) return found;
    Object.assign(decision, found);
  }
  const off = draft.goodwill.trim() === "" ? 0 : parseMoney(draft.goodwill, currency);
  if (off === null) return { field: "goodwill", say: "estimate-wrong" };
  if (off > 0) decision.goodwillMinor = off;
  if (draft.negligence && costs(draft)) decision.grossNegligence = true;
  if (draft.believed) decision.gaugeBelieved = true;
  if (draft.why.trim() !== "") return decision;
  if (off > 0) return { field: "why", say: "goodwill-why" };
  if (decision.grossNegligence) return { field: "why", say: "negligence-why" };
  return draft.believed ? { field: "why", say: "believed-why" } : decision;
}
