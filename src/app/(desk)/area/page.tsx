import { titled } from "@/app/titled";
import { AreaPage } from "@/client/desk/AreaPage";
import { requireStaff } from "@/server/auth/session";
import { currentArea } from "@/server/db/area";
import { currentBase } from "@/server/db/base";
import { inBaseTransaction } from "@/server/db/pool";

export const generateMetadata = titled("area");

export default async function AreaRoute() {
  const staff = await requireStaff();
  const view = await inBaseTransaction(staff.baseId, async (db) => ({
    told: await currentArea(db),
    timeZone: (await currentBase(db)).timeZone,
  }));
  return <AreaPage told={view.told} timeZone={view.timeZone} />;
}
