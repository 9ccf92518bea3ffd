import { titled } from "@/app/titled";
import { notFound } from "next/navigation";
import { may } from "@/api/permissions";
import { HealthPage } from "@/client/desk/HealthPage";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { lastLook } from "@/server/db/night";
import { inBaseTransaction } from "@/server/db/pool";

export const generateMetadata = titled("health");

export default async function HealthRoute() {
  const staff = await requireStaff();
  if (!may(staff, "see-health")) notFound();
  const view = await inBaseTransaction(staff.baseId, async (db) => ({
    look: await lastLook(db),
    base: await currentBase(db),
  }));
  return <HealthPage look={view.look} timeZone={view.base.timeZone} />;
}
