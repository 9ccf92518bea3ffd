import "server-only";
import { canonicalJson } from "@/core/basics/digest";
import { entryHash, type Entry } from "@/core/handover/entry";
import { fold } from "@/core/handover/fold";
import { gate, type Gate } from "@/core/handover/gate";
import type { HandoverList } from "@/core/handover/list";
import type { Manifest } from "@/core/handover/seal";
import { entryProblems, type StandingProblem } from "@/core/handover/standing";
import { othersWords, signedWords } from "@/messages/signed-words";
import { reasonWords } from "@/messages/reason-words";
import { languages } from "@/messages/languages";
import { englishTranslator, translatorOf, type Translator } from "@/messages/translator";
import { currentBase } from "../db/base";
import type { StayView } from "@/api/schemas/desk";
import { lateEntries } from "../db/addenda";
import { entriesAfter } from "../db/entries";
import type { HandoverRow } from "../db/handovers";
import type { Queryable } from "../db/pool";
import type { Clearance, DifferingWords } from "../db/seals";
import { AppError } from "@/api/app-error";
import { gateContext } from "./gate-context";

interface Signed {
  manifest: Manifest;
  device: string;
  /** the name that the witness signed under */
  witness: string;
}

/** What an examination of a record finds, apart from who signed it. */
export interface Examined {
  problems: StandingProblem[];
  clearance: Clearance | null;
  differ: DifferingWords | null;
  /** entries that it names and that are not here yet */
  toCome: number;
}

/**
 * Looks at a record that has arrived with the base's own eyes: its entries are folded again, and the words that were
 * signed must be the words that these entries give, with what the device knew of the base. Whether she may leave is
 * reckoned with what the base knows now, which may be more.
 *
 * @throws AppError `entry-differs` where an entry here is not the one that was signed
 */
export async function examine(
  db: Queryable,
  handover: HandoverRow,
  stay: StayView,
  { manifest, device, witness }: Signed,
): Promise<Examined> {
  const { list } = handover;
  const entries = await namedEntries(db, handover.id, manifest);
  const toCome = manifest.entries.length - entries.length;
  if (toCome > 0) return { problems: ["entries-to-come"], clearance: null, differ: null, toCome };
  const folded = fold(entries);
  const t = englishTranslator();
  const { timeZone } = await currentBase(db);
  const context = manifest.context ?? (await gateContext(db, handover));
  // the words are those of the language that the signers read
  const own = languages.map((language) => {
    const t = translatorOf(language);
    const words = (withoutOthers: string | null) =>
      signedWords(t, {
        list,
        folded,
        context,
        skipper: { id: stay.skipperId, name: stay.skipper },
        charterer: { id: stay.chartererId, name: stay.charterer },
        without: manifest.without ?? null,
        witness,
        withoutOthers,
      });
    const others = othersWords(t, entries, device, { lastHeardAt: manifest.lastHeardAt, timeZone, language });
    // that the base could not be reached is known to the device alone
    return manifest.words.includes(others ?? "") ? words(others) : words(null);
  });
  const signed = own.find((words) => differing(manifest.words, words) === null) ?? own[0] ?? [];
  const differ = differing(manifest.words, signed);
  return {
    problems: [...entryProblems(list, folded), ...(differ ? (["words-differ"] as const) : [])],
    clearance:
      list.kind === "check-in" ? clearanceOf(t, list, gate(list, folded, await gateContext(db, handover))) : null,
    differ,
    toCome,
  };
}

/** Where the signed words are not those of the entries; null where they are, to the letter and in their order. */
function differing(signed: readonly string[], own: readonly string[]): DifferingWords | null {
  if (canonicalJson(signed) === canonicalJson(own)) return null;
  return { signed: signed.filter((line) => !own.includes(line)), own: own.filter((line) => !signed.includes(line)) };
}

const clearanceOf = (t: Translator, list: HandoverList, { state, reasons }: Gate): Clearance => ({
  state,
  against: reasons.filter(({ blocks }) => blocks).map((reason) => reasonWords(t, list, reason)),
});

async function namedEntries(db: Queryable, handoverId: string, manifest: Manifest): Promise<Entry[]> {
  // what came late to one record may be named by another
  const come = [
    ...(await entriesAfter(db, handoverId, 0)).map(({ entry }) => entry),
    ...(await lateEntries(db, handoverId)),
  ];
  const here = new Map(come.map((entry) => [entry.id, entry]));
  return manifest.entries.flatMap(({ id, hash }) => {
    const entry = here.get(id);
    if (entry && entryHash(entry) !== hash) throw new AppError("entry-differs", { id });
    return entry ?? [];
  });
}
