import { titled } from "@/app/titled";
import { AppError } from "@/api/app-error";
import { notFound } from "next/navigation";
import { SettlementBoard } from "@/client/desk/SettlementBoard";
import { SettlementNotYet } from "@/client/desk/SettlementNotYet";
import { errorWords } from "@/messages/error-words";
import { englishTranslator } from "@/messages/translator";
import { requireStaff } from "@/server/auth/session";
import { findStay } from "@/server/db/charters";
import { inBaseTransaction } from "@/server/db/pool";
import { settlementScreen } from "@/server/settlement/screen";

export const generateMetadata = titled("settlement");

interface Props {
  params: Promise<{ reference: string }>;
}

export default async function SettlementRoute({ params }: Props) {
  const staff = await requireStaff();
  const { reference } = await params;
  const view = await inBaseTransaction(staff.baseId, async (db) => {
    const stay = await findStay(db, { reference });
    if (!stay) return null;
    try {
      return await settlementScreen(db, stay.stayId);
    } catch (error) {
      if (error instanceof AppError) return errorWords(englishTranslator(), error);
      throw error;
    }
  });
  if (view === null) notFound();
  return typeof view === "string" ? (
    <SettlementNotYet reference={reference} words={view} />
  ) : (
    <SettlementBoard screen={view} me={{ person: staff.personId, name: staff.name }} />
  );
}
