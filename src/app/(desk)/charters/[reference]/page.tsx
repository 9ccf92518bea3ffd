import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { CharterPage } from "@/client/desk/CharterPage";
import { boatLogOf } from "@/server/db/boat-log";
import { addendaView } from "@/server/addenda/addenda-view";
import { requireStaff } from "@/server/auth/session";
import { windLimits } from "@/core/weather/limits";
import { dayIn } from "@/core/basics/instant";
import { accessOf } from "@/server/db/access";
import { currentBase } from "@/server/db/base";
import { currentRules } from "@/server/db/base-rules";
import { changeStart } from "@/server/charters/change-start";
import { partsOf } from "@/server/charters/parts";
import { changeOverTo } from "@/server/charters/foresee-other";
import { changesOf } from "@/server/db/charter-entries";
import { crewOf } from "@/server/db/crew";
import { openDefects } from "@/server/db/defects";
import { findStay } from "@/server/db/charters";
import { whyMailStays } from "@/server/outbox/leaves";
import { messagesOf } from "@/server/db/messages";
import { handoverInHand } from "@/server/handover/in-hand";
import { inBaseTransaction } from "@/server/db/pool";
import { studyAnswersOf } from "@/server/db/study";
import { findYacht } from "@/server/db/yachts";
import { forecastFor } from "@/server/weather/forecast";
import { depositEvents } from "@/server/db/deposits";
import { faultsOfAll } from "@/server/record/faults";
import type { StayView } from "@/api/schemas/desk";
import type { YachtFile } from "@/core/yacht/schema";
import type { Queryable } from "@/server/db/pool";
import { turnRoundOf } from "@/server/stays/turn-round";
import { hireView } from "@/server/stays/hire-view";
import { rowOfStay } from "@/server/desk/today";

interface Props {
  params: Promise<{ reference: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: (await params).reference };
}

/** How much is done aboard before the charter. */
async function turnRound(db: Queryable, stay: StayView, file: YachtFile | undefined, timeZone: string) {
  const { tasks, takeOff } = file ? await turnRoundOf(db, stay, file, timeZone) : { tasks: [], takeOff: [] };
  return {
    tasks: tasks.length,
    minutes: tasks.reduce((sum, each) => sum + each.minutes, 0),
    takeOff: takeOff.map(({ extra }) => extra.name),
  };
}

export default async function CharterRoute({ params }: Props) {
  const staff = await requireStaff();
  const { reference } = await params;
  const view = await inBaseTransaction(staff.baseId, async (db) => {
    const stay = await findStay(db, { reference });
    const yacht = stay && (await findYacht(db, { id: stay.yachtId }));
    if (!stay) return null;
    const base = await currentBase(db);
    const sealed = stay.handovers.filter(({ kind, sealedAt }) => kind !== "prep" && sealedAt !== null);
    const open = stay.handovers.find(({ kind, sealedAt }) => kind !== "prep" && sealedAt === null);
    const signed = stay.handovers.find((each) => each.kind === "check-in" && each.sealedAt);
    return {
      row: await rowOfStay(db, stay, yacht?.file),
      base,
      forecast: await forecastFor(db, dayIn(stay.startsAt, base.timeZone)),
      deposit: await depositEvents(db, stay.stayId),
      crew: await crewOf(db, stay.stayId),
      turnRound: await turnRound(db, stay, yacht?.file, base.timeZone),
      hire: yacht ? await hireView(db, stay, yacht.file, base.timeZone) : null,
      defects: await openDefects(db, stay.yachtId),
      limits: windLimits((await currentRules(db)).rules, yacht?.file.particulars.windLimitKn),
      inHand: open ? await handoverInHand(db, open.id) : null,
      afterwards: signed ? await addendaView(db, signed.id) : null,
      log: await boatLogOf(db, stay.stayId),
      study: (await studyAnswersOf(db, stay.stayId)).length,
      messages: await messagesOf(db, stay.stayId),
      change: await changeStart(db, stay),
      changes: await changesOf(db, stay.charterId),
      parts: await partsOf(db, stay.charterId),
      changeOver: signed || stay.calledOff !== null ? null : await changeOverTo(db, stay),
      access: await accessOf(db, stay.charterId),
      faults: await faultsOfAll(
        db,
        sealed.map(({ id }) => id),
      ),
    };
  });
  if (!view) notFound();
  return (
    <CharterPage
      row={view.row}
      timeZone={view.base.timeZone}
      currency={view.base.currency}
      deposit={view.deposit}
      crew={view.crew}
      hire={view.hire}
      turnRound={view.turnRound}
      defects={view.defects}
      forecast={view.forecast}
      limits={view.limits}
      inHand={view.inHand}
      afterwards={view.afterwards}
      messages={view.messages}
      change={view.change}
      changes={view.changes}
      parts={view.parts}
      changeOver={view.changeOver}
      mailStays={whyMailStays(view.base)}
      faults={view.faults}
      access={view.access}
      study={view.study}
      log={view.log}
      me={staff.personId}
    />
  );
}
