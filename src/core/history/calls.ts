import type { Depth } from "../briefing/depth";

/** One time that a crew called the base, and what it was told of it before. */
export interface CallFact {
  yacht: string;
  yachtClass: string;
  charter: string;
  /** the stop of the briefing that takes it up, by its title; null where it is of none */
  topic: string | null;
  /** hour of the day at the base, 0 to 23 */
  hour: number;
  /** how deep it was briefed; null where it was not */
  briefed: Depth | null;
  /** the crew had said in the study that this was understood */
  understood: boolean;
}

/** What crews called about: one topic, yacht, or class. */
export interface CallRow {
  name: string;
  calls: number;
  /** crews that called about it */
  crews: number;
  /** calls of crews that it was not briefed to, or only in passing */
  hardlyBriefed: number;
  /** calls of crews that had said it was understood */
  understood: number;
}

/** What the base is told to weigh for a topic: brief it deeper, or give it more minutes. */
export interface TopicProposal {
  name: string;
  what: "deeper" | "longer";
  calls: number;
  /** of these, how many speak for it */
  of: number;
}

/** What crews called about over a time, and how often. */
export interface CallHistory {
  calls: number;
  charters: number;
  /** null before the first charter */
  perHundred: number | null;
  byTopic: CallRow[];
  byYacht: CallRow[];
  byClass: CallRow[];
  /** calls by four hours of the day, from midnight */
  byHours: number[];
  proposals: TopicProposal[];
}

/** Below this many calls about one topic nothing is proposed: it may be chance. */
const fewestCalls = 3;

/**
 * What crews called about, most first, and what that asks of the briefing: a topic that most who called had hardly been
 * briefed on is proposed deeper; one that was briefed and is called about all the same, longer.
 *
 * @param charters how many charters were handed over in that time
 */
export function callHistory(facts: readonly CallFact[], charters: number): CallHistory {
  const ofTopics = facts.flatMap((fact) => (fact.topic ? [{ ...fact, topic: fact.topic }] : []));
  const byTopic = rowsOf(ofTopics, ({ topic }) => topic);
  return {
    calls: facts.length,
    charters,
    perHundred: charters === 0 ? null : (facts.length / charters) * 100,
    byTopic,
    byYacht: rowsOf(facts, ({ yacht }) => yacht),
    byClass: rowsOf(facts, ({ yachtClass }) => yachtClass),
    byHours: [0, 4, 8, 12, 16, 20].map((from) => facts.filter(({ hour }) => hour >= from && hour < from + 4).length),
    proposals: byTopic.filter(({ calls }) => calls >= fewestCalls).map(proposalOf),
  };
}

const proposalOf = ({ name, calls, hardlyBriefed }: CallRow): TopicProposal =>
  hardlyBriefed * 2 >= calls
    ? { name, what: "deeper", calls, of: hardlyBriefed }
    : { name, what: "longer", calls, of: calls - hardlyBriefed };

function rowsOf<F extends CallFact>(facts: readonly F[], nameOf: (fact: F) => string): CallRow[] {
  const groups = new Map<string, F[]>();
  for (const fact of facts) groups.set(nameOf(fact), [...(groups.get(nameOf(fact)) ?? []), fact]);
  return [...groups]
    .map(([name, of]): CallRow => ({
      ...{ name, calls: of.length },
      crews: new Set(of.map(({ charter }) => charter)).size,
      hardlyBriefed: of.filter(({ briefed }) => briefed === null || briefed === "skim").length,
      understood: of.filter(({ understood }) => understood).length,
    }))
    .toSorted((a, b) => b.calls - a.calls || (a.name < b.name ? -1 : 1));
}
