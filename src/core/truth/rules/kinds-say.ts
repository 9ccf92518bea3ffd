import type { YachtFile } from "../../yacht/schema";
import type { Boat } from "../boat";
import type { Found } from "../finding";
import type { Text } from "../texts";
import type { TruthRule } from "./rule";

/** A kind of device: where it applies, and words that are true of another kind alone. */
interface KindWords {
  /** JSON pointer of the fact, where the boat is of this kind; null where not */
  fact: (file: YachtFile) => string | null;
  about: (text: Text, boat: Boat) => boolean;
  untrue: RegExp;
}

const find = <T>(parts: Record<string, T>, is: (part: T) => boolean, path: (key: string) => string): string | null => {
  const found = Object.entries(parts).find(([, part]) => is(part));
  return found ? path(found[0]) : null;
};
const all = <T>(parts: Record<string, T>, is: (part: T) => boolean) =>
  Object.values(parts).length > 0 && Object.values(parts).every(is);
const titled = (words: RegExp) => (text: Text) => words.test(`${text.title} ${text.words}`);
const relief =
  (kind: string) =>
  ({ groundTackle }: YachtFile) =>
    find(
      groundTackle,
      (part) => part.windlass !== undefined && part.relief === kind,
      (key) => `/groundTackle/${key}/relief`,
    );
const tender =
  (words: RegExp) =>
  ({ tenders }: YachtFile) =>
    find(
      tenders,
      ({ name }) => words.test(name.en ?? ""),
      (key) => `/tenders/${key}/name`,
    );
const ofTender = (text: Text) =>
  /\btender|dinghy\b/i.test(text.title) || (text.collection === "tenders" && text.field === "stowed");
const ofHead = (text: Text, { file }: Boat) =>
  Object.values(file.heads).some(({ place }) => place === text.place) && /\bhead|bowl\b/i.test(text.title);

const kinds: readonly KindWords[] = [
  {
    fact: relief("belayed-rope"),
    about: titled(/snubber|bridle|chain stop/i),
    untrue: /\b(snubber('s)?|bridle('s)?|chain stop)\b/i,
  },
  { fact: relief("chain-stop"), about: titled(/snubber|bridle/i), untrue: /\b(snubber|bridle)('s)?\b/i },
  { fact: relief("snubber"), about: titled(/bridle|chain stop/i), untrue: /\b(bridle('s)?|chain stop)\b/i },
  { fact: relief("bridle"), about: titled(/snubber|chain stop/i), untrue: /\b(snubber('s)?|chain stop)\b/i },
  {
    fact: ({ sails }) =>
      find(
        sails,
        ({ kind }) => kind === "main-in-mast",
        (key) => `/sails/${key}/kind`,
      ),
    about: titled(/\b(main|mainsail|sails?|halyard|reef)\b/i),
    untrue:
      /\b(into the bag|lazy ?jacks|lazy lines|reef lines?|halyard down|halyard off|topping lift|tack on (its|the) hook|hoist|batten pockets|on the boom|zip shut|mainsail bag)\b/i,
  },
  {
    fact: ({ sails }) =>
      find(
        sails,
        ({ kind }) => kind === "main-slab",
        (key) => `/sails/${key}/kind`,
      ),
    about: titled(/\b(main|mainsail)\b/i),
    untrue: /\b(rolls? into the mast|rolled into the mast|in-mast|mast furler|ratchet|outhaul in steps)\b/i,
  },
  {
    fact: ({ heads }) =>
      all(heads, ({ kind }) => kind === "electric") ? `/heads/${Object.keys(heads)[0]}/kind` : null,
    about: ofHead,
    untrue: /\b(strokes|pump rod|lever to (flush|dry)|dry side|flush side|pump handle|pumps? it through|head pump)\b/i,
  },
  {
    fact: ({ heads }) => (all(heads, ({ kind }) => kind === "manual") ? `/heads/${Object.keys(heads)[0]}/kind` : null),
    about: ofHead,
    untrue: /\b(press flush|hold flush|flush button|hums)\b/i,
  },
  {
    fact: tender(/\brigid\b/i),
    about: ofTender,
    untrue:
      /\b(rolled (in|up)|roll it|blow up|blown up|inflat\w*|deflat\w*|then air|firm to the thumb|sides first|with floor|in its bag|tubes|tender's bag)\b/i,
  },
  {
    fact: tender(/\b(rubber|inflatable)\b/i),
    about: ofTender,
    untrue: /\b(rigid|keel up|in the davits)\b/i,
  },
  {
    fact: ({ engines }) =>
      all(engines, ({ kind }) => kind === "diesel") ? `/engines/${Object.keys(engines)[0]}/kind` : null,
    about: (text) =>
      ["engine", "fuel"].includes(text.collection) || /\b(engine|fuel filler|diesel)\b/i.test(text.title),
    untrue: /\b(petrol|spark plug|choke|kill cord)\b/i,
  },
  {
    fact: ({ engines }) =>
      all(engines, ({ kind }) => kind !== "diesel") ? `/engines/${Object.keys(engines)[0]}/kind` : null,
    about: titled(/\b(engine|outboard|fuel|motor)\b/i),
    untrue: /\bdiesel\b/i,
  },
  {
    fact: ({ engines }) =>
      all(engines, ({ kind }) => kind === "electric-drive") ? `/engines/${Object.keys(engines)[0]}/kind` : null,
    // she has no other engine but what hangs on the tender, or heats and lights her
    about: (text) => !/\b(generator|tender|dinghy|heater|stove|galley)\b/i.test(`${text.title} ${text.words}`),
    untrue:
      /\b(cooling water|exhaust|starter|choke|petrol tank|tank vent|crank(ed|ing)?|fuel|diesel|petrol|oil pressure|dipstick|engine oil|glow|stop solenoid|impeller|hold stop|idle revs|litres? per hour)\b/i,
  },
];

/** A text is of the kind of device that is aboard, and of no other kind. */
export const kindsSay: TruthRule = {
  name: "kinds-say",
  find: (boat) => {
    const hers = kinds.flatMap(({ fact, ...kind }) => {
      const path = fact(boat.file);
      return path === null ? [] : [{ ...kind, path }];
    });
    return boat.texts.flatMap((text): Found[] =>
      hers
        .filter(
          ({ about, untrue, path }) =>
            about(text, boat) && untrue.test(text.words) && !path.startsWith(`/${text.collection}/${text.key}`),
        )
        .slice(0, 1)
        .map(({ path }) => ({ path: text.path, code: "says-other", fact: path })),
    );
  },
};
