import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { CharterPage } from "@/client/desk/CharterPage";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { currentBase } from "@/server/db/base";
import { findStay } from "@/server/db/charters";
import { withBase } from "@/server/db/pool";
import { findYacht } from "@/server/db/yachts";
import { depositEvents } from "@/server/deposit/deposit";
import { todayRow, withExperience } from "@/server/desk/today";

interface Props {
  params: Promise<{ reference: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: (await params).reference };
}

export default async function CharterRoute({ params }: Props) {
  const staff = await requireStaff();
  const { reference } = await params;
  const view = await withBase(staff.baseId, async (db) => {
    const stay = await findStay(db, { reference });
    const yacht = stay && (await findYacht(db, { id: stay.yachtId }));
    return stay && { row: await withExperience(db, todayRow(stay, now()), yacht?.file), base: await currentBase(db), deposit: await depositEvents(db, stay.stayId) };
  });
  if (!view) notFound();
  return <CharterPage row={view.row} timeZone={view.base.timeZone} currency={view.base.currency} deposit={view.deposit} />;
}
