import { notFound } from "next/navigation";
import { LogFilter } from "@/api/log";
import { may } from "@/api/permissions";
import { titled } from "@/app/titled";
import { LogPage } from "@/client/log/LogPage";
import { mismatch } from "@/formats/validate";
import { requireStaff } from "@/server/auth/session";
import { staffList } from "@/server/db/accounts";
import { currentBase } from "@/server/db/base";
import { inBaseTransaction } from "@/server/db/pool";
import { listYachts } from "@/server/db/yachts";
import { logPage } from "@/server/deeds/log";

export const generateMetadata = titled("log");

interface Props {
  searchParams: Promise<Record<string, string>>;
}

export default async function LogRoute({ searchParams }: Props) {
  const staff = await requireStaff();
  if (!may(staff, "see-log")) notFound();
  const { before, ...asked } = await searchParams;
  const given = Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== ""));
  // an address that was typed wrong shows everything, as one without a filter
  const filter = mismatch(LogFilter, given) ? {} : (given as LogFilter);
  const view = await inBaseTransaction(staff.baseId, async (db) => ({
    ...(await logPage(db, filter, /^\d{1,15}$/.test(before ?? "") ? Number(before) : undefined)),
    people: (await staffList(db)).map(({ id, name }) => ({ id, name })),
    yachts: (await listYachts(db)).map(({ slug, name }) => ({ slug, name })),
    base: await currentBase(db),
  }));
  return (
    <LogPage
      filter={filter}
      deeds={view.deeds}
      older={view.older}
      people={view.people}
      yachts={view.yachts}
      timeZone={view.base.timeZone}
    />
  );
}
