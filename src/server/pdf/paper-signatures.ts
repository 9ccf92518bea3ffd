import "server-only";
import type { Signature, SignatureContents, SignerSide } from "@/core/handover/seal";
import type { Language } from "@/core/basics/languages";
import { stampIn } from "@/messages/stamp";

/** Signatures with what was put on the glass, ready for paper. */
export function signaturesForPaper(
  signatures: readonly Signature[],
  contents: Partial<SignatureContents>,
  words: Record<SignerSide | "erased", string>,
  timeZone: string,
  language: Language,
) {
  const sides: readonly SignerSide[] = signatures.some((each) => each.side === "witness")
    ? ["base", "witness"]
    : ["base", "skipper"];
  return sides.map((side) => {
    const signature = signatures.find((each) => each.side === side);
    const content = contents[side];
    const who = content?.name ?? words.erased;
    return {
      strokes: content?.strokes ?? [],
      typed: signature?.how === "typed" ? who : null,
      caption: `${words[side]}: ${who}${signature ? `, ${stampIn(signature.at, timeZone, language)}` : ""}`,
    };
  });
}
