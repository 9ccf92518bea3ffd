import { titled } from "@/app/titled";
import { CalendarPage } from "@/client/desk/calendar/CalendarPage";
import { requireStaff } from "@/server/auth/session";
import { calendarView } from "@/server/charters/calendar";
import { currentBase } from "@/server/db/base";
import { inBaseTransaction } from "@/server/db/pool";

export const generateMetadata = titled("calendar");

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function CalendarRoute({ searchParams }: Props) {
  const staff = await requireStaff();
  const { from, weeks } = await searchParams;
  const one = (value: string | string[] | undefined) => (typeof value === "string" ? value : undefined);
  const { view, currency } = await inBaseTransaction(staff.baseId, async (db) => ({
    view: await calendarView(db, { from: one(from), weeks: one(weeks) }),
    currency: (await currentBase(db)).currency,
  }));
  return <CalendarPage key={`${view.from} ${view.weeks}`} view={view} currency={currency} />;
}
