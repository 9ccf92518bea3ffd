import "server-only";
import { AppError } from "@/api/app-error";
import type { CharterSession, DeviceGrant, StaffSession } from "@/api/callers";
import type { ItemAnswer } from "@/api/schemas/book";
import { findStay } from "../db/charters";
import { findHandover } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { editedYacht } from "../yacht/edited-file";
import { takeNotes } from "./notes";

/** Takes notes about a yacht's file from whoever may write them; who that is, is told by the session. */
export async function takeNotesFrom(
  db: Queryable,
  slug: string,
  notes: readonly unknown[],
  session: DeviceGrant | StaffSession | CharterSession,
): Promise<{ answers: ItemAnswer[] }> {
  return { answers: await takeNotes(db, slug, notes, await writerOf(db, slug, session)) };
}

async function writerOf(
  db: Queryable,
  slug: string,
  session: DeviceGrant | StaffSession | CharterSession,
): Promise<string> {
  switch (session.kind) {
    case "staff":
      return session.personId;
    case "device": {
      const [handover, yacht] = [await findHandover(db, session.handoverId), await editedYacht(db, slug)];
      if (handover?.yachtId !== yacht.id) throw new AppError("not-open");
      return session.personId;
    }
    case "charter": {
      const stay = await findStay(db, { charterId: session.charterId });
      if (!stay) throw new AppError("not-open");
      return stay.skipperId;
    }
  }
}
