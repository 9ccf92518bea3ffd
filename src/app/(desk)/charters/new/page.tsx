import { notFound } from "next/navigation";
import { titled } from "@/app/titled";
import { may } from "@/api/permissions";
import { NewCharter } from "@/client/desk/charters/NewCharter";
import { requireStaff } from "@/server/auth/session";
import { charterForm } from "@/server/charters/form";
import { inBaseTransaction } from "@/server/db/pool";

export const generateMetadata = titled("new-charter");

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function NewCharterRoute({ searchParams }: Props) {
  const staff = await requireStaff();
  if (!may(staff, "enter-charter")) notFound();
  const asked = await searchParams;
  const one = (name: string) => (typeof asked[name] === "string" ? asked[name] : undefined);
  const chosen = { yacht: one("yacht"), fromDay: one("from"), toDay: one("to") };
  return <NewCharter start={await inBaseTransaction(staff.baseId, charterForm)} chosen={chosen} />;
}
