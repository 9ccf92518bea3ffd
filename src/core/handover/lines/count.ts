import { Type, type Static } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { entriesByOrder } from "../../yacht/by-order";
import { filledWords } from "../../yacht/figures";
import { Group, JacketKg, Key } from "../../yacht/schema";
import type { Said } from "../../basics/said";
import { lineOf, valueOf } from "./common";
import type { LineInput } from "./line-input";
import type { LineKind, LineReason } from "./line-kind";

export const CountLine = lineOf("count", {
  where: Words,
  group: Group,
  /** what ought to be there: by the yacht file at check-in, what was found at check-in at check-out */
  expected: Type.Integer({ minimum: 0 }),
  perPerson: Type.Boolean(),
  /** for a life jacket: whom it fits by weight */
  jacketKg: Type.Optional(JacketKg),
  /** for a life raft: how many people it takes */
  raftPlaces: Type.Optional(Type.Integer({ minimum: 1 })),
  replacementMinor: Type.Integer({ minimum: 0 }),
  boughtOn: Type.String(),
  lifeMonths: Type.Integer({ minimum: 1 }),
  /** used up in use: what is gone is no loss */
  consumed: Type.Optional(Type.Boolean()),
});
export type CountLine = Static<typeof CountLine>;

/** How many there are; `together` when it was confirmed with its neighbours in one look, which only small household things may be. */
export const CountValue = valueOf({
  count: Type.Integer({ minimum: 0, maximum: 9999 }),
  together: Type.Optional(Type.Literal(true)),
});
export type CountValue = Static<typeof CountValue>;

/** Where a counted thing lies for this charter, if not where the list says; null puts it back. */
export const FoundInValue = valueOf({ place: Type.Union([Key, Type.Null()]) });
export type FoundInValue = Static<typeof FoundInValue>;

/** What a count is by type. */
export interface Count {
  name: "count";
  aspect: "count";
  line: CountLine;
  value: CountValue;
  reason: "per-person-short" | "safety-short" | "count-short";
  difference: "missing" | "consumed" | "extra" | "moved";
}

/** How many of a thing must be there for people to leave with it. */
export const neededCount = (line: CountLine, aboard: number): number => (line.perPerson ? aboard : line.expected);

function fromFile({ yacht: { file }, checkIn }: LineInput): CountLine[] {
  return entriesByOrder(file.inventory).map(([key, item]) => ({
    id: `count:${key}`,
    kind: "count",
    place: checkIn?.foundIn[`count:${key}`] ?? item.place,
    name: item.name,
    system: item.system,
    safety: item.safety ?? false,
    where: filledWords(file, item.where),
    group: item.group,
    expected: checkIn?.counts[`count:${key}`] ?? item.expected,
    perPerson: item.perPerson ?? false,
    ...(item.matter ? { matter: item.matter } : {}),
    ...(item.jacketKg ? { jacketKg: item.jacketKg } : {}),
    ...(item.raftPlaces ? { raftPlaces: item.raftPlaces } : {}),
    ...(item.consumed ? { consumed: true } : {}),
    replacementMinor: item.replacementMinor,
    boughtOn: item.boughtOn,
    lifeMonths: item.lifeMonths,
  }));
}

/** One for each aboard where the list says so, all of what is safety, the rest as a remark. Jackets are given out by weight, which says more than their number. */
function reasons(line: CountLine, { count: have }: CountValue, aboard: number): LineReason<Count["reason"]>[] {
  const need = neededCount(line, aboard);
  const isJacket = line.jacketKg !== undefined;
  if (line.perPerson && !isJacket && have < need)
    return [{ code: "per-person-short", blocks: true, counts: { have, need } }];
  if (have >= line.expected) return [];
  const counts = { have, need: line.expected };
  return line.safety && !line.perPerson && !isJacket
    ? [{ code: "safety-short", blocks: true, counts }]
    : [{ code: "count-short", blocks: false, counts }];
}

/** A thing to be counted. */
export const count: LineKind<Count> = {
  name: "count",
  schema: CountLine,
  aspect: "count",
  valueSchema: () => CountValue,
  besides: { "found-in": FoundInValue },
  fromFile,
  seconds: 8,
  verdict: (line, { count: found }) => {
    if (found >= line.expected) return found === line.expected ? "fine" : "watch";
    return line.safety ? "stop" : "watch";
  },
  words: ({ expected }, { count: found, together }): Said => {
    if (found < expected)
      return { key: "line.counted-short", values: { count: found, expected, short: expected - found } };
    return found > expected
      ? { key: "line.counted-more", values: { count: found, expected, more: found - expected } }
      : { key: together ? "line.counted-together" : "line.counted-all", values: { count: found } };
  },
  compare: (line, was, is, { had, moved }) => {
    const change = is.count - (had ?? was?.count ?? line.expected);
    if (change < 0) return { kind: line.consumed ? "consumed" : "missing", change };
    if (change > 0) return { kind: "extra", change };
    return moved ? { kind: "moved", change: 0 } : null;
  },
  isDefect: () => false,
  reasons,
  group: (line) => line.group,
  paper: () => [{ say: { key: "left-paper.pieces" }, blank: "before" }],
  sample: (line) => ({ count: line.expected }),
};
