import { titled } from "@/app/titled";
import { HistoryPage } from "@/client/desk/HistoryPage";
import { addHours } from "@/core/basics/instant";
import { historyByItem, historyByYacht } from "@/core/history/history";
import { mistakeSentences } from "@/messages/drilled-words";
import { englishTranslator } from "@/messages/translator";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { currentBase } from "@/server/db/base";
import { inBaseTransaction } from "@/server/db/pool";
import { listYachts } from "@/server/db/yachts";
import { callHistoryOf } from "@/server/history/calls";
import { drillHistoryOf } from "@/server/history/drills";
import { historyFacts } from "@/server/history/facts";

export const generateMetadata = titled("history");

interface Props {
  searchParams: Promise<{ yacht?: string }>;
}

export default async function HistoryRoute({ searchParams }: Props) {
  const staff = await requireStaff();
  const slug = (await searchParams).yacht ?? null;
  const view = await inBaseTransaction(staff.baseId, async (db) => ({
    facts: await historyFacts(db, slug, addHours(now(), -24 * 366)),
    calls: await callHistoryOf(db, slug, addHours(now(), -24 * 366)),
    drills: await drillHistoryOf(db, slug, addHours(now(), -24 * 366)),
    base: await currentBase(db),
    yachts: (await listYachts(db)).map((yacht) => ({ slug: yacht.slug, name: yacht.name })),
  }));
  return (
    <HistoryPage
      slug={slug}
      yachts={view.yachts}
      byItem={historyByItem(view.facts)}
      byYacht={historyByYacht(view.facts)}
      calls={view.calls}
      drills={view.drills}
      sentences={mistakeSentences(englishTranslator(), view.drills.mistakes)}
      currency={view.base.currency}
    />
  );
}
