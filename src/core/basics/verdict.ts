import { Type, type Static } from "@sinclair/typebox";

/** What a judgement says: `fine`, `watch` (look at it), `stop` (not like this). */
export const Verdict = Type.Union([Type.Literal("fine"), Type.Literal("watch"), Type.Literal("stop")]);
export type Verdict = Static<typeof Verdict>;

const rank: Record<Verdict, number> = { fine: 0, watch: 1, stop: 2 };

/**
 * The graver of two verdicts.
 *
 * @example graver("watch", "fine") // "watch"
 */
export function graver(a: Verdict, b: Verdict): Verdict {
  return rank[a] >= rank[b] ? a : b;
}
