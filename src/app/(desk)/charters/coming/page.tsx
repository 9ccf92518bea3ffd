import { titled } from "@/app/titled";
import { ComingPage } from "@/client/desk/coming/ComingPage";
import { requireStaff } from "@/server/auth/session";
import { comingView } from "@/server/charters/coming";
import { inBaseTransaction } from "@/server/db/pool";

export const generateMetadata = titled("coming");

export default async function ComingRoute() {
  const staff = await requireStaff();
  return <ComingPage view={await inBaseTransaction(staff.baseId, comingView)} />;
}
