import { notFound } from "next/navigation";
import { FileEditor } from "@/client/editor/FileEditor";
import { collectionFields } from "@/core/yacht/draft/fields";
import type { FileName } from "@/formats/draft";
import { mayPublish } from "@/server/auth/publisher";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { withBase } from "@/server/db/pool";
import { Refusal } from "@/server/http/refusal";
import { draftScreen } from "@/server/yacht/draft-screen";

/** The editor of a file, as the page of a yacht's and of a class's show it. */
export async function EditFile({ of, slug }: FileName) {
  const staff = await requireStaff();
  const view = await withBase(staff.baseId, async (db) => ({
    screen: await draftScreen(db, { of, slug }, staff.personId),
    base: await currentBase(db),
  })).catch((error: unknown) => {
    if (error instanceof Refusal && error.status === 404) return null;
    throw error;
  });
  if (!view) notFound();
  return (
    <FileEditor
      first={view.screen}
      fields={collectionFields()}
      mayPublish={mayPublish(staff)}
      timeZone={view.base.timeZone}
    />
  );
}
