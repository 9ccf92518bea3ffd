import { clausesOf } from "../clauses";
import { enginesOf } from "../figures/engines";
import type { Found } from "../finding";
import type { TruthRule } from "./rule";

/** How a lever and its button stand, as texts say it. */
const stands: Readonly<Record<string, readonly RegExp[]>> = {
  lever: [/\b(upright|vertical)\b/, /\b(level|flat|horizontal|lying)\b/, /\b(middle|centred?)\b/],
  button: [
    /\b(springs?|sprung) (out|back)\b|\bsprings? out by itself\b/,
    /\b(pressed in|goes in|pushed in|press(?:ed)? it in)\b/,
  ],
};

/** Which of some ways a text says; nothing where it says none or several. */
function said(ways: readonly RegExp[], words: string): number | null {
  const found = ways.flatMap((way, i) => (way.test(words) ? [i] : []));
  return found.length === 1 ? found[0]! : null;
}

/** How neutral is proved is the same wherever it is told. */
export const neutralSays: TruthRule = {
  name: "neutral-says",
  find: (boat) =>
    boat.texts.flatMap((text): Found[] => {
      if (text.collection === "engines" || !/\b(lever|levers|neutral|upright)\b/i.test(text.words)) return [];
      const engines = enginesOf(boat, text).filter(([, { neutral }]) => neutral !== undefined);
      if (engines.length === 0 || /\bwheel brake|pilot\b/i.test(text.title)) return [];
      const clauses = clausesOf(text.words)
        .map((clause) => clause.toLowerCase())
        .filter((clause) => /\b(neutral|levers?|buttons?)\b/.test(clause) && !/\b(ahead|astern)\b/.test(clause));
      const wrong = engines.find(([, { neutral }]) =>
        Object.values(stands).some((ways) => {
          const is = said(ways, (neutral?.en ?? "").toLowerCase());
          const says = clauses.map((clause) => said(ways, clause)).filter((each) => each !== null);
          return is !== null && says.some((each) => each !== is);
        }),
      );
      return wrong ? [{ path: text.path, code: "says-other", fact: `/engines/${wrong[0]}/neutral` }] : [];
    }),
};
