import { Type } from "@sinclair/typebox";
import { BaseRules } from "@/core/base/rules";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { currentRules, settleRules } from "@/server/db/base-rules";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";

const Settling = Type.Object(
  {
    onNumber: Type.Integer({ minimum: 0 }),
    rules: BaseRules,
    why: Type.String({ minLength: 1, maxLength: 500, pattern: "\\S" }),
  },
  { additionalProperties: false },
);

/** Settles the rules of the base anew: a manager alone, with a reason, and never over another's change unseen. */
export const POST = handle("settle-rules", async (request) => {
  const staff = await requireStaff();
  if (!staff.roles.includes("manager"))
    throw new Refusal(403, "not-yours", "The rules of the base are settled by the base manager.");
  const { onNumber, rules, why } = await readJson(request, Settling, 20_000);
  await withBase(staff.baseId, async (db) => {
    const { number } = await currentRules(db);
    const isSettled =
      number === onNumber && (await settleRules(db, onNumber, rules, why.trim(), staff.personId, now()));
    if (!isSettled)
      throw new Refusal(
        409,
        "changed-meanwhile",
        "Somebody has changed the rules meanwhile. Load the page again, and settle yours on top of theirs.",
      );
  });
  return Response.json({ settled: onNumber + 1 }, { status: 201 });
});
