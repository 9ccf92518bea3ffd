import { fillFigures, textsOf } from "../yacht/figures";
import type { YachtFile } from "../yacht/schema";
import { sentencesOf } from "./clauses";

/** Collections of a file whose parts carry words that people read. */
export type Collection = Exclude<keyof YachtFile, "schema" | "particulars">;

/** A text that a person reads, and what it stands with. */
export interface Text {
  /** JSON pointer, without the language */
  path: string;
  /** as it is read: with the file's own figures in place of references, without what it says of her sisters */
  words: string;
  /** as it is written */
  raw: string;
  collection: Collection;
  key: string;
  /** where in its part: `how`, `steps/2/never/why` */
  field: string;
  /** where one stands for it; null where it has no place of its own */
  place: string | null;
  /** the fitting that it is attached to */
  fitting: string | null;
  /** what its part is called */
  title: string;
  isSafety: boolean;
}

interface AnyPart {
  name?: { en?: string };
  title?: { en?: string };
  place?: string;
  fitting?: string;
  safety?: boolean;
  system?: string;
  kind?: string;
  steps?: { place?: string; fitting?: string }[];
}

/** Every text of a file that a person reads, in the file's order. */
export function readTexts(file: YachtFile): Text[] {
  const inSafety = safetyFittings(file);
  return textsOf(file).map(({ path, text }): Text => {
    const [, collection = "", key = "", ...rest] = path.split("/");
    const part = ((file as unknown as Record<string, Record<string, AnyPart>>)[collection] ?? {})[key] ?? {};
    const step = rest[0] === "steps" ? part.steps?.[Number(rest[1])] : undefined;
    const fitting = collection === "fittings" ? key : (step?.fitting ?? part.fitting ?? null);
    const stood = step ? (step.place ?? (step.fitting ? file.fittings[step.fitting]?.place : undefined)) : part.place;
    return {
      path,
      words: ofHerself(fillFigures(text, file)),
      raw: text,
      collection: collection as Collection,
      key,
      field: rest.join("/"),
      place: stood ?? part.place ?? null,
      fitting: fitting !== null && file.fittings[fitting] ? fitting : null,
      title: part.name?.en ?? part.title?.en ?? "",
      isSafety: isSafety(collection, key, part, rest, inSafety),
    };
  });
}

/** A text without its sentences about other boats, and without what it says is not so: "six seconds, not four". */
const ofHerself = (words: string): string =>
  sentencesOf(words)
    .filter((sentence) => !/\b(sisters?|other boats|most boats)\b/i.test(sentence.replace(notSo, "")))
    .map((sentence) => sentence.replace(notSo, ""))
    .join(" ");
const notSo = /,? not (?!aboard)[^.;:!?]*/gi;

/** Fittings that a procedure of safety works. */
function safetyFittings(file: YachtFile): ReadonlySet<string> {
  return new Set(
    Object.values(file.procedures)
      .filter(({ safety, kind }) => safety || kind === "emergency")
      .flatMap(({ steps }) => steps.flatMap(({ fitting }) => fitting ?? [])),
  );
}

function isSafety(
  collection: string,
  key: string,
  part: AnyPart,
  field: readonly string[],
  fittings: ReadonlySet<string>,
): boolean {
  if (collection === "emergencyCards" || part.safety === true || part.kind === "emergency") return true;
  if (field.some((each) => each === "caution" || each === "never")) return true;
  if (collection === "fittings") return fittings.has(key) || part.system === "safety";
  if (collection === "oddities") return part.fitting !== undefined && fittings.has(part.fitting);
  return ["engines", "generators", "groundTackle", "reefs", "gas"].includes(collection);
}
