import "server-only";
import { v7 as uuid } from "uuid";
import { digestOf } from "@/core/basics/digest";
import { sealOf, signersOf, type Signature, type SignatureContents, type Without } from "@/core/handover/seal";
import type { Reservation } from "@/formats/desk";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { conclude } from "@/core/settlement/conclude";
import { notedByHand } from "@/core/settlement/terms";
import { captureAndRelease } from "../deposit/deposit";
import type { DepositTerminal } from "../deposit/terminal";
import { Refusal } from "../http/refusal";
import { checkSignatures } from "../handover/check-signatures";
import { objectUntil, sendCopy } from "./copies";
import { settlementView } from "./view";

export interface SettlementSigning {
  /** the digest the signers saw; refused when the sums have changed since */
  digest: string;
  words: string[];
  reservations: Reservation[];
  signatures: Signature[];
  contents: SignatureContents;
  /** why the charterer's side does not sign; base staff and a witness sign then, and a copy goes out at once */
  without: Without | null;
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
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`settle ${stayId}`]);
  const view = await settlementView(db, stayId);
  if (view.signed) throw new Refusal(409, "settled", "This charter is settled and signed already.");
  if (view.undecided > 0)
    throw new Refusal(
      409,
      "undecided",
      `${view.undecided} differences are not decided yet. Say for each whose it is, and what the repair costs.`,
    );
  if (signing.digest !== view.digest)
    throw new Refusal(
      409,
      "sums-changed",
      "The sums have changed since you looked at them. Read them again, then sign.",
    );
  const lines = new Set(view.input.lines.map((line) => line.id));
  for (const { line } of signing.reservations)
    if (!lines.has(line))
      throw new Refusal(
        422,
        "no-such-line",
        "A reservation names a line that is not on the statement.",
        "reservations",
      );
  if (signing.without && signing.reservations.length > 0)
    throw new Refusal(
      422,
      "not-there",
      "Who does not sign makes no reservation: the time to object is for that.",
      "reservations",
    );
  for (const signature of checkSignatures(signing.without, signing.signatures, signing.contents)) {
    const { side } = signature;
    if (side === "witness") continue;
    const { chartererId, skipperId, authority } = view.stay;
    if (side === "skipper" && signature.person === skipperId && skipperId !== chartererId && authority === null) {
      throw new Refusal(
        422,
        "no-authority",
        "The skipper signs for money only with the charterer's written authority. Note it on the charter's page first, or let the charterer sign.",
        side,
      );
    }
    const allowed =
      side === "base" ? signature.person === personId : [skipperId, chartererId].includes(signature.person);
    if (!allowed)
      throw new Refusal(
        422,
        "wrong-signer",
        side === "base"
          ? "Whoever is signed in signs for the base."
          : "The charterer or skipper of this charter signs on that side.",
        side,
      );
  }
  const sealedAt = now();
  const until = signing.without ? await objectUntil(db, sealedAt) : null;
  const digest = sealDigest(view.digest, signing);
  const seal = sealOf(digest, signing.signatures);
  const id = uuid();
  await db.query(
    `insert into settlement (id, base_id, stay_id, check_in_seal, check_out_seal, input, output, words, reservations, digest, signatures, seal, sealed_at, without, object_until)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14)`,
    [
      id,
      stayId,
      view.checkIn.seal.seal,
      view.checkOut.seal.seal,
      JSON.stringify(view.input),
      JSON.stringify(view.output),
      JSON.stringify(signing.words),
      JSON.stringify(signing.reservations),
      digest,
      JSON.stringify(signing.signatures),
      seal,
      sealedAt,
      signing.without && JSON.stringify(signing.without),
      until,
    ],
  );
  for (const side of signersOf(signing.without)) {
    await db.query(
      "insert into settlement_signature (settlement_id, base_id, side, content) values ($1, current_base(), $2, $3)",
      [id, side, JSON.stringify(signing.contents[side])],
    );
  }
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

/** What the signatures of a settlement are made over: the sums, the words shown and the reservations. */
function sealDigest(sums: string, { words, reservations, without }: SettlementSigning): string {
  return digestOf({ sums, words, reservations, ...(without ? { without } : {}) });
}
