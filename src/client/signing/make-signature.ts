import { imprint, isBlank, type Signature, type SignatureContent, type SignerSide } from "@/core/handover/seal";
import type { Signed } from "@/ui/signature/SignatureField";

/**
 * Makes a signature of what was put on the glass: its imprint goes under the seal, the drawing or name is kept apart.
 * Returns null for a blank one.
 */
export function makeSignature(
  side: SignerSide,
  person: string,
  signed: Signed | null,
  at: string,
): { signature: Signature; content: SignatureContent } | null {
  if (!signed) return null;
  const content: SignatureContent = { salt: crypto.randomUUID(), name: signed.name, strokes: signed.strokes };
  if (isBlank(signed.how, content)) return null;
  return { signature: { side, person, how: signed.how, at, imprint: imprint(content) }, content };
}
