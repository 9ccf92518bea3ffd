import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { SettlementBoard } from "@/client/desk/SettlementBoard";
import { SettlementNotYet } from "@/client/desk/SettlementNotYet";
import { requireStaff } from "@/server/auth/session";
import { findStay } from "@/server/db/charters";
import { withBase } from "@/server/db/pool";
import { Refusal } from "@/server/http/refusal";
import { settlementScreen } from "@/server/settlement/screen";

export const metadata: Metadata = { title: "Settlement" };

interface Props {
  params: Promise<{ reference: string }>;
}

export default async function SettlementRoute({ params }: Props) {
  const staff = await requireStaff();
  const { reference } = await params;
  const view = await withBase(staff.baseId, async (db) => {
    const stay = await findStay(db, { reference });
    if (!stay) return null;
    try {
      return await settlementScreen(db, stay.stayId);
    } catch (error) {
      if (error instanceof Refusal) return error.message;
      throw error;
    }
  });
  if (view === null) notFound();
  return typeof view === "string" ? (
    <SettlementNotYet reference={reference} words={view} />
  ) : (
    <SettlementBoard
      screen={view}
      me={{ person: staff.personId, name: staff.name, isManager: staff.roles.includes("manager") }}
    />
  );
}
