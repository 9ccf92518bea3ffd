import type { YachtFile } from "../yacht/schema";
import { readTexts, type Text } from "./texts";
import { indexThings, thingsNamed, thingsOf, type Thing, type ThingIndex } from "./things";

/** A boat as her texts are measured against her. */
export interface Boat {
  file: YachtFile;
  texts: readonly Text[];
  things: readonly Thing[];
  index: ThingIndex;
  /** what a text names, and what it is attached to */
  named: (text: Text) => readonly Thing[];
  /** fittings a text is about: what it is attached to, and what it or its part's name names */
  fittingsOf: (text: Text) => readonly string[];
}

/** Reads a file once for all rules. */
export function boatOf(file: YachtFile): Boat {
  const things = thingsOf(file);
  const index = indexThings(things);
  const named = memo((text) => thingsNamed(text.words, index));
  const byTitle = memo((text) => thingsNamed(text.title, index));
  const keysOf = (list: readonly Thing[]) =>
    list.filter(({ collection }) => collection === "fittings").map(({ key }) => key);
  return {
    file,
    texts: readTexts(file),
    things,
    index,
    named,
    fittingsOf: memo((text) => [
      ...new Set([
        ...tankOf(file, text),
        ...(text.fitting === null ? [] : [text.fitting]),
        ...keysOf(named(text)),
        ...keysOf(byTitle(text)),
      ]),
    ]),
  };
}

/** Valve and gauge of the tank that a reading is of. */
function tankOf(file: YachtFile, { collection, key }: Text): string[] {
  const tank = collection === "readings" ? file.tanks[file.readings[key]?.of ?? ""] : undefined;
  return [tank?.valve, tank?.gauge].filter((each) => each !== undefined);
}

function memo<T>(of: (text: Text) => T): (text: Text) => T {
  const kept = new Map<Text, T>();
  return (text) => {
    const known = kept.get(text);
    if (known !== undefined) return known;
    const value = of(text);
    kept.set(text, value);
    return value;
  };
}
