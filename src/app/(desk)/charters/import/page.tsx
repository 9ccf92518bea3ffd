import { notFound } from "next/navigation";
import { may } from "@/api/permissions";
import { titled } from "@/app/titled";
import { ImportPage } from "@/client/desk/imports/ImportPage";
import { requireStaff } from "@/server/auth/session";
import { inBaseTransaction } from "@/server/db/pool";
import { importStart } from "@/server/imports/start";

export const generateMetadata = titled("import");

export default async function ImportRoute() {
  const staff = await requireStaff();
  if (!may(staff, "enter-charter")) notFound();
  return <ImportPage start={await inBaseTransaction(staff.baseId, importStart)} />;
}
