import { titled } from "@/app/titled";
import { notFound } from "next/navigation";
import { YachtPage } from "@/client/desk/yacht/YachtPage";
import { dayIn } from "@/core/basics/instant";
import { readDates, readSeries } from "@/core/history/last-readings";
import { may } from "@/api/permissions";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { currentBase } from "@/server/db/base";
import { nextStays } from "@/server/db/charters";
import { fileWork } from "@/server/db/file-work";
import { inBaseTransaction } from "@/server/db/pool";
import { classOfYacht } from "@/server/db/yacht-classes";
import { findYacht, listYachts } from "@/server/db/yachts";
import { classDraft } from "@/server/yacht/class-draft";
import { allDefects } from "@/server/db/defects";
import { revisionsOf } from "@/server/yacht/history";
import { readingHistory } from "@/server/yacht/reading-history";

export const generateMetadata = titled("yacht");

interface Props {
  params: Promise<{ slug: string }>;
}

export default async function YachtRoute({ params }: Props) {
  const staff = await requireStaff();
  const { slug } = await params;
  const found = await inBaseTransaction(staff.baseId, async (db) => {
    const yacht = await findYacht(db, { slug });
    if (!yacht) return null;
    const sisters = (await listYachts(db)).filter(
      (each) => each.id !== yacht.id && each.file.particulars.class === yacht.file.particulars.class,
    );
    const yachtClass = await classOfYacht(db, yacht.id);
    if (!yachtClass) return null;
    const draft = await classDraft(db, yachtClass.slug, slug);
    return {
      yacht,
      yachtClass,
      draft,
      sisters: sisters.map(({ slug: other, name }) => ({ slug: other, name })),
      defects: await allDefects(db, yacht.id),
      charters: await nextStays(db, yacht.id, now(), 5),
      readings: await readingHistory(db, yacht.id),
      revisions: await revisionsOf(db, yacht.id),
      base: await currentBase(db),
      waiting: (await fileWork(db))[slug] ?? null,
    };
  });
  if (!found) notFound();
  const { yacht, yachtClass, draft, sisters, revisions, defects, charters, readings, base, waiting } = found;
  return (
    <YachtPage
      slug={slug}
      name={yacht.name}
      berth={yacht.berth}
      code={yacht.code}
      revision={yacht.revision}
      file={yacht.file}
      sisters={sisters}
      revisions={revisions}
      defects={defects}
      charters={charters.map(({ reference, skipper, startsAt, endsAt, aboard }) => ({
        reference,
        skipper,
        startsAt: new Date(startsAt).toISOString(),
        endsAt: new Date(endsAt).toISOString(),
        aboard,
      }))}
      dates={readDates(yacht.file, readings, dayIn(now(), base.timeZone))}
      series={readSeries(yacht.file, readings)}
      timeZone={base.timeZone}
      fileWork={waiting}
      mayEdit={may(staff, "edit-file")}
      mayWork={may(staff, "judge-work")}
      yachtClass={{ slug: yachtClass.slug, revision: yachtClass.revision }}
      draft={draft && { why: draft.why, findings: draft.findings }}
    />
  );
}
