import { titled } from "@/app/titled";
import { may } from "@/api/permissions";
import { WorkPage } from "@/client/desk/WorkPage";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { openWork } from "@/server/db/defects";
import { workers } from "@/server/db/staff";
import { inBaseTransaction } from "@/server/db/pool";
import { foundNotReturned } from "@/server/upkeep/found-things";

export const generateMetadata = titled("work");

export default async function WorkRoute() {
  const staff = await requireStaff();
  const view = await inBaseTransaction(staff.baseId, async (db) => ({
    work: await openWork(db),
    found: await foundNotReturned(db),
    base: await currentBase(db),
    workers: await workers(db),
  }));
  return (
    <WorkPage
      work={view.work}
      found={view.found}
      timeZone={view.base.timeZone}
      mayWork={may(staff, "judge-work")}
      workers={view.workers}
      me={staff.personId}
    />
  );
}
