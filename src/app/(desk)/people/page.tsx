import { titled } from "@/app/titled";
import { may } from "@/api/permissions";
import { PeoplePage } from "@/client/people/PeoplePage";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { currentBase } from "@/server/db/base";
import { openInvitations, staffList } from "@/server/db/accounts";
import { inBaseTransaction } from "@/server/db/pool";
import { factorState } from "@/server/auth/second-factor";

export const generateMetadata = titled("people");

export default async function PeopleRoute() {
  const staff = await requireStaff();
  const view = await inBaseTransaction(staff.baseId, async (db) => ({
    people: await staffList(db),
    invitations: may(staff, "keep-people") ? await openInvitations(db, now()) : [],
    factor: await factorState(db, staff.personId),
    timeZone: (await currentBase(db)).timeZone,
  }));
  return <PeoplePage {...view} />;
}
