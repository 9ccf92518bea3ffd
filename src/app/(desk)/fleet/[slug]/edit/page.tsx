import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { FileEditor } from "@/client/editor/FileEditor";
import { collectionFields } from "@/core/yacht/draft/fields";
import { mayPublish } from "@/server/auth/publisher";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { withBase } from "@/server/db/pool";
import { Refusal } from "@/server/http/refusal";
import { draftScreen } from "@/server/yacht/draft-screen";

export const metadata: Metadata = { title: "Yacht file" };

interface Props {
  params: Promise<{ slug: string }>;
}

export default async function EditRoute({ params }: Props) {
  const staff = await requireStaff();
  const { slug } = await params;
  const view = await withBase(staff.baseId, async (db) => ({ screen: await draftScreen(db, slug, staff.personId), base: await currentBase(db) })).catch((error: unknown) => {
    if (error instanceof Refusal && error.status === 404) return null;
    throw error;
  });
  if (!view) notFound();
  return <FileEditor first={view.screen} fields={collectionFields()} mayPublish={mayPublish(staff)} timeZone={view.base.timeZone} />;
}
