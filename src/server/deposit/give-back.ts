import "server-only";
import { AppError } from "@/api/app-error";
import { takeTurnsOnStatement } from "../db/locks";
import type { Queryable } from "../db/pool";
import { requireStay } from "../stays/require";
import { concludeDeposit } from "./deposit";
import type { DepositTerminal } from "./terminal";

/**
 * Gives back all that is held for a charter that does not take place. Done twice it moves nothing more.
 *
 * @throws AppError where the charter takes place, and where the terminal does not answer
 */
export async function giveBack(
  db: Queryable,
  terminal: DepositTerminal,
  stayId: string,
  personId: string,
  poke: (...handoverIds: string[]) => void,
): Promise<Record<string, never>> {
  await takeTurnsOnStatement(db, stayId);
  const stay = await requireStay(db, stayId);
  if (stay.calledOff === null) throw new AppError("takes-place");
  if (stay.heldMinor > 0)
    await concludeDeposit(db, terminal, stay, { captureMinor: 0, releaseMinor: stay.heldMinor }, personId);
  poke(...stay.handovers.map(({ id }) => id));
  return {};
}
