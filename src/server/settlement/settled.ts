import "server-only";
import type { BoatBook } from "@/api/schemas/book";
import type { Queryable } from "../db/pool";
import { settlementScreen } from "./screen";

/** The signed statement of a stay as its people read it; null where none is signed. */
export async function settledBook(db: Queryable, stayId: string): Promise<BoatBook["settlement"]> {
  const { signed, after } = await settlementScreen(db, stayId);
  if (!signed || !after) return null;
  const { dueMinor, heldMinor, releaseMinor } = signed.output;
  const how = new Map(signed.output.lines.map((line) => [line.id, line.how]));
  return {
    sealedAt: signed.sealedAt,
    dueMinor,
    heldMinor,
    releaseMinor,
    objectUntil: signed.objectUntil,
    lines: after.lines.map(({ said, ...line }) => ({
      ...line,
      how: how.get(line.id) ?? "",
      mayObject: line.state === "may-be-objected",
      said: said.map(({ words }) => words),
    })),
  };
}
