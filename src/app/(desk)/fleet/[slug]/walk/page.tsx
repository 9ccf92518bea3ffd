import { titled } from "@/app/titled";
import { notFound } from "next/navigation";
import { WalkTuning } from "@/client/desk/tuning/WalkTuning";
import { may } from "@/api/permissions";
import { requireStaff } from "@/server/auth/session";
import { inBaseTransaction } from "@/server/db/pool";
import { findYacht } from "@/server/db/yachts";

export const generateMetadata = titled("walk");

interface Props {
  params: Promise<{ slug: string }>;
}

export default async function WalkRoute({ params }: Props) {
  const staff = await requireStaff();
  const { slug } = await params;
  const yacht = await inBaseTransaction(staff.baseId, (db) => findYacht(db, { slug }));
  if (!yacht) notFound();
  return <WalkTuning key={yacht.revision} slug={slug} file={yacht.file} mayEdit={may(staff, "edit-file")} />;
}
