import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { YachtPage } from "@/client/desk/YachtPage";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { findYacht } from "@/server/db/yachts";

export const metadata: Metadata = { title: "Yacht" };

interface Props {
  params: Promise<{ slug: string }>;
}

export default async function YachtRoute({ params }: Props) {
  const staff = await requireStaff();
  const { slug } = await params;
  const yacht = await withBase(staff.baseId, (db) => findYacht(db, { slug }));
  if (!yacht) notFound();
  return <YachtPage name={yacht.name} berth={yacht.berth} code={yacht.code} revision={yacht.revision} file={yacht.file} />;
}
