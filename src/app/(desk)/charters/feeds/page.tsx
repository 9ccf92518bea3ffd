import { notFound } from "next/navigation";
import { may } from "@/api/permissions";
import { titled } from "@/app/titled";
import { FeedsPage } from "@/client/desk/feeds/FeedsPage";
import { requireStaff } from "@/server/auth/session";
import { inBaseTransaction } from "@/server/db/pool";
import { feedsView } from "@/server/feeds/own";

export const generateMetadata = titled("feeds");

export default async function FeedsRoute() {
  const staff = await requireStaff();
  if (!may(staff, "enter-charter")) notFound();
  return <FeedsPage view={await inBaseTransaction(staff.baseId, feedsView)} />;
}
