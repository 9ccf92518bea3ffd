import "server-only";
import type { StayView } from "@/api/schemas/desk";
import { AppError } from "@/api/app-error";
import type { SealRequest } from "@/api/schemas/handover";
import type { HandoverRow } from "../db/handovers";
import type { Queryable } from "../db/pool";
import type { StandingProblem } from "@/core/handover/standing";
import { isStaff } from "../db/staff";
import { checkSignatures } from "../signing/check-signatures";

/** What speaks against the signatures under a record: one that is missing or blank, or of somebody who cannot sign there. */
export async function signerProblems(
  db: Queryable,
  { kind }: Pick<HandoverRow, "kind">,
  stay: StayView,
  { manifest, signatures, contents }: Pick<SealRequest, "manifest" | "signatures" | "contents">,
  signerOfGrant: string,
): Promise<StandingProblem[]> {
  const problems = new Set<StandingProblem>();
  if (manifest.without && kind !== "check-out") problems.add("needs-skipper");
  try {
    checkSignatures(manifest.without ?? null, signatures, contents);
  } catch (error) {
    if (!(error instanceof AppError)) throw error;
    // what is refused of a statement is kept of a record: its device holds nothing else that both signed
    problems.add(error.code as StandingProblem);
  }
  for (const { side, person } of signatures) {
    if (side === "skipper" && person !== stay.skipperId && person !== stay.chartererId) problems.add("wrong-signer");
    if (side === "base" && !(await isStaff(db, person))) problems.add("wrong-signer");
    // a device of the base signs for whom it was made out to
    if (side === "base" && person !== signerOfGrant) problems.add("other-signer");
  }
  return [...problems];
}
