import { titled } from "@/app/titled";
import { notFound } from "next/navigation";
import { ClassPage } from "@/client/desk/ClassPage";
import { may } from "@/api/permissions";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { inBaseTransaction } from "@/server/db/pool";
import { findClass, sistersOf } from "@/server/db/yacht-classes";

export const generateMetadata = titled("class");

interface Props {
  params: Promise<{ slug: string }>;
}

export default async function ClassRoute({ params }: Props) {
  const staff = await requireStaff();
  const { slug } = await params;
  const found = await inBaseTransaction(staff.baseId, async (db) => {
    const yachtClass = await findClass(db, slug);
    return yachtClass && { yachtClass, sisters: await sistersOf(db, slug), base: await currentBase(db) };
  });
  if (!found) notFound();
  const { yachtClass, sisters, base } = found;
  return (
    <ClassPage
      slug={slug}
      name={yachtClass.file.particulars.class}
      revision={yachtClass.revision}
      publishedAt={yachtClass.publishedAt}
      by={yachtClass.by}
      why={yachtClass.why}
      timeZone={base.timeZone}
      mayEdit={may(staff, "edit-file")}
      sisters={sisters.map(({ slug: yacht, name, revision, classRevision, file }) => ({
        slug: yacht,
        name,
        revision,
        isBehind: classRevision < yachtClass.revision,
        particulars: file.particulars,
      }))}
    />
  );
}
