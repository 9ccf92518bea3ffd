import { WorkStep } from "@/core/upkeep/defect";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { addWorkStep, workStepsOf } from "@/server/db/defects";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}
/** Says how the work on a defect stands: done, left as it is and known, or ordered again. */
export const POST = handle<Context>("work-step", async (request, { params }) => {
  const staff = await requireStaff();
  const id = idParam((await params).id);
  const step = await readJson(request, WorkStep, 8000);
  if (step.words.trim() === "")
    throw new Refusal(422, "no-words", "A few words, please: the next one reads them.", "words");
  if (!staff.roles.some((role) => role === "technician" || role === "manager"))
    throw new Refusal(403, "not-yours", "A technician or the base manager says that work is done.");
  await withBase(staff.baseId, async (db) => {
    const steps = await workStepsOf(db, id);
    if (steps === null) throw new Refusal(404, "no-such-defect", "There is no such defect here.");
    if (!(await addWorkStep(db, id, steps + 1, { ...step, words: step.words.trim() }, staff.personId, now())))
      throw new Refusal(
        409,
        "changed-meanwhile",
        "Somebody has said something about this work meanwhile. Load the page again.",
      );
  });
  return Response.json({ state: step.state }, { status: 201 });
});
