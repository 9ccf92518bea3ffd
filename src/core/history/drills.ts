/** One run of a drill that somebody made before a charter. */
export interface DrillFact {
  yacht: string;
  yachtClass: string;
  charter: string;
  device: string;
  /** codes, as often as they were made */
  mistakes: readonly string[];
  /** to the end, without mistake and without help */
  isClean: boolean;
}

/** How often one mistake was made, by how many crews. */
export interface MistakeRow {
  device: string;
  code: string;
  times: number;
  runs: number;
  crews: number;
}

/** How the drills of one device went, on all yachts or on those of one class. */
export interface DeviceRow {
  device: string;
  /** null for all classes */
  yachtClass: string | null;
  runs: number;
  crews: number;
  /** share of the runs that were clean, 0 to 1 */
  cleanShare: number;
  most: MistakeRow | null;
}

/** What the base is told to weigh: more minutes for a device, or a look whether something is odd on one yacht. */
export type DrillProposal =
  | { what: "longer"; device: string; crews: number; cleanShare: number }
  | { what: "odd"; device: string; code: string; yacht: string; runs: number; withIt: number; elsewhereShare: number };

/** What was drilled over a time, and what went wrong in it. */
export interface DrillHistory {
  runs: number;
  crews: number;
  mistakes: MistakeRow[];
  byDevice: DeviceRow[];
  byClass: DeviceRow[];
  proposals: DrillProposal[];
}

/** Below this many crews nothing is proposed: it may be chance. */
const fewestCrews = 3;
/** A device of which less than this share of the runs is clean is worth more minutes. */
const cleanBelow = 0.5;
/** A mistake that is made so many times as often on one yacht as on the others points at something odd there. */
const oddFactor = 2;

/** What was drilled before charters, which mistakes are made most, and what that asks of the briefing and of the yachts' files. */
export function drillHistory(facts: readonly DrillFact[]): DrillHistory {
  const byDevice = grouped(facts, ({ device }) => device).map((of) => deviceRow(of, null));
  return {
    runs: facts.length,
    crews: crewsOf(facts),
    mistakes: mistakesOf(facts),
    byDevice: byDevice.toSorted((a, b) => b.runs - a.runs || order(a.device, b.device)),
    byClass: grouped(facts, ({ device, yachtClass }) => `${device} ${yachtClass}`)
      .map((of) => deviceRow(of, of[0]?.yachtClass ?? null))
      .toSorted((a, b) => order(a.device, b.device) || order(a.yachtClass ?? "", b.yachtClass ?? "")),
    proposals: [
      ...byDevice.flatMap(({ device, crews, cleanShare }): DrillProposal[] =>
        crews >= fewestCrews && cleanShare < cleanBelow ? [{ what: "longer", device, crews, cleanShare }] : [],
      ),
      ...oddOnes(facts),
    ],
  };
}

const order = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
const crewsOf = (facts: readonly DrillFact[]): number => new Set(facts.map(({ charter }) => charter)).size;

function grouped<F>(facts: readonly F[], nameOf: (fact: F) => string): F[][] {
  const groups = new Map<string, F[]>();
  for (const fact of facts) groups.set(nameOf(fact), [...(groups.get(nameOf(fact)) ?? []), fact]);
  return [...groups.values()];
}

function mistakesOf(facts: readonly DrillFact[]): MistakeRow[] {
  const each = facts.flatMap((fact) => fact.mistakes.map((code) => ({ fact, code })));
  return grouped(each, ({ fact, code }) => `${fact.device} ${code}`)
    .flatMap((of): MistakeRow[] => {
      const [first] = of;
      if (!first) return [];
      const runs = new Set(of.map(({ fact }) => fact));
      return [
        {
          ...{ device: first.fact.device, code: first.code, times: of.length, runs: runs.size },
          crews: crewsOf([...runs]),
        },
      ];
    })
    .toSorted((a, b) => b.times - a.times || order(a.device, b.device) || order(a.code, b.code));
}

function deviceRow(of: readonly DrillFact[], yachtClass: string | null): DeviceRow {
  return {
    ...{ device: of[0]?.device ?? "", yachtClass, runs: of.length, crews: crewsOf(of) },
    cleanShare: of.filter(({ isClean }) => isClean).length / of.length,
    most: mistakesOf(of)[0] ?? null,
  };
}

/** Mistakes that several crews make on one yacht, and far more often there than on the others that have such a device. */
function oddOnes(facts: readonly DrillFact[]): DrillProposal[] {
  return grouped(facts, ({ device, yacht }) => `${device} ${yacht}`).flatMap((here) => {
    const [first] = here;
    if (!first) return [];
    const { device, yacht } = first;
    const elsewhere = facts.filter((fact) => fact.device === device && fact.yacht !== yacht);
    return mistakesOf(here).flatMap(({ code, crews }): DrillProposal[] => {
      const withIt = runsWith(here, code);
      const elsewhereShare = elsewhere.length === 0 ? 0 : runsWith(elsewhere, code) / elsewhere.length;
      const isOdd = elsewhere.length > 0 && withIt / here.length > oddFactor * elsewhereShare;
      return crews >= fewestCrews && isOdd
        ? [{ what: "odd", device, code, yacht, runs: here.length, withIt, elsewhereShare }]
        : [];
    });
  });
}

const runsWith = (facts: readonly DrillFact[], code: string): number =>
  facts.filter(({ mistakes }) => mistakes.includes(code)).length;
