import { titled } from "@/app/titled";
import { FleetList } from "@/client/desk/FleetList";
import { may } from "@/api/permissions";
import { requireStaff } from "@/server/auth/session";
import { fileWork } from "@/server/db/file-work";
import { inBaseTransaction } from "@/server/db/pool";
import { listClasses } from "@/server/db/yacht-classes";
import { listYachts, unpublishedYachts } from "@/server/db/yachts";

export const generateMetadata = titled("fleet");

export default async function FleetPage() {
  const staff = await requireStaff();
  const { yachts, classes, unpublished, waiting } = await inBaseTransaction(staff.baseId, async (db) => ({
    yachts: await listYachts(db),
    classes: await listClasses(db),
    unpublished: await unpublishedYachts(db),
    waiting: await fileWork(db),
  }));
  return (
    <FleetList
      unpublished={unpublished}
      mayEdit={may(staff, "edit-file")}
      classes={classes.map(({ slug, revision, file }) => ({ slug, revision, name: file.particulars.class }))}
      yachts={yachts.map(({ slug, name, berth, code, revision, file }) => ({
        slug,
        name,
        berth,
        code,
        revision,
        particulars: file.particulars,
        fileWork: waiting[slug] ?? null,
      }))}
    />
  );
}
