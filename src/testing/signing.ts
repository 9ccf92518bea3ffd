import { randomUUID } from "node:crypto";
import type { Entry } from "../core/handover/entry";
import { fold } from "../core/handover/fold";
import type { GateContext } from "../core/handover/gate";
import type { HandoverList } from "../core/handover/list";
import {
  imprint,
  makeManifest,
  manifestDigest,
  sealOf,
  type Manifest,
  type Signature,
  type SignatureContent,
  type MissingSigner,
} from "../core/handover/seal";
import { signedWords } from "../messages/signed-words";
import type { Language } from "../messages/languages";
import { translatorOf } from "../messages/translator";
import type { SealRequest } from "../api/schemas/handover";

export interface Signer {
  person: string;
  name: string;
}

/** Both signatures as typed names, with what was put on the glass. */
export function typedSignatures(
  signers: Record<"base" | "skipper", Signer>,
  at = "2027-06-12T10:20:00.000Z",
): { signatures: Signature[]; contents: Record<"base" | "skipper", SignatureContent> } {
  const content = ({ name }: Signer): SignatureContent => ({ salt: randomUUID(), name, strokes: [] });
  const contents = { base: content(signers.base), skipper: content(signers.skipper) };
  const signature = (side: "base" | "skipper"): Signature => ({
    side,
    person: signers[side].person,
    how: "typed",
    at,
    imprint: imprint(contents[side]),
  });
  return { contents, signatures: [signature("base"), signature("skipper")] };
}

/** Signatures of the base and a witness, where the skipper's side does not sign. */
export function witnessedSignatures(
  base: Signer,
  witness: string,
  at = "2027-06-12T10:20:00.000Z",
): { signatures: Signature[]; contents: { base: SignatureContent; witness: SignatureContent } } {
  const content = (name: string): SignatureContent => ({ salt: randomUUID(), name, strokes: [] });
  const contents = { base: content(base.name), witness: content(witness) };
  const signature = (side: "base" | "witness", person: string): Signature => ({
    side,
    person,
    how: "typed",
    at,
    imprint: imprint(contents[side]),
  });
  return { contents, signatures: [signature("base", base.person), signature("witness", randomUUID())] };
}

/** What a device has heard of a base where all is well. */
const usualContext: GateContext = { deposit: { met: true }, safetyWork: [], forecast: null };

/** The words that a device shows and signs, as the base puts them together again. */
function wordsOf(
  list: HandoverList,
  entries: readonly Entry[],
  who: { skipper?: Signer; charterer?: Signer; without?: MissingSigner; witness?: string },
  language: Language = "en",
): string[] {
  const named = ({ person, name }: Signer) => ({ id: person, name });
  const nobody = { person: "", name: "" };
  return signedWords(translatorOf(language), {
    list,
    folded: fold(entries),
    context: usualContext,
    skipper: named(who.skipper ?? nobody),
    charterer: named(who.charterer ?? who.skipper ?? nobody),
    without: who.without ?? null,
    witness: who.witness ?? "",
    withoutOthers: null,
  });
}

/** A sound request to seal a check-out that the skipper did not sign. */
export function witnessedRequest(
  list: HandoverList,
  entries: readonly Entry[],
  base: Signer,
  witness: string,
  without: MissingSigner,
): SealRequest {
  const words = wordsOf(list, entries, { without, witness });
  const manifest = makeManifest(list, entries, [], words, null, without, usualContext);
  const { signatures, contents } = witnessedSignatures(base, witness);
  return {
    manifest,
    signatures,
    contents,
    seal: sealOf(manifestDigest(manifest), signatures),
    device: randomUUID(),
    sealedAt: "2027-06-12T10:20:00.000Z",
  };
}

/** A sound request to seal a list with some entries, with words in the language that the signers read. */
export function sealRequest(
  list: HandoverList,
  entries: readonly Entry[],
  signers: Record<"base" | "skipper", Signer>,
  change: Partial<Manifest> = {},
  charterer: Signer = signers.skipper,
  language: Language = "en",
): SealRequest & { contents: Record<"base" | "skipper", SignatureContent> } {
  const words = wordsOf(list, entries, { skipper: signers.skipper, charterer }, language);
  const manifest = { ...makeManifest(list, entries, [], words, null, null, usualContext), ...change };
  const { signatures, contents } = typedSignatures(signers);
  return {
    manifest,
    signatures,
    contents,
    seal: sealOf(manifestDigest(manifest), signatures),
    device: randomUUID(),
    sealedAt: "2027-06-12T10:20:00.000Z",
  };
}
