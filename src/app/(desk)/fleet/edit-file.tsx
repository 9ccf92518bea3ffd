import { notFound } from "next/navigation";
import { FileEditor } from "@/client/editor/FileEditor";
import { collectionFields } from "@/core/yacht/draft/fields";
import type { FileName } from "@/api/schemas/draft";
import { may } from "@/api/permissions";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { inBaseTransaction } from "@/server/db/pool";
import { AppError } from "@/api/app-error";
import { draftScreen } from "@/server/yacht/draft-screen";

/** The editor of a file, as the page of a yacht's and of a class's show it. */
export async function EditFile({ of, slug, view: asked }: FileName & { view?: string }) {
  const staff = await requireStaff();
  const view = await inBaseTransaction(staff.baseId, async (db) => ({
    screen: await draftScreen(db, { of, slug }, staff.personId),
    base: await currentBase(db),
  })).catch((error: unknown) => {
    if (error instanceof AppError && error.status === 404) return null;
    throw error;
  });
  if (!view) notFound();
  const opens = asked === "publish" ? "publish" : undefined;
  return (
    <FileEditor
      first={view.screen}
      fields={collectionFields()}
      mayEdit={may(staff, "edit-file")}
      mayPublish={may(staff, "publish-file")}
      opens={opens}
      timeZone={view.base.timeZone}
    />
  );
}
