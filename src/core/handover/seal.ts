import { Type, type Static } from "@sinclair/typebox";
import { digestOf } from "../basics/digest";
import { pairOf } from "../basics/pair";
import { entryHash, type Entry } from "./entry";
import { InstantText, PartySide, Sha256, Uuid } from "../basics/ids";
import { GateContext } from "./gate/context";
import { listHash, type HandoverList } from "./list";

const closed = { additionalProperties: false } as const;

/** Who can sign: both parties, or, where the skipper is absent or refuses, a witness beside the base. */
export const SignerSide = Type.Union([PartySide, Type.Literal("witness")]);
export type SignerSide = Static<typeof SignerSide>;

/** Why a check-out or a statement is signed without the skipper's side. */
export const MissingSigner = Type.Object(
  {
    reason: Type.Union([Type.Literal("absent"), Type.Literal("refuses")]),
    words: Type.String({ minLength: 1, maxLength: 1000, pattern: "\\S" }),
  },
  closed,
);
export type MissingSigner = Static<typeof MissingSigner>;

/** The two who sign. */
export const signersOf = (without: MissingSigner | null): readonly SignerSide[] =>
  without ? ["base", "witness"] : ["base", "skipper"];

/** What is signed: names every part of the record by hash, and the words the signers read. */
export const Manifest = Type.Object(
  {
    version: Type.Literal(1),
    handover: Uuid,
    listHash: Sha256,
    entries: Type.Array(Type.Object({ id: Uuid, hash: Sha256 }, closed), { maxItems: 20000 }),
    photos: Type.Array(Sha256, { maxItems: 2000 }),
    words: Type.Array(Type.String({ maxLength: 1000 }), { maxItems: 2000 }),
    /** when the device had last heard of the base; null for never */
    lastHeardAt: Type.Union([InstantText, Type.Null()]),
    /** of a check-out that the skipper did not sign */
    without: Type.Optional(MissingSigner),
    /** what the device knew of the base when the words were put together; manifests of before did not say */
    context: Type.Optional(GateContext),
  },
  closed,
);
export type Manifest = Static<typeof Manifest>;

/** A signature as it stands in the seal: who, how, and the imprint of the drawing or name, which is kept apart from it. */
export const Signature = Type.Object(
  {
    side: SignerSide,
    person: Uuid,
    how: Type.Union([Type.Literal("drawn"), Type.Literal("typed")]),
    at: InstantText,
    imprint: Sha256,
  },
  closed,
);
export type Signature = Static<typeof Signature>;

/** What was put on the glass: strokes of points, or a typed name. Kept apart, so that it can be erased without breaking a seal. */
export const SignatureContent = Type.Object(
  {
    salt: Uuid,
    name: Type.String({ minLength: 1, maxLength: 120, pattern: "\\S" }),
    strokes: Type.Array(Type.Array(pairOf(Type.Number(), Type.Number()), { maxItems: 4000 }), { maxItems: 200 }),
  },
  closed,
);
export type SignatureContent = Static<typeof SignatureContent>;

/** What was put on the glass, by who signed: the base, and the skipper or a witness. */
export const SignatureContents = Type.Object(
  {
    base: Type.Optional(SignatureContent),
    skipper: Type.Optional(SignatureContent),
    witness: Type.Optional(SignatureContent),
  },
  closed,
);
export type SignatureContents = Static<typeof SignatureContents>;

/** The imprint of what was put on the glass. */
export function imprint(content: SignatureContent): string {
  return digestOf(content);
}

/** Whether a signature says anything: a typed name, or a drawing longer than a dot. */
export function isBlank(how: Signature["how"], content: SignatureContent): boolean {
  if (content.name.trim() === "") return true;
  if (how === "typed") return false;
  const points = content.strokes.flat();
  const span = (axis: 0 | 1) => Math.max(...points.map((p) => p[axis])) - Math.min(...points.map((p) => p[axis]));
  return points.length < 5 || Math.max(span(0), span(1)) < 10;
}

/** The manifest of a handover as it stands: entries and photos sorted, so that their order of arrival plays no part. */
export function makeManifest(
  list: HandoverList,
  entries: readonly Entry[],
  photos: readonly string[],
  words: readonly string[],
  lastHeardAt: string | null,
  without: MissingSigner | null = null,
  context: GateContext | null = null,
): Manifest {
  return {
    version: 1,
    handover: list.handover,
    listHash: listHash(list),
    entries: entries.map((entry) => ({ id: entry.id, hash: entryHash(entry) })).sort((a, b) => (a.id < b.id ? -1 : 1)),
    photos: [...new Set(photos)].sort(),
    words: [...words],
    lastHeardAt,
    ...(without ? { without } : {}),
    ...(context ? { context } : {}),
  };
}

/** The digest both sign over. */
export function manifestDigest(manifest: Manifest): string {
  return digestOf(manifest);
}

/** The seal: hash of the digest with both signatures. */
export function sealOf(digest: string, signatures: readonly Signature[]): string {
  return digestOf({ digest, signatures: [...signatures].sort((a, b) => (a.side < b.side ? -1 : 1)) });
}

/** A link of a yacht's chain of seals: H(previous link, seal, time received). */
export function chainLink(previous: string | null, seal: string, receivedAt: string): string {
  return digestOf({ previous, seal, receivedAt });
}

/** Whoever has to sign, and has not, or twice. */
function signatureProblems({ manifest, signatures }: Pick<SealedParts, "manifest" | "signatures">): string[] {
  const sides = signatures.map(({ side }) => side);
  const wanted = signersOf(manifest.without ?? null);
  return [
    ...wanted.filter((side) => !sides.includes(side)).map((side) => `the signature of the ${side} is missing`),
    ...sides.filter((side) => !wanted.includes(side)).map((side) => `a signature of the ${side} does not belong there`),
    ...twice(sides).map((side) => `the ${side} has signed twice`),
  ];
}

/** What stands more than once in a list, each once. */
export const twice = <T>(list: readonly T[]): T[] => [...new Set(list.filter((each, at) => list.indexOf(each) !== at))];

/** What a sealed record consists of, for checking. */
export interface SealedParts {
  list: HandoverList;
  entries: readonly Entry[];
  manifest: Manifest;
  signatures: readonly Signature[];
  seal: string;
}

/**
 * Names what does not agree with the seal. Empty means that list, entries and signatures are those that were sealed.
 */
export function sealProblems(parts: SealedParts): string[] {
  const problems = [
    ...twice(parts.entries.map(({ id }) => id)).map((id) => `entry ${id} stands twice`),
    ...twice(parts.manifest.entries.map(({ id }) => id)).map((id) => `entry ${id} was signed twice`),
    ...signatureProblems(parts),
  ];
  if (listHash(parts.list) !== parts.manifest.listHash) problems.push("the list is not the one that was signed");
  const present = new Map(parts.entries.map((entry) => [entry.id, entryHash(entry)]));
  for (const { id, hash } of parts.manifest.entries) {
    const have = present.get(id);
    if (have === undefined) problems.push(`entry ${id} is missing`);
    else if (have !== hash) problems.push(`entry ${id} was changed`);
  }
  const named = new Set(parts.manifest.entries.map((entry) => entry.id));
  for (const id of present.keys()) if (!named.has(id)) problems.push(`entry ${id} was not part of what was signed`);
  if (sealOf(manifestDigest(parts.manifest), parts.signatures) !== parts.seal)
    problems.push("the seal does not fit the manifest and the signatures");
  return problems;
}
