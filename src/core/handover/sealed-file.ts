import { Type, type Static } from "@sinclair/typebox";
import { Entry } from "./entry";
import { isInstant } from "../basics/instant";
import { Sha256 } from "../basics/ids";
import { HandoverList } from "./list";
import { Manifest, sealProblems, Signature } from "./seal";

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

/** Names what does not agree with the seal in a record that was saved: list, entries and signatures, and its hour, which is the signatures' own. */
export function fileProblems(file: SealedFile): string[] {
  const hours = file.signatures.map(({ at }) => at);
  // the same moment may be written otherwise, but not as what other clocks read as another one
  const isTheirs = hours.some(
    (at) => at === file.sealedAt || (isInstant(file.sealedAt) && Date.parse(at) === Date.parse(file.sealedAt)),
  );
  return [
    ...sealProblems(file),
    ...(hours.length > 0 && !isTheirs ? ["the time of sealing is not that of its signatures"] : []),
  ];
}

/** Times in a record that are none: what was signed stands, and this is said beside it. */
export function strangeTimes(file: SealedFile): string[] {
  const times = [
    ...file.entries.flatMap(({ at, paperAt }) => [at, paperAt ?? at]),
    ...file.signatures.map(({ at }) => at),
  ];
  return [...new Set(times.filter((at) => !isInstant(at)))];
}
