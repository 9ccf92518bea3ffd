import "server-only";
import { AppError } from "@/api/app-error";
import type { DeviceGrant } from "@/api/callers";
import type { Heard } from "@/api/schemas/handover";
import type { HandoverRow } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { effectiveSeal, sealsOf } from "../db/seals";
import { makePermit } from "../auth/permit";
import { gateContext } from "../sealing/gate-context";

/** How a handover stands with the base, as a device hears it with every exchange. */
export async function heardBy(
  db: Queryable,
  handover: Pick<HandoverRow, "id" | "stayId" | "yachtId" | "list">,
  grant: Pick<DeviceGrant, "id" | "baseId" | "handoverId" | "personId" | "side">,
): Promise<Heard> {
  const standing = await effectiveSeal(db, handover.id);
  const others = (await sealsOf(db, handover.id)).filter(({ seal }) => seal !== standing?.seal);
  return {
    seal: standing && { seal: standing.seal, sealedAt: standing.sealedAt },
    received: others
      .filter(({ settled }) => settled !== false)
      .map(({ seal, sealedAt, problems }) => ({ seal, sealedAt, problems })),
    sentBack: others.filter(({ settled }) => settled === false).map(({ seal }) => seal),
    context: await gateContext(db, handover),
    permit: grant.side === "base" ? await permitFor(db, grant) : null,
  };
}

/** The base's word on whose device it is; without its key the base says nothing, and everything else goes on. */
const permitFor = (db: Queryable, grant: Parameters<typeof makePermit>[1] & { personId: string }) =>
  makePermit(db, grant, grant.personId).catch((error: unknown) => {
    if (error instanceof AppError && error.code === "key-missing") return null;
    throw error;
  });
