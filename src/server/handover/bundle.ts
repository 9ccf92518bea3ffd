import "server-only";
import { withExtras } from "@/core/extras/aboard";
import type { DeviceGrant } from "@/api/callers";
import { fold } from "@/core/handover/fold";
import { mainCell, photosOf, remarksOf } from "@/core/handover/state";
import { lineSubject } from "@/core/handover/lines";
import type { HandoverBundle } from "@/api/schemas/handover";
import type { StayView } from "@/api/schemas/desk";
import { rulesFrom } from "@/core/base/rules";
import type { YachtFile } from "@/core/yacht/schema";
import { leavingOf } from "../area/leaving";
import { now } from "../clock";
import { currentArea } from "../db/area";
import { currentBase } from "../db/base";
import { findStay } from "../db/charters";
import { findHandover, namesOf } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { changesSinceStudy } from "../briefing/changes-since-study";
import { managersAmong } from "../db/staff";
import { yachtFileAt } from "../db/yachts";
import { heardBy } from "./heard";
import { toldTroubles } from "../trouble/told-troubles";
import { AppError } from "@/api/app-error";
import { signedEntries } from "../record/record";

/** Everything a device needs to work on a handover with no further word from the base, except its entries. */
export async function handoverBundle(
  db: Queryable,
  handoverId: string,
  grant: Pick<DeviceGrant, "id" | "baseId" | "handoverId" | "personId" | "side">,
): Promise<HandoverBundle> {
  const { personId, side } = grant;
  const handover = await findHandover(db, handoverId);
  if (!handover) throw new AppError("no-such-handover");
  const stay = await findStay(db, { stayId: handover.stayId });
  const file = await yachtFileAt(db, handover.yachtId, handover.revision);
  if (!stay || !file) throw new Error("a handover without its stay or file");
  const base = await currentBase(db);
  const studied = handover.list.briefing?.studied;
  return {
    list: handover.list,
    // what was hired is counted, tested, briefed and found as if it were hers
    file: withExtras(file, handover.list.hired ?? []),
    slug: stay.yachtSlug,
    base: { name: base.name, timeZone: base.timeZone, phone: base.phone, currency: base.currency },
    charter: {
      reference: stay.reference,
      skipper: { id: stay.skipperId, name: stay.skipper },
      charterer: { id: stay.chartererId, name: stay.charterer },
    },
    me: {
      person: personId,
      name: (await namesOf(db, [personId]))[personId] ?? "",
      side,
      isManager: side === "base" && (await managersAmong(db, [personId])).has(personId),
    },
    before: handover.checkInId ? await valuesOf(db, handover.checkInId) : {},
    changes: await changesSinceStudy(db, handover.yachtId, studied?.revision ?? null, handover.revision, file),
    ...(handover.kind === "check-in" ? await areaOf(db) : {}),
    ...(handover.kind === "check-in" ? await leaves(db, stay, file, handover.list.rules) : {}),
    ...(handover.kind === "check-out" ? { troubles: await toldTroubles(db, handover.stayId, file) } : {}),
    ...(await heardBy(db, handover, grant)),
    serverTime: now(),
  };
}

async function leaves(
  db: Queryable,
  stay: StayView,
  file: YachtFile,
  rules: HandoverBundle["list"]["rules"],
): Promise<Pick<HandoverBundle, "leaving">> {
  const leaving = await leavingOf(db, stay, file, rules && rulesFrom(rules));
  return leaving ? { leaving } : {};
}

/** The waters of the base, where it has told them: they are briefed from, and taken along. */
async function areaOf(db: Queryable): Promise<Pick<HandoverBundle, "area">> {
  const told = await currentArea(db);
  return told ? { area: told.area } : {};
}

async function valuesOf(db: Queryable, checkInId: string): Promise<HandoverBundle["before"]> {
  const checkIn = await findHandover(db, checkInId);
  if (!checkIn) return {};
  const folded = fold((await signedEntries(db, checkInId))?.entries ?? []);
  return Object.fromEntries(
    checkIn.list.lines.flatMap((line) => {
      const cell = mainCell(folded, line);
      const subject = lineSubject(line.id);
      return cell && !cell.fork
        ? [
            [
              line.id,
              { value: cell.value ?? null, photos: photosOf(folded, subject), remarks: remarksOf(folded, subject) },
            ],
          ]
        : [];
    }),
  );
}
