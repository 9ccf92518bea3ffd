import type { Metadata } from "next";
import { FleetList } from "@/client/desk/FleetList";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { listClasses } from "@/server/db/yacht-classes";
import { listYachts } from "@/server/db/yachts";

export const metadata: Metadata = { title: "Fleet" };

export default async function FleetPage() {
  const staff = await requireStaff();
  const { yachts, classes } = await withBase(staff.baseId, async (db) => ({ yachts: await listYachts(db), classes: await listClasses(db) }));
  return <FleetList classes={classes.map(({ slug, revision, file }) => ({ slug, revision, name: file.particulars.class }))} yachts={yachts.map(({ slug, name, berth, code, revision, file }) => ({ slug, name, berth, code, revision, particulars: file.particulars }))} />;
}
