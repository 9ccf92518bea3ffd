import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { keepArea } from "@/api/area";
import { areaFaults } from "@/core/area/faults";
import { now } from "../clock";
import { addArea, currentArea } from "../db/area";
import type { Queryable } from "../db/pool";

/** Keeps the waters of the base, where they can be drawn and steered by; never over another's change unseen. */
export async function keepBaseArea(
  db: Queryable,
  { onNumber, area }: Static<typeof keepArea.body>,
  personId: string,
): Promise<Record<string, never>> {
  const [fault] = areaFaults(area);
  if (fault)
    throw new AppError("area-wrong", { name: fault.name, path: fault.path, what: fault.code.replaceAll("-", "") });
  const number = (await currentArea(db))?.number ?? 0;
  const isKept = number === onNumber && (await addArea(db, onNumber, area, personId, now()));
  if (!isKept) throw new AppError("area-changed");
  return {};
}
