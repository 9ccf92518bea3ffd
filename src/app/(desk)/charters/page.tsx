import type { Metadata } from "next";
import { CharterTable } from "@/client/desk/CharterTable";
import { requireStaff } from "@/server/auth/session";
import { inBaseTransaction } from "@/server/db/pool";
import { chartersView } from "@/server/desk/today";

export const metadata: Metadata = { title: "Charters" };

export default async function ChartersPage() {
  const staff = await requireStaff();
  const { base, rows } = await inBaseTransaction(staff.baseId, chartersView);
  return <CharterTable rows={rows} timeZone={base.timeZone} />;
}
