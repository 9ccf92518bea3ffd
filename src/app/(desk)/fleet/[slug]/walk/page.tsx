import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { WalkTuning } from "@/client/desk/WalkTuning";
import { mayPublish } from "@/server/auth/publisher";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { findYacht } from "@/server/db/yachts";

export const metadata: Metadata = { title: "Walk" };

interface Props {
  params: Promise<{ slug: string }>;
}

export default async function WalkRoute({ params }: Props) {
  const staff = await requireStaff();
  const { slug } = await params;
  const yacht = await withBase(staff.baseId, (db) => findYacht(db, { slug }));
  if (!yacht) notFound();
  return (
    <WalkTuning
      key={yacht.revision}
      slug={slug}
      file={yacht.file}
      revision={yacht.revision}
      mayPublish={mayPublish(staff)}
    />
  );
}
