import "server-only";
import { rulesFrom, type BaseRules } from "@/core/base/rules";
import { wallClock } from "@/core/basics/wall-clock";
import { withExtras } from "@/core/extras/aboard";
import type { CharterTerms } from "@/core/settlement/terms";
import { fold } from "@/core/handover/fold";
import { mainValue } from "@/core/handover/state";
import { studiedRevision } from "@/core/briefing/study/studied-revision";
import { windLimits } from "@/core/weather/limits";
import type { YachtFile } from "@/core/yacht/schema";
import type { BoatBook } from "@/api/schemas/book";
import type { StayView } from "@/api/schemas/desk";
import { faultWords } from "@/messages/fault-words";
import { findings } from "@/messages/findings";
import type { Language } from "@/messages/languages";
import { translatorOf, type Translator } from "@/messages/translator";
import { now } from "../clock";
import { boatLogOf } from "../db/boat-log";
import { learnedOf } from "./learned";
import { answersOfAll } from "../db/calls";
import { outlookNow } from "../weather/outlook";
import { bookUntil } from "../auth/book-link";
import { berthOf } from "../area/leaving";
import { currentArea } from "../db/area";
import { currentBase } from "../db/base";
import { currentRules } from "../db/base-rules";
import { findStay, languageOfCharter, staysOfCharter } from "../db/charters";
import { comingOf } from "../db/coming";
import { crewOf } from "../db/crew";
import type { Queryable } from "../db/pool";
import { findYacht, yachtFileAt } from "../db/yachts";
import { studyAnswersOf } from "../db/study";
import { knownFaultsOfAll } from "../db/fault-orders";
import { hiredOf } from "../db/hired-extras";
import { findHandover } from "../db/handovers";
import { faultsOf } from "../record/faults";
import { sealedRecord } from "../record/record";
import { changesSinceStudy } from "../briefing/changes-since-study";
import { settledBook } from "../settlement/settled";
import { walkAloneNow } from "./walk-alone";
import { addendaView } from "../addenda/addenda-view";
import { AppError } from "@/api/app-error";
import { usualLanguage } from "@/core/basics/languages";

/** What a charter's people see: their yacht as she was handed over, their signed records, and what was settled; what the base says in words, in their language. */
export async function boatBook(
  db: Queryable,
  charterId: string,
  language: Language = usualLanguage,
): Promise<BoatBook> {
  const t = translatorOf(language);
  const base = await currentBase(db);
  const stay = await findStay(db, { charterId });
  if (!stay) throw new AppError("no-such-charter");
  const checkIn = stay.handovers.find((each) => each.kind === "check-in");
  const pinned = checkIn ? await findHandover(db, checkIn.id) : null;
  const yacht = await findYacht(db, { id: stay.yachtId });
  const file = pinned ? await yachtFileAt(db, stay.yachtId, pinned.revision) : yacht?.file;
  if (!yacht || !file) throw new AppError("no-yacht-file");
  const hired = pinned ? (pinned.list.hired ?? []) : (await hiredOf(db, charterId)).hired;
  const study = await studyAnswersOf(db, stay.stayId);
  const told = await currentArea(db);
  const { rules } = await currentRules(db);
  return {
    base: {
      name: base.name,
      place: base.place,
      phone: base.phone,
      timeZone: base.timeZone,
      currency: base.currency,
      ...(base.channel === null ? {} : { channel: base.channel }),
      ...(base.hours === null ? {} : { hours: base.hours }),
    },
    reference: stay.reference,
    language: await languageOfCharter(db, charterId),
    skipper: stay.skipper,
    stay: { id: stay.stayId, startsAt: stay.startsAt, endsAt: stay.endsAt, aboard: stay.aboard },
    yacht: {
      slug: yacht.slug,
      name: yacht.name,
      berth: yacht.berth,
      revision: pinned?.revision ?? yacht.revision,
      file: withExtras(file, hired),
    },
    crew: await crewOf(db, stay.stayId),
    arrives: await arrivalOf(db, stay.stayId, base.timeZone),
    ...(told ? { area: told.area, ...(await berthOf(db, yacht, told.area)) } : {}),
    ...(checkIn?.sealedAt ? { readings: await readingsAt(db, checkIn.id, file) } : {}),
    log: await boatLogOf(db, stay.stayId),
    knownFaults: (await knownFaultsOfAll(db, [stay.yachtId])).get(stay.yachtId) ?? [],
    learned: await learnedOf(db, stay.yachtId, file),
    answers: (await answersOfAll(db, [stay.stayId])).get(stay.stayId) ?? [],
    outlook: await outlookNow(db, now(), base.timeZone),
    changes: await changesSinceStudy(
      db,
      stay.yachtId,
      studiedRevision(study),
      pinned?.revision ?? yacht.revision,
      file,
      t,
    ),
    study,
    drills: { sharePercent: rules.drillSharePercent ?? 0, beforeAlone: rules.drillsBeforeAlone ?? [] },
    notAlone: checkIn?.sealedAt ? null : await walkAloneNow(db, stay, file, study),
    handovers: await handoversOf(db, stay.handovers, t),
    ...(await othersOf(db, stay, t)),
    afterwards: checkIn?.sealedAt ? await addendaView(db, checkIn.id) : null,
    skipperId: stay.skipperId,
    terms: termsOf(stay.terms, checkIn ? (pinned?.list.rules ?? null) : null, rules, file.particulars.windLimitKn),
    until: bookUntil(stay.endsAt),
    settlement: stay.settledAt === null ? null : await settledBook(db, stay.stayId),
  };
}

