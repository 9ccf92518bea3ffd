import { inventoryToCsv } from "@/formats/inventory-csv";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { withBase } from "@/server/db/pool";
import { fileNameOf, type DraftContext } from "@/server/http/file-name";
import { handle } from "@/server/http/handle";
import { draftView } from "@/server/yacht/draft";

/** The inventory of a draft as it stands, as CSV: to be changed in a spreadsheet and pasted back. */
export const GET = handle<DraftContext>("draft-inventory", async (_request, context) => {
  const staff = await requireStaff();
  const name = await fileNameOf(context);
  const text = await withBase(staff.baseId, async (db) =>
    inventoryToCsv((await draftView(db, name)).document, (await currentBase(db)).currency),
  );
  return new Response(text, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename="${name.slug}-inventory.csv"`,
    },
  });
});
