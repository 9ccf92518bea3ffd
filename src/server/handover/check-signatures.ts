import "server-only";
import {
  imprint,
  isBlank,
  signersOf,
  type Signature,
  type SignatureContents,
  type Without,
} from "@/core/handover/seal";
import { Refusal } from "../http/refusal";

/**
 * The two signatures that a record or a statement needs, each checked against what was put on the glass.
 *
 * @param without why the skipper's side does not sign; a witness signs then
 * @throws Refusal for a missing, blank or wrong one, and for a witness who signs for the base as well
 */
export function checkSignatures(
  without: Without | null,
  signatures: readonly Signature[],
  contents: SignatureContents,
): Signature[] {
  const checked = signersOf(without).map((side): Signature => {
    const signature = signatures.find((each) => each.side === side);
    const content = contents[side];
    if (!signature || !content)
      throw new Refusal(
        422,
        "signature-missing",
        `The ${side}'s signature is missing. Both sign on one device.`,
        "/signatures",
      );
    if (isBlank(signature.how, content))
      throw new Refusal(
        422,
        "signature-blank",
        `The ${side}'s signature is blank. Sign with a finger, or type the name.`,
        `/contents/${side}`,
      );
    if (imprint(content) !== signature.imprint)
      throw new Refusal(
        422,
        "wrong-imprint",
        "A signature does not fit what was put on the glass. Sign again.",
        `/contents/${side}`,
      );
    return signature;
  });
  if (without && contents.witness && sameName(contents.witness.name, contents.base.name)) {
    throw new Refusal(
      422,
      "own-witness",
      "Who signs for the base is no witness to it. Ask somebody else.",
      "/contents/witness",
    );
  }
  return checked;
}

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
