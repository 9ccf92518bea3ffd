import "server-only";
import { v7 as uuid } from "uuid";
import { digestOf } from "@/core/basics/digest";
import { imprint, isBlank, sealOf, type Signature, type SignatureContent } from "@/core/handover/seal";
import type { Reservation } from "@/formats/desk";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { captureAndRelease } from "../deposit/deposit";
import type { DepositTerminal } from "../deposit/terminal";
import { Refusal } from "../http/refusal";
import { settlementView } from "./view";

export interface SettlementSigning {
  /** the digest the signers saw; refused when the sums have changed since */
  digest: string;
  words: string[];
  reservations: Reservation[];
  signatures: Signature[];
  contents: Record<"base" | "skipper", SignatureContent>;
}

/** Seals a settlement that both signed, takes what is due from the deposit and gives back the rest. */
export async function signSettlement(db: Queryable, stayId: string, signing: SettlementSigning, terminal: DepositTerminal, personId: string): Promise<{ seal: string }> {
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`settle ${stayId}`]);
  const view = await settlementView(db, stayId);
  if (view.signed) throw new Refusal(409, "settled", "This charter is settled and signed already.");
  if (view.undecided > 0) throw new Refusal(409, "undecided", `${view.undecided} differences are not decided yet. Say for each whose it is, and what the repair costs.`);
  if (signing.digest !== view.digest) throw new Refusal(409, "sums-changed", "The sums have changed since you looked at them. Read them again, then sign.");
  const lines = new Set(view.input.lines.map((line) => line.id));
  for (const { line } of signing.reservations) if (!lines.has(line)) throw new Refusal(422, "no-such-line", "A reservation names a line that is not on the statement.", "reservations");
  for (const side of ["base", "skipper"] as const) {
    const signature = signing.signatures.find((each) => each.side === side);
    if (!signature || isBlank(signature.how, signing.contents[side])) throw new Refusal(422, "signature-blank", `The ${side}'s signature is blank. Sign with a finger, or type the name.`, side);
    if (imprint(signing.contents[side]) !== signature.imprint) throw new Refusal(422, "wrong-imprint", "A signature does not fit what was put on the glass. Sign again.", side);
    const { chartererId, skipperId, authority } = view.stay;
    if (side === "skipper" && signature.person === skipperId && skipperId !== chartererId && authority === null) {
      throw new Refusal(422, "no-authority", "The skipper signs for money only with the charterer's written authority. Note it on the charter's page first, or let the charterer sign.", side);
    }
    const allowed = side === "base" ? signature.person === personId : [skipperId, chartererId].includes(signature.person);
    if (!allowed) throw new Refusal(422, "wrong-signer", side === "base" ? "Whoever is signed in signs for the base." : "The charterer or skipper of this charter signs on that side.", side);
  }
  const digest = sealDigest(view.digest, signing);
  const seal = sealOf(digest, signing.signatures);
  const id = uuid();
  await db.query(
    `insert into settlement (id, base_id, stay_id, check_in_seal, check_out_seal, input, output, words, reservations, digest, signatures, seal, sealed_at)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12)`,
    [id, stayId, view.checkIn.seal.seal, view.checkOut.seal.seal, JSON.stringify(view.input), JSON.stringify(view.output), JSON.stringify(signing.words),
      JSON.stringify(signing.reservations), digest, JSON.stringify(signing.signatures), seal, now()],
  );
  for (const side of ["base", "skipper"] as const) {
    await db.query("insert into settlement_signature (settlement_id, base_id, side, content) values ($1, current_base(), $2, $3)", [id, side, JSON.stringify(signing.contents[side])]);
  }
  await captureAndRelease(db, terminal, view.stay, view.output, personId);
  return { seal };
}

/** What the signatures of a settlement are made over: the sums, the words shown and the reservations. */
function sealDigest(sums: string, { words, reservations }: SettlementSigning): string {
  return digestOf({ sums, words, reservations });
}
