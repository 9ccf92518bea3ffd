import "server-only";
import { AppError } from "@/api/app-error";
import { sealProblems } from "@/core/handover/seal";
import { strayKeys, type PublishedKey } from "@/core/handover/signing-keys";
import { walkChain } from "@/core/health/chain";
import type { HealthFinding } from "@/core/health/finding";
import { compareBooks } from "@/core/settlement/books";
import { isBackupOld } from "@/core/backup/due";
import { now } from "../clock";
import { backupsMade } from "../db/backups";
import { currentBase } from "../db/base";
import { notedMovements, terminalBook } from "../db/deposits";
import { keysOf } from "../db/keys";
import { everyOpenFollowUp } from "../db/follow-ups";
import { addLook, everyLink, firstLook, type WalkedLink } from "../db/night";
import type { Queryable } from "../db/pool";
import { effectiveSeal } from "../db/seals";
import { freeDiskMb, leastFreeMb } from "../health/disk";
import { sealedFile } from "../export/sealed-file";
import { isSignedBy, publicKeyOf } from "../keys/key-file";

/** Looks over a base: its book of money beside the terminal's, every yacht's chain of seals, and every sealed record. */
export async function lookOver(db: Queryable, baseId: string): Promise<HealthFinding[]> {
  const links = await everyLink(db);
  return [
    ...diskFindings(),
    ...(await backupFindings(db)),
    ...(await moneyFindings(db)),
    ...(await keyFindings(db, baseId)),
    ...chainFindings(links, await keysOf(db, baseId)),
    ...(await recordFindings(db, links)),
    ...(await followUpFindings(db)),
  ];
}

/** Looks over a base at once, because somebody asks, and keeps what was found. */
export async function lookNow(db: Queryable, baseId: string): Promise<{ findings: number }> {
  const findings = await lookOver(db, baseId);
  await addLook(db, now(), findings);
  return { findings: findings.length };
}

/** A base of one's own that nobody has backed up for two days; the demo has nothing to lose. */
async function backupFindings(db: Queryable): Promise<HealthFinding[]> {
  const since = await firstLook(db);
  if ((await currentBase(db)).isDemo || since === null) return [];
  const { last } = await backupsMade(db);
  return isBackupOld(now(), last?.at ?? null, since) ? [{ what: "backup", lastAt: last?.at ?? null }] : [];
}

function diskFindings(): HealthFinding[] {
  const freeMb = freeDiskMb();
  return freeMb < leastFreeMb ? [{ what: "disk", freeMb }] : [];
}

async function followUpFindings(db: Queryable): Promise<HealthFinding[]> {
  return (await everyOpenFollowUp(db)).map(({ handover, yacht, kind, what, problem }) => ({
    what: "follow-up",
    yacht,
    handover,
    kind,
    work: what,
    problem: problem ?? "",
  }));
}

async function moneyFindings(db: Queryable): Promise<HealthFinding[]> {
  const [here, terminal] = [await notedMovements(db, null), await terminalBook(db).movements(null)];
  return compareBooks(here, terminal).map((difference) => ({ what: "money", difference }));
}

/** Whether the key in use is where it belongs and the row of keys hangs together; what cannot be proved without it is looked at all the same. */
async function keyFindings(db: Queryable, baseId: string): Promise<HealthFinding[]> {
  const keys = await keysOf(db, baseId);
  const last = keys.at(-1);
  const strays = strayKeys(baseId, keys, (pem, hash, signature) => isSignedBy(pem, { hash, signature }));
  return [
    ...(last && isInPlace(baseId, last) ? [] : [{ what: "key" as const, number: null }]),
    ...strays.map((number) => ({ what: "key" as const, number })),
  ];
}

/** Whether the file of a key holds that key. */
function isInPlace(baseId: string, { number, publicKey }: PublishedKey): boolean {
  try {
    return publicKeyOf(baseId, number) === publicKey;
  } catch (error) {
    if (error instanceof AppError) return false;
    throw error;
  }
}

function chainFindings(links: readonly WalkedLink[], keys: readonly PublishedKey[]): HealthFinding[] {
  const pems = new Map(keys.map(({ number, publicKey }) => [number, publicKey]));
  return walkedFindings(links, (link) => isSignedBy(pems.get(link.keyNumber) ?? "", link));
}

function walkedFindings(links: readonly WalkedLink[], isSigned: (link: WalkedLink) => boolean): HealthFinding[] {
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
  for (const { handover, yacht, kind } of handovers.values()) {
    // a record that does not stand is shown at its charter, and looked at there
    if (!(await effectiveSeal(db, handover))) continue;
    for (const problem of sealProblems(await sealedFile(db, handover)))
      findings.push({ what: "record", yacht, handover, kind, problem });
  }
  return findings;
}
