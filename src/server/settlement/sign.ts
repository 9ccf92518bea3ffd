import "server-only";
import { takeTurnsOnStatement } from "../db/locks";
import { addSettlement } from "../db/settlements";
import { digestOf } from "@/core/basics/digest";
import { sealOf, signersOf, type Signature, type SignatureContents, type MissingSigner } from "@/core/handover/seal";
import { isUnfit } from "@/core/handover/record-fault";
import type { Reservation } from "@/api/schemas/desk";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { conclude } from "@/core/settlement/conclude";
import { notedByHand } from "@/core/settlement/terms";
import { captureAndRelease } from "../deposit/deposit";
import type { DepositTerminal } from "../deposit/terminal";
import { AppError } from "@/api/app-error";
import { statementWords } from "@/messages/statement-words";
import { englishTranslator } from "@/messages/translator";
import { checkSignatures } from "../signing/check-signatures";
import { objectUntil, sendCopy } from "./copies";
import { settlementScreen } from "./screen";
import { settlementView } from "./view";

export interface SettlementSigning {
  /** the digest the signers saw; refused when the sums have changed since */
  digest: string;
  words: string[];
  reservations: Reservation[];
  signatures: Signature[];
  contents: SignatureContents;
  /** why the charterer's side does not sign; base staff and a witness sign then, and a copy goes out at once */
  without: MissingSigner | null;
}

/**
 * Seals a statement and moves the deposit: what is neither due nor held goes back at once. A hold on a card is captured
 * once, so that nothing is taken while any sum of the statement is open; what came in by hand is taken as far as it is closed.
 */
export async function signSettlement(
  db: Queryable,
  stayId: string,
  signing: SettlementSigning,
  terminal: DepositTerminal,
  personId: string,
): Promise<{ seal: string }> {
  await takeTurnsOnStatement(db, stayId);
  const view = await settlementView(db, stayId);
  if (view.signed) throw new AppError("settled");
  for (const [kind, faults] of [
    ["check-in", view.faults.checkIn],
    ["check-out", view.faults.checkOut],
  ] as const)
    if (isUnfit(faults)) throw new AppError("record-unfit", { kind });
  if (view.undecided > 0) throw new AppError("undecided", { count: view.undecided });
  if (signing.digest !== view.digest) throw new AppError("sums-changed");
  const lines = new Set(view.input.lines.map((line) => line.id));
  for (const { line } of signing.reservations)
    if (!lines.has(line)) throw new AppError("reservation-line", {}, "reservations");
  if (signing.without && signing.reservations.length > 0) throw new AppError("not-there", {}, "reservations");
  for (const signature of checkSignatures(signing.without, signing.signatures, signing.contents)) {
    const { side } = signature;
    if (side === "witness") continue;
    const { chartererId, skipperId, authority } = view.stay;
    if (side === "skipper" && signature.person === skipperId && skipperId !== chartererId && authority === null) {
      throw new AppError("no-authority", {}, side);
    }
    const allowed =
      side === "base" ? signature.person === personId : [skipperId, chartererId].includes(signature.person);
    if (!allowed) throw new AppError("signer-not-you", { side }, side);
  }
  await checkWords(db, stayId, signing);
  const sealedAt = now();
  const until = signing.without ? await objectUntil(db, sealedAt) : null;
  const digest = sealDigest(view.digest, signing);
  const seal = sealOf(digest, signing.signatures);
  await addSettlement(db, stayId, {
    checkInSeal: view.checkIn.seal.seal,
    checkOutSeal: view.checkOut.seal.seal,
    input: view.input,
    output: view.output,
    words: signing.words,
    reservations: signing.reservations,
    digest,
    signatures: signing.signatures,
    seal,
    sealedAt,
    without: signing.without,
    objectUntil: until,
    contents: signing.contents,
    signers: signersOf(signing.without),
  });
  const { output } = view;
  const belowWater = view.extras.flatMap((each) =>
    each.extra.kind === "below-water" ? [{ line: each.id, until: each.extra.until }] : [],
  );
  const stands = conclude(output, view.input.deposit.amountMinor, {
    objectUntil: until,
    objections: [],
    belowWater,
    outcomes: [],
    now: sealedAt,
  });
  const captureMinor = stands.open === 0 || notedByHand(view.stay.terms.deposit.how) ? stands.captureMinor : 0;
  await captureAndRelease(db, terminal, view.stay, { captureMinor, releaseMinor: output.releaseMinor }, personId);
  if (signing.without && until) await sendCopy(db, stayId, "statement", signing.without, until);
  return { seal };
}

/** The words that were signed are those of this statement: the base puts them together again. */
async function checkWords(
  db: Queryable,
  stayId: string,
  { words, without, signatures, contents }: SettlementSigning,
): Promise<void> {
  const screen = await settlementScreen(db, stayId);
  const signer = signatures.find(({ side }) => side === "skipper")?.person;
  const own = statementWords(englishTranslator(), {
    screen,
    without,
    witness: contents.witness?.name.trim() ?? "",
    who: signer === undefined || signer === screen.stay.chartererId ? "charterer" : "skipper",
  });
  if (words.length !== own.length || words.some((each, at) => each !== own[at])) throw new AppError("sums-changed");
}

/** What the signatures of a settlement are made over: the sums, the words shown and the reservations. */
function sealDigest(sums: string, { words, reservations, without }: SettlementSigning): string {
  return digestOf({ sums, words, reservations, ...(without ? { without } : {}) });
}
