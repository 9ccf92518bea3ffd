import { titled } from "@/app/titled";
import { TodayBoard } from "@/client/desk/TodayBoard";
import { requireStaff } from "@/server/auth/session";
import { inBaseTransaction } from "@/server/db/pool";
import { todayView } from "@/server/desk/today";

export const generateMetadata = titled("today");

export default async function TodayPage() {
  const staff = await requireStaff();
  const { base, now, rows, underWay, yachts } = await inBaseTransaction(staff.baseId, todayView);
  return <TodayBoard base={base} now={now} rows={rows} underWay={underWay} yachts={yachts} />;
}
