import { titled } from "@/app/titled";
import { notFound } from "next/navigation";
import { may } from "@/api/permissions";
import { HealthPage } from "@/client/desk/HealthPage";
import { NotSent } from "@/client/desk/messages/NotSent";
import { addHours } from "@/core/basics/instant";
import { requireStaff } from "@/server/auth/session";
import { backupsMade } from "@/server/db/backups";
import { currentBase } from "@/server/db/base";
import { messagesNotSent, waitingMessages } from "@/server/db/messages";
import { lastLook } from "@/server/db/night";
import { now } from "@/server/clock";
import { whyMailStays } from "@/server/outbox/leaves";
import { inBaseTransaction } from "@/server/db/pool";

export const generateMetadata = titled("health");

export default async function HealthRoute() {
  const staff = await requireStaff();
  if (!may(staff, "see-health")) notFound();
  const view = await inBaseTransaction(staff.baseId, async (db) => ({
    look: await lastLook(db),
    base: await currentBase(db),
    backups: await backupsMade(db),
    waiting: await waitingMessages(db),
    notSent: await messagesNotSent(db, addHours(now(), -28 * 24)),
  }));
  return (
    <HealthPage
      look={view.look}
      backups={view.backups}
      messages={
        <NotSent
          waiting={view.waiting}
          notSent={view.notSent}
          stays={whyMailStays(view.base)}
          timeZone={view.base.timeZone}
        />
      }
      timeZone={view.base.timeZone}
    />
  );
}
