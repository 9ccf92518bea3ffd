import { titled } from "@/app/titled";
import { GettingStarted } from "@/client/desk/GettingStarted";
import { TodayBoard } from "@/client/desk/TodayBoard";
import { requireStaff } from "@/server/auth/session";
import { gettingStarted } from "@/server/db/getting-started";
import { inBaseTransaction } from "@/server/db/pool";
import { todayView } from "@/server/desk/today";

export const generateMetadata = titled("today");

export default async function TodayPage() {
  const staff = await requireStaff();
  const { lacks, ...view } = await inBaseTransaction(staff.baseId, async (db) => ({
    ...(await todayView(db)),
    lacks: await gettingStarted(db),
  }));
  const { base, now, rows, underWay, yachts } = view;
  return (
    <TodayBoard
      base={base}
      now={now}
      rows={rows}
      underWay={underWay}
      yachts={yachts}
      first={lacks && <GettingStarted lacks={lacks} />}
    />
  );
}
