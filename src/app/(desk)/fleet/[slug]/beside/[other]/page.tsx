import { titled } from "@/app/titled";
import { notFound } from "next/navigation";
import { SistersPage } from "@/client/desk/SistersPage";
import { sisterDifferences, traps } from "@/core/yacht/sisters";
import { requireStaff } from "@/server/auth/session";
import { inBaseTransaction } from "@/server/db/pool";
import { findYacht } from "@/server/db/yachts";

export const generateMetadata = titled("sisters");

interface Props {
  params: Promise<{ slug: string; other: string }>;
}

export default async function SistersRoute({ params }: Props) {
  const staff = await requireStaff();
  const { slug, other } = await params;
  const [one, two] = await inBaseTransaction(
    staff.baseId,
    async (db) => [await findYacht(db, { slug }), await findYacht(db, { slug: other })] as const,
  );
  if (!one || !two || one.file.particulars.class !== two.file.particulars.class) notFound();
  return (
    <SistersPage
      one={one.name}
      other={two.name}
      className={one.file.particulars.class}
      traps={traps(one.file, two.file)}
      differences={sisterDifferences(one.file, two.file)}
    />
  );
}
