import type { TroubleAnswer, TroubleBegun, TroubleCall, TroubleEnd, TroubleEntry } from "./entry";

/** What was said on one question; more than one where two telephones did not know of each other. */
export interface Said {
  about: TroubleAnswer["about"];
  check: string;
  heads: readonly TroubleAnswer[];
}

/** One trouble, folded from its entries. */
export interface Trouble {
  id: string;
  fault: string;
  begunAt: string;
  said: readonly Said[];
  calls: readonly TroubleCall[];
  end: TroubleEnd | null;
}

/** Entries that are in the log more than once are one; the order they come in does not matter. */
export function troublesOf(entries: readonly TroubleEntry[]): Trouble[] {
  const each = [...new Map(entries.map((entry) => [entry.id, entry])).values()].toSorted(
    (a, b) => Date.parse(a.at) - Date.parse(b.at) || (a.id < b.id ? -1 : 1),
  );
  return each
    .filter((entry): entry is TroubleBegun => entry.kind === "trouble")
    .map((begun) => {
      const of = each.filter((entry) => entry.kind !== "trouble" && entry.trouble === begun.id);
      return {
        id: begun.id,
        fault: begun.fault,
        begunAt: begun.at,
        said: saidOf(of.filter((entry): entry is TroubleAnswer => entry.kind === "trouble-answer")),
        calls: of.filter((entry): entry is TroubleCall => entry.kind === "trouble-call"),
        end: of.findLast((entry): entry is TroubleEnd => entry.kind === "trouble-end") ?? null,
      };
    });
}

/** Answers in the order they were first given; equal ones that did not know of each other are one. */
function saidOf(answers: readonly TroubleAnswer[]): Said[] {
  const replaced = new Set(answers.flatMap(({ basis }) => basis));
  const byQuestion = new Map<string, TroubleAnswer[]>();
  for (const answer of answers) {
    const question = `${answer.about} ${answer.check}`;
    byQuestion.set(question, [...(byQuestion.get(question) ?? []), answer]);
  }
  return [...byQuestion.values()].flatMap((all) => {
    const [first] = all;
    const heads = all.filter(({ id }) => !replaced.has(id));
    if (!first || heads.length === 0) return [];
    const different = [...new Map(heads.map((head) => [head.said, head])).values()];
    return [{ about: first.about, check: first.check, heads: different.length > 1 ? heads : heads.slice(0, 1) }];
  });
}

/** The one answer to a question; null where there is none, or two that differ. */
export const saidTo = ({ said }: Trouble, about: Said["about"], check: string): TroubleAnswer | null => {
  const heads = headsOf(said, about, check);
  return heads.length === 1 ? (heads[0] ?? null) : null;
};

export const headsOf = (said: readonly Said[], about: Said["about"], check: string): readonly TroubleAnswer[] =>
  said.find((each) => each.about === about && each.check === check)?.heads ?? [];
