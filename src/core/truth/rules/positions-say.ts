import type { Boat } from "../boat";
import type { Found } from "../finding";
import type { Text } from "../texts";
import { nameWords } from "../things";
import type { TruthRule } from "./rule";

const pair = /\b(up|middle|down|left|right|in|out)\b(?:\s+(?:is|for|to|means))?\s+([\p{L}-]+)/giu;
const setTo = /\b(?:selector|knob|switch)\s+(?:through off\s+)?to\s+([\p{L}-]+)/giu;

const tool = new Set(["switch", "breaker", "selector", "control"]);

/** A fitting with positions, by the words that say what it switches. */
interface Switch {
  key: string;
  what: readonly string[];
  isSelector: boolean;
}

const switchesOf = ({ file }: Boat): Switch[] =>
  Object.entries(file.fittings).flatMap(([key, { name, positions }]) => {
    const words = nameWords(name.en ?? "");
    return positions
      ? [{ key, what: words.filter((word) => !tool.has(word)), isSelector: words.includes("selector") }]
      : [];
  });

/** The fittings that a text is about, with the switch of what it is about: "Electric bilge pump" and the bilge pump's switch. */
function aboutOf(boat: Boat, switches: readonly Switch[], text: Text): string[] {
  const words = new Set(nameWords(`${text.title} ${text.words}`));
  const meant = switches.filter(({ what, isSelector }) =>
    what.length > 1 ? what.every((word) => words.has(word)) : isSelector && words.has("selector"),
  );
  return [...new Set([...boat.fittingsOf(text), ...meant.map(({ key }) => key)])];
}

/** What stands where on a switch, breaker or selector is the same wherever it is told. */
export const positionsSay: TruthRule = {
  name: "positions-say",
  find: (boat) => {
    const switches = switchesOf(boat);
    return boat.texts.flatMap((text): Found[] =>
      aboutOf(boat, switches, text).flatMap((key): Found[] => {
        const { positions, kind } = boat.file.fittings[key] ?? {};
        if (!positions || (text.collection === "fittings" && text.key === key && text.field.startsWith("positions")))
          return [];
        const names = positions.stands.map((stand) => (stand.name.en ?? "").toLowerCase());
        const at = new Map(positions.stands.map((stand) => [stand.at as string, (stand.name.en ?? "").toLowerCase()]));
        const words = text.words.toLowerCase();
        const elsewhere = [...words.matchAll(pair)].some(
          ([, where = "", name = ""]) => names.includes(name) && at.get(where) !== name,
        );
        const nowhere =
          kind === "switch" &&
          /selector/i.test(boat.file.fittings[key]?.name.en ?? "") &&
          [...words.matchAll(setTo)].some(([, name = ""]) => !names.includes(name));
        return elsewhere || nowhere
          ? [{ path: text.path, code: "says-other", fact: `/fittings/${key}/positions` }]
          : [];
      }),
    );
  },
};
