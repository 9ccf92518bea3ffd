import { titled } from "@/app/titled";
import { CharterTable } from "@/client/desk/CharterTable";
import { requireStaff } from "@/server/auth/session";
import { inBaseTransaction } from "@/server/db/pool";
import { chartersView } from "@/server/desk/today";

export const generateMetadata = titled("charters");

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function ChartersPage({ searchParams }: Props) {
  const staff = await requireStaff();
  const { find, after } = await searchParams;
  const one = (value: string | string[] | undefined) => (typeof value === "string" ? value : undefined);
  const page = await inBaseTransaction(staff.baseId, (db) => chartersView(db, { find: one(find), after: one(after) }));
  return <CharterTable page={page} />;
}
