import "server-only";
import type { BoatBook } from "@/api/schemas/book";
import { faultsOf } from "@/core/faults/fault";
import { learnedChances } from "@/core/faults/learn";
import type { YachtFile } from "@/core/yacht/schema";
import { foundCauses } from "../db/found-causes";
import type { Queryable } from "../db/pool";

/** How likely each check is the cause, for the faults of a yacht of which the base has seen some end. */
export async function learnedOf(db: Queryable, yachtId: string, file: YachtFile): Promise<BoatBook["learned"]> {
  const found = await foundCauses(db, yachtId);
  return Object.fromEntries(
    faultsOf(file).flatMap((fault) => {
      const learned = found.get(fault.kind);
      return learned ? [[fault.key, learnedChances(fault, learned) as Record<string, number>]] : [];
    }),
  );
}
