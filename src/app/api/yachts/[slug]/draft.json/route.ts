import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { classOfYacht } from "@/server/db/yacht-classes";
import { handle } from "@/server/http/handle";
import { jsonFile } from "@/server/http/json-file";
import { Refusal } from "@/server/http/refusal";
import { classDraft } from "@/server/yacht/class-draft";
import { requireYacht } from "@/server/yacht/require";

interface Context {
  params: Promise<{ slug: string }>;
}

/** The draft that a change of her class has left for a yacht, as one JSON file. */
export const GET = handle<Context>("class-draft", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const draft = await withBase(staff.baseId, async (db) => {
    const yachtClass = await classOfYacht(db, (await requireYacht(db, slug)).id);
    return yachtClass && classDraft(db, yachtClass.slug, slug);
  });
  if (!draft)
    throw new Refusal(
      404,
      "no-draft",
      "No draft waits for this yacht: she stands on the newest revision of her class.",
    );
  return jsonFile(draft.file, `${slug}-on-class-revision-${draft.classRevision}.json`);
});
