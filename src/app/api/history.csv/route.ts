import { addHours } from "@/core/basics/instant";
import { historyByItem } from "@/core/history/history";
import { historyToCsv } from "@/formats/history-csv";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { currentBase } from "@/server/db/base";
import { withBase } from "@/server/db/pool";
import { historyFacts } from "@/server/history/facts";
import { handle } from "@/server/http/handle";

/** What goes missing, what breaks and what it costs, of the last year, as CSV; of one yacht where it is named. */
export const GET = handle("history-csv", async (request) => {
  const staff = await requireStaff();
  const slug = new URL(request.url).searchParams.get("yacht");
  const csv = await withBase(staff.baseId, async (db) =>
    historyToCsv(
      historyByItem(await historyFacts(db, slug, addHours(now(), -24 * 366))),
      (await currentBase(db)).currency,
    ),
  );
  return new Response(csv, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename="history${slug === null ? "" : `-${slug.replaceAll(/[^a-z0-9-]/g, "")}`}.csv"`,
    },
  });
});
