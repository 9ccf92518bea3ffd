import "server-only";
import type { Without } from "@/core/handover/seal";
import type { Settlement, SettlementInput } from "@/core/settlement/schema";
import type { Reservation } from "@/formats/desk";
import type { Queryable } from "../db/pool";

/** A statement as it was signed. */
export interface SignedSettlement {
  id: string;
  sealedAt: string;
  seal: string;
  reservations: Reservation[];
  output: Settlement;
  input: SettlementInput;
  /** why the charterer's side did not sign it, and until when every line can be objected to */
  without: Without | null;
  objectUntil: string | null;
  /** what came to the two records after it was signed: addenda and late entries */
  cameSince: number;
}

/** The signed statement of a stay, or null. */
export async function signedSettlement(db: Queryable, stayId: string): Promise<SignedSettlement | null> {
  const { rows } = await db.query<SignedSettlement>(
    `select t.id, t.sealed_at as "sealedAt", t.seal, t.reservations, t.output, t.input, t.without, t.object_until as "objectUntil",
       (select count(*)::int from addendum a join handover h on h.id = a.handover_id where h.stay_id = t.stay_id and h.kind <> 'prep' and a.received_at > t.sealed_at) as "cameSince"
     from settlement t where t.stay_id = $1`,
    [stayId],
  );
  return rows[0] ?? null;
}