/** The charter's other yachts with what was signed of them, where it was changed over under way. */
async function othersOf(db: Queryable, here: StayView, t: Translator): Promise<Pick<BoatBook, "others">> {
  const stays = (await staysOfCharter(db, here.charterId)).filter(
    ({ stayId, calledOff }) => stayId !== here.stayId && calledOff === null,
  );
  if (stays.length === 0) return {};
  const others = [];
  for (const { reference, yachtName, berth, stayId, startsAt, endsAt, handovers, settledAt } of stays)
    others.push({
      ...{ reference, yacht: yachtName, berth, stayId, startsAt, endsAt },
      handovers: await handoversOf(db, handovers, t),
      settlement: settledAt === null ? null : await settledBook(db, stayId),
    });
  return { others };
}

/** What was read of the yacht at a signed check-in, and stands; the charter's own papers are none of it. */
async function readingsAt(
  db: Queryable,
  handoverId: string,
  file: YachtFile,
): Promise<NonNullable<BoatBook["readings"]>> {
  const { list, entries, seal } = await sealedRecord(db, handoverId);
  const folded = fold(entries);
  return list.lines.flatMap((line) => {
    const reading = line.id.slice("reading:".length);
    if (line.kind !== "reading" || !Object.hasOwn(file.readings, reading)) return [];
    const values = mainValue(folded, line);
    return values ? [{ reading, values, at: seal.sealedAt, told: "check-in" as const }] : [];
  });
}

async function arrivalOf(db: Queryable, stayId: string, timeZone: string): Promise<string | null> {
  const at = (await comingOf(db, [stayId])).get(stayId)?.arrivesAt;
  return at ? wallClock(at, timeZone).time : null;
}

/** Her handovers that a guest sees: each open one by its kind, each signed one with what was noted. */
async function handoversOf(
  db: Queryable,
  briefs: StayView["handovers"],
  t: Translator,
): Promise<BoatBook["handovers"]> {
  const handovers: BoatBook["handovers"] = [];
  for (const brief of briefs) {
    // the technician's round is the base's own
    if (brief.kind === "prep") continue;
    if (!brief.sealedAt) {
      handovers.push({ id: brief.id, kind: brief.kind, sealedAt: null, seal: null, noted: [], lines: 0 });
      continue;
    }
    const record = await sealedRecord(db, brief.id);
    const noted = findings(t, record.list, fold(record.entries)).map(({ place, name, verdict, words, photos }) => ({
      place,
      name,
      verdict,
      words,
      photos,
    }));
    handovers.push({
      id: brief.id,
      kind: brief.kind,
      sealedAt: record.seal.sealedAt,
      seal: record.seal.seal,
      noted,
      lines: record.list.lines.length,
      unfit: (await faultsOf(db, record)).map((fault) => faultWords(t, fault)),
    });
  }
  return handovers;
}

/** What was agreed, with the rules of the record that was begun, or the base's own until then. */
function termsOf(
  terms: CharterTerms,
  begun: Partial<BaseRules> | null,
  now: BaseRules,
  own: YachtFile["particulars"]["windLimitKn"],
): BoatBook["terms"] {
  const rules = begun ? { ...rulesFrom(begun), gustLimitKn: begun.gustLimitKn } : now;
  const { windKn, gustKn } = windLimits(rules, own);
  return {
    depositMinor: terms.deposit.amountMinor,
    depositHow: terms.deposit.how,
    waiverMinor: terms.waiver?.excessMinor ?? null,
    fuelRule: terms.settlement.fuel.rule,
    lateHours: rules.lateHours,
    windLimitKn: windKn,
    ...(gustKn === null ? {} : { gustLimitKn: gustKn }),
  };
}
