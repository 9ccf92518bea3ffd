import { randomUUID } from "node:crypto";
import type { Entry } from "../core/handover/entry";
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

/** A sound request to seal a check-out that the skipper did not sign. */
export function witnessedRequest(
  list: HandoverList,
  entries: readonly Entry[],
  base: Signer,
  witness: string,
  without: MissingSigner,
): SealRequest {
  const manifest = makeManifest(list, entries, [], ["all read"], null, without);
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

/** A sound request to seal a list with some entries. */
export function sealRequest(
  list: HandoverList,
  entries: readonly Entry[],
  signers: Record<"base" | "skipper", Signer>,
  change: Partial<Manifest> = {},
): SealRequest & { contents: Record<"base" | "skipper", SignatureContent> } {
  const manifest = { ...makeManifest(list, entries, [], ["all read"], null), ...change };
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
