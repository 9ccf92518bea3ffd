import "server-only";
import type { CharterForm } from "@/api/schemas/charters";
import { dayIn } from "@/core/basics/instant";
import { usualLanguage } from "@/core/basics/languages";
import { localize } from "@/core/basics/words";
import { nextReference } from "@/core/charters/reference";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { currentList } from "../db/base-lists";
import { lastReferences } from "../db/charter-entries";
import type { Queryable } from "../db/pool";
import { yachtsToChoose } from "../db/yachts";

/** What the form of a new charter begins with: the yachts, the base's usual terms and hours, the next reference. */
export async function charterForm(db: Queryable): Promise<CharterForm> {
  const base = await currentBase(db);
  const { list } = await currentList(db, "charters");
  const { list: extras } = await currentList(db, "extras");
  return {
    yachts: await yachtsToChoose(db),
    ...list,
    extras: Object.entries(extras).map(([key, { name, hireMinor, hirePer }]) => ({
      key,
      name: localize(name),
      hireMinor,
      hirePer,
    })),
    reference: nextReference(await lastReferences(db)),
    today: dayIn(now(), base.timeZone),
    language: usualLanguage,
    currency: base.currency,
  };
}
