import "server-only";
import {
  imprint,
  isBlank,
  signersOf,
  type Signature,
  type SignatureContents,
  type MissingSigner,
} from "@/core/handover/seal";
import { AppError } from "@/api/app-error";

/**
 * The two signatures that a record or a statement needs, each checked against what was put on the glass.
 *
 * @param without why the skipper's side does not sign; a witness signs then
 * @throws AppError for a missing, blank or wrong one, and for a witness who signs for the base as well
 */
export function checkSignatures(
  without: MissingSigner | null,
  signatures: readonly Signature[],
  contents: SignatureContents,
): Signature[] {
  const checked = signersOf(without).map((side): Signature => {
    const signature = signatures.find((each) => each.side === side);
    const content = contents[side];
    if (!signature || !content) throw new AppError("signature-missing", { side }, "/signatures");
    if (isBlank(signature.how, content)) throw new AppError("signature-blank", { side }, `/contents/${side}`);
    if (imprint(content) !== signature.imprint) throw new AppError("wrong-imprint", {}, `/contents/${side}`);
    return signature;
  });
  if (without && contents.witness && sameName(contents.witness.name, contents.base?.name ?? "")) {
    throw new AppError("own-witness", {}, "/contents/witness");
  }
  return checked;
}

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
