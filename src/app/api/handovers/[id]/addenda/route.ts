import { AddendumBatch } from "@/formats/book";
import { takeAddenda } from "@/server/addenda/take-addenda";
import { requireStaff } from "@/server/auth/session";
import { findHandover } from "@/server/db/handovers";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}

/** Takes what the base adds to a signed record: answers to late findings, visits. */
export const POST = handle<Context>("base-addenda", async (request, { params }) => {
  const staff = await requireStaff();
  const id = idParam((await params).id);
  const { addenda } = await readJson(request, AddendumBatch, 200_000);
  const answers = await withBase(staff.baseId, async (db) => {
    const handover = await findHandover(db, id);
    if (!handover) throw new Refusal(404, "no-such-handover", "There is no such handover here.");
    return takeAddenda(db, handover, addenda, { side: "base", person: staff.personId });
  });
  const refused = answers.find((each) => each.status === "refused");
  if (refused) throw new Refusal(422, "not-taken", refused.message ?? "This cannot be taken.");
  return Response.json({ answers }, { status: 201 });
});
