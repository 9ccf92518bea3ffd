import "server-only";
import type { StayView } from "@/api/schemas/desk";
import type { Effect } from "@/core/charters/effects";
import { goingOnEffects, notGoingOnEffects, type GoingOn } from "@/core/charters/other-yacht";
import { partOf, stayReference } from "@/core/charters/reference";
import { staysOfCharter } from "../db/charters";
import type { Queryable } from "../db/pool";
import { stayBeforeIn } from "./call-off";
import { effectFacts, instantText } from "./effect-facts";
import { agreeOnOther, isEnding, type GoingOnWith } from "./other-yacht";

/**
 * What going on with another yacht does.
 *
 * @throws AppError as the change itself would
 */
export async function foreseeOther(
  db: Queryable,
  stay: StayView,
  becomes: GoingOnWith,
): Promise<{ effects: Effect[] }> {
  const found = await agreeOnOther(db, stay, becomes);
  const last = (await staysOfCharter(db, stay.charterId)).at(-1) ?? stay;
  const reference = stayReference(partOf(stay.reference).reference, last.part + 1);
  const facts = await goingOnFacts(db, stay, { ...found, reference });
  return { effects: goingOnEffects(facts) };
}

/** What a charter's second stay takes over from the one before, while they change over; null for a first stay. */
export async function changeOverTo(db: Queryable, stay: StayView): Promise<{ was: string; effects: Effect[] } | null> {
  const first = await stayBeforeIn(db, stay);
  if (!first) return null;
  const { yachtId, yachtName, startsAt, endsAt, reference } = stay;
  const facts = await goingOnFacts(db, first, { yachtId, yachtName, from: instantText(startsAt), endsAt, reference });
  // whom the yachts are free for is for those who agree, not for those who carry things over
  const effects = goingOnEffects({ ...facts, before: null, after: null, told: [] });
  return { was: first.yachtName, effects: effects.filter(({ code }) => code !== "over-free") };
}

async function goingOnFacts(
  db: Queryable,
  stay: StayView,
  found: { yachtId: string; yachtName: string; from: string; endsAt: string; reference: string },
): Promise<GoingOn> {
  const { yachtId, yachtName, from, endsAt, reference } = found;
  const days = { yachtId, startsAt: from, endsAt };
  const { heldMinor, crew, extras, hasStudied, hasBook, told, before, after } = await effectFacts(db, stay, days);
  const { how } = stay.terms.deposit;
  return {
    was: { yacht: stay.yachtName, reference: stay.reference, endsAt: instantText(endsAt) },
    becomes: { yacht: yachtName, reference, from },
    isEnding: isEnding(stay),
    isDepositDue: how !== "none" && how !== "insured",
    aboard: stay.aboard,
    ...{ heldMinor, crew, extras, hasStudied, hasBook, told, before, after },
  };
}

/** What calling off a charter's second yacht does. */
export async function foreseeFirstAlone(db: Queryable, stay: StayView): Promise<Effect[]> {
  const [{ was, prep, told }, first] = [await effectFacts(db, stay, stay), await stayBeforeIn(db, stay)];
  return notGoingOnEffects({
    stay: was,
    first: first && { yacht: first.yachtName, isEnding: isEnding(first) },
    isPrepared: prep !== "none",
    told,
  });
}
