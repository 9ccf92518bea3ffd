import { Type, type Static } from "@sinclair/typebox";
import { Entry } from "./entry";
import { Sha256 } from "../basics/ids";
import { HandoverList } from "./list";
import { Manifest, Signature } from "./seal";

/** A sealed record as it is saved to a file. */
export const SealedFile = Type.Object(
  {
    format: Type.Literal("brinecove/record/1"),
    list: HandoverList,
    entries: Type.Array(Entry),
    manifest: Manifest,
    signatures: Type.Array(Signature),
    seal: Sha256,
    sealedAt: Type.String(),
    addenda: Type.Array(Type.Unknown()),
  },
  { additionalProperties: false },
);
export type SealedFile = Static<typeof SealedFile>;
