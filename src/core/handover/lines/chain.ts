import { Type, type Static } from "@sinclair/typebox";
import type { Said } from "../../basics/said";
import { Words } from "../../basics/words";
import { lineOf, valueOf } from "./common";
import type { LineInput } from "./line-input";
import type { LineKind } from "./line-kind";

export const ChainLine = lineOf("chain", {
  /** metres of chain by her file */
  chainM: Type.Number({ exclusiveMinimum: 0, maximum: 300 }),
  /** what is marked on it, shortest first */
  marks: Type.Array(Type.Object({ atM: Type.Number(), colour: Words }, { additionalProperties: false })),
});
export type ChainLine = Static<typeof ChainLine>;

/** Metres of chain, paid out to its end and read against its marks. */
export const ChainValue = valueOf({ metres: Type.Number({ minimum: 0, maximum: 300 }) });
export type ChainValue = Static<typeof ChainValue>;

/** What a chain is by type. */
export interface Chain {
  name: "chain";
  aspect: "chain";
  line: ChainLine;
  value: ChainValue;
  reason: "chain-other";
  difference: "chain-shorter" | "chain-longer";
}

/** Between marks the length is judged by eye: less than this is no difference. Our own rule of thumb. */
const toleranceM = 1;

const rounded = (metres: number) => Math.round(metres * 10) / 10;
const isOther = ({ chainM }: ChainLine, { metres }: ChainValue) => Math.abs(metres - chainM) > toleranceM;

const fromFile = ({ yacht: { file } }: LineInput): ChainLine[] =>
  Object.entries(file.groundTackle)
    .filter(([, tackle]) => tackle.measured === true && tackle.chainM > 0)
    .map(([key, { name, place, chainM, marks }]) => ({
      id: `chain:${key}`,
      kind: "chain",
      place,
      name,
      system: "anchoring",
      safety: false,
      chainM,
      marks: [...marks].sort((a, b) => a.atM - b.atM),
    }));

/** Chain paid out against its marks and recorded as metres, on the ground tackle that her file says is measured. */
export const chain: LineKind<Chain> = {
  name: "chain",
  schema: ChainLine,
  aspect: "chain",
  valueSchema: () => ChainValue,
  fromFile,
  seconds: 240,
  fields: ({ marks }) => [
    {
      name: "metres",
      type: "number",
      least: 0,
      most: 300,
      taps: marks.map(({ atM, colour }) => ({
        value: atM,
        words: Object.fromEntries(Object.entries(colour).map(([language, said]) => [language, `${atM} m ${said}`])),
      })),
    },
  ],
  how: ({ marks }) => ({ key: "chain.how", values: { marks: marks.length } }),
  caution: () => ({ key: "chain.caution" }),
  verdict: (line, value) => (isOther(line, value) ? "watch" : "fine"),
  words: (line, value): Said =>
    isOther(line, value)
      ? { key: "chain.said-other", values: { metres: value.metres, chainM: line.chainM } }
      : { key: "chain.said", values: { metres: value.metres } },
  compare: (line, was, is) => {
    const change = rounded(is.metres - (was?.metres ?? line.chainM));
    if (Math.abs(change) <= toleranceM) return null;
    return { kind: change < 0 ? "chain-shorter" : "chain-longer", change, ...(was ? {} : { unknownSince: true }) };
  },
  isDefect: (line, value) => value.metres < line.chainM && isOther(line, value),
  reasons: (line, value) => (isOther(line, value) ? [{ code: "chain-other", blocks: false }] : []),
  group: () => "deck",
  paper: () => [{ say: { key: "field.metres" }, blank: "after" }],
  sample: (line) => ({ metres: line.chainM }),
};
