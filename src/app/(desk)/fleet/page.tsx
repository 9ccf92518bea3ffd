import type { Metadata } from "next";
import { FleetList } from "@/client/desk/FleetList";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { listYachts } from "@/server/db/yachts";

export const metadata: Metadata = { title: "Fleet" };

export default async function FleetPage() {
  const staff = await requireStaff();
  const yachts = await withBase(staff.baseId, listYachts);
  return <FleetList yachts={yachts.map(({ slug, name, berth, code, revision, file }) => ({ slug, name, berth, code, revision, particulars: file.particulars }))} />;
}
