import { CsvFault, inventoryFromCsv, inventoryToCsv } from "@/formats/inventory-csv";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { withBase } from "@/server/db/pool";
import { readBytes } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";
import { requireYacht } from "@/server/yacht/require";
import { reviewFile } from "@/server/yacht/review";

interface Context {
  params: Promise<{ slug: string }>;
}

const yachtAndCurrency = (baseId: string, slug: string) =>
  withBase(baseId, async (db) => ({ yacht: await requireYacht(db, slug), currency: (await currentBase(db)).currency }));

/** Inventory and price list as CSV. */
export const GET = handle<Context>("inventory-csv", async (_request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  const { yacht, currency } = await yachtAndCurrency(staff.baseId, slug);
  return new Response(inventoryToCsv(yacht.file, currency), {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename="${slug}-inventory.csv"`,
    },
  });
});

/** What publishing the file with this list in it would do. Nothing is kept; the whole new file comes back for that. */
export const POST = handle<Context>("review-inventory", async (request, { params }) => {
  const staff = await requireStaff();
  const { slug } = await params;
  let text: string;
  try {
    text = new TextDecoder("utf-8", { fatal: true }).decode(await readBytes(request, 1_000_000));
  } catch (error) {
    if (error instanceof Refusal) throw error;
    throw new Refusal(400, "not-utf-8", "This is not text in UTF-8. Save the list as CSV in UTF-8 and send it again.");
  }
  const { yacht, currency } = await yachtAndCurrency(staff.baseId, slug);
  try {
    const document = inventoryFromCsv(text, yacht.file, currency);
    const { findings, changes } = await withBase(staff.baseId, (db) => reviewFile(db, slug, document));
    return Response.json({ onRevision: yacht.revision, findings, changes, document });
  } catch (error) {
    if (error instanceof CsvFault) throw new Refusal(422, "wrong-list", error.message, error.column);
    throw error;
  }
});
