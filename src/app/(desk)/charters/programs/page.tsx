import { notFound } from "next/navigation";
import { may } from "@/api/permissions";
import { titled } from "@/app/titled";
import { ProgramsPage } from "@/client/desk/programs/ProgramsPage";
import { requireStaff } from "@/server/auth/session";
import { inBaseTransaction } from "@/server/db/pool";
import { programsView } from "@/server/programs/programs";

export const generateMetadata = titled("programs");

export default async function ProgramsRoute() {
  const staff = await requireStaff();
  if (!may(staff, "keep-programs")) notFound();
  return <ProgramsPage view={await inBaseTransaction(staff.baseId, programsView)} />;
}
