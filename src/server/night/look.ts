import "server-only";
import { createPublicKey, verify } from "node:crypto";
import { sealProblems } from "@/core/handover/seal";
import { walkChain } from "@/core/health/chain";
import type { HealthFinding } from "@/core/health/finding";
import { compareBooks } from "@/core/settlement/books";
import { now } from "../clock";
import { notedMovements, terminalBook } from "../db/deposits";
import { addLook, everyLink, type WalkedLink } from "../db/night";
import type { Queryable } from "../db/pool";
import { sealedFile } from "../export/sealed-file";
import { publicKey } from "../handover/keys";

/** Looks over a base: its book of money beside the terminal's, every yacht's chain of seals, and every sealed record. */
export async function lookOver(db: Queryable, baseId: string): Promise<HealthFinding[]> {
  const links = await everyLink(db);
  return [
    ...(await moneyFindings(db)),
    ...chainFindings(links, publicKey(baseId)),
    ...(await recordFindings(db, links)),
  ];
}

/** Looks over a base at once, because somebody asks, and keeps what was found. */
export async function lookNow(db: Queryable, baseId: string): Promise<{ findings: number }> {
  const findings = await lookOver(db, baseId);
  await addLook(db, now(), findings);
  return { findings: findings.length };
}

async function moneyFindings(db: Queryable): Promise<HealthFinding[]> {
  const [here, terminal] = [await notedMovements(db, null), await terminalBook(db).movements(null)];
  return compareBooks(here, terminal).map((difference) => ({ what: "money", difference }));
}

function chainFindings(links: readonly WalkedLink[], pem: string): HealthFinding[] {
  const key = createPublicKey(pem);
  const isSigned = ({ hash, signature }: WalkedLink) =>
    verify(null, Buffer.from(hash, "hex"), key, Buffer.from(signature, "base64"));
  return [...new Set(links.map(({ yachtId }) => yachtId))].flatMap((yachtId): HealthFinding[] => {
    const chain = links.filter((link) => link.yachtId === yachtId);
    const yacht = chain[0]?.yacht ?? "";
    const unsigned = chain.filter((link) => !isSigned(link));
    return [
      ...walkChain(chain).map(({ number, code }): HealthFinding => ({ what: "chain", yacht, number, code })),
      ...unsigned.map(({ number }): HealthFinding => ({ what: "chain", yacht, number, code: "not-signed" })),
    ];
  });
}

async function recordFindings(db: Queryable, links: readonly WalkedLink[]): Promise<HealthFinding[]> {
  const findings: HealthFinding[] = [];
  const handovers = new Map(links.map((link) => [link.handover, link]));
  for (const { handover, yacht, kind } of handovers.values())
    for (const problem of sealProblems(await sealedFile(db, handover)))
      findings.push({ what: "record", yacht, handover, kind, problem });
  return findings;
}
