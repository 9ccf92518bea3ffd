import { chainLink } from "../handover/seal";

/** A link of a yacht's chain of seals, as it stands in the book. */
export interface ChainLink {
  number: number;
  previous: string | null;
  hash: string;
  seal: string;
  receivedAt: string;
}

/** What does not fit at a link: a number left out, another link before it than it says, or a hash of something else. */
export interface ChainFault {
  number: number;
  code: "missing-before" | "other-before" | "other-hash";
}

/**
 * Walks a yacht's chain from its first link and names every link that does not fit what stands before it.
 *
 * @param links in the order of their numbers
 */
export function walkChain(links: readonly ChainLink[]): ChainFault[] {
  return links.flatMap((link, index): ChainFault[] => {
    const before = links[index - 1] ?? null;
    const { number, previous, hash, seal, receivedAt } = link;
    return [
      ...(number === (before?.number ?? 0) + 1 ? [] : [{ number, code: "missing-before" as const }]),
      ...(previous === (before?.hash ?? null) ? [] : [{ number, code: "other-before" as const }]),
      ...(chainLink(previous, seal, receivedAt) === hash ? [] : [{ number, code: "other-hash" as const }]),
    ];
  });
}
