import { titled } from "@/app/titled";
import { notFound } from "next/navigation";
import { BriefingPage } from "@/client/desk/BriefingPage";
import { briefedDrills } from "@/core/briefing/drilled/briefed";
import { drilledWords } from "@/messages/drilled-words";
import { englishTranslator } from "@/messages/translator";
import { requireStaff } from "@/server/auth/session";
import { briefingSheet } from "@/server/briefing/briefing-sheet";
import { currentBase } from "@/server/db/base";
import { findStay } from "@/server/db/charters";
import { inBaseTransaction } from "@/server/db/pool";

export const generateMetadata = titled("briefing");

interface Props {
  params: Promise<{ reference: string }>;
}

export default async function BriefingRoute({ params }: Props) {
  const staff = await requireStaff();
  const { reference } = await params;
  const found = await inBaseTransaction(staff.baseId, async (db) => {
    const stay = await findStay(db, { reference });
    return stay && { page: await briefingSheet(db, stay, staff.personId), base: await currentBase(db) };
  });
  if (!found) notFound();
  const { page, base } = found;
  const { plan } = page;
  const t = englishTranslator();
  return (
    <BriefingPage
      stay={page.stay}
      file={page.file}
      since={page.since}
      minutes={page.minutes}
      studied={page.studied}
      lastCalls={page.lastCalls}
      calls={page.calls}
      timeZone={base.timeZone}
      topics={plan.topics}
      questions={plan.questions}
      farBelow={plan.farBelow}
      experience={plan.state.experience}
      own={plan.state.questions}
      marks={Object.fromEntries(plan.state.marks)}
      checks={Object.fromEntries(plan.state.checks)}
      leaving={page.leaving}
      drilled={plan.drilled.flatMap(briefedDrills).map((drill) => drilledWords(t, drill))}
    />
  );
}
