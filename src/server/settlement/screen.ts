import "server-only";
import { say } from "@/core/basics/words";
import type { Evidence } from "@/core/comparison/compare";
import type { SettlementItem, SettlementScreen } from "@/formats/desk";
import { differenceWords, evidenceWords } from "@/messages/difference-words";
import { englishTranslator } from "@/messages/translator";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { afterwards } from "../addenda/afterwards";
import { depositEvents } from "../deposit/deposit";
import { settlementView } from "./view";

/** The settlement of a stay in words, for its screen. */
export async function settlementScreen(db: Queryable, stayId: string): Promise<SettlementScreen> {
  const t = englishTranslator();
  const view = await settlementView(db, stayId);
  const base = await currentBase(db);
  const names = { ...view.checkIn.names, ...view.checkOut.names };
  const places = new Map(view.checkOut.list.places.map((place) => [place.id, say(place.name, "en")]));
  const items = view.proposals.map((proposal): SettlementItem => {
    const { difference } = proposal;
    const side = (evidence: Evidence | null) => ({
      words: evidenceWords(t, difference, evidence, view.checkOut.list),
      by: evidence?.by ? (names[evidence.by.person] ?? "") : "",
      at: evidence?.at ?? null,
      photos: evidence?.photos ?? [],
    });
    return {
      proposal, name: say(difference.name, "en"), place: places.get(difference.place) ?? "", what: differenceWords(t, difference),
      before: side(difference.before), after: side(difference.after), why: view.why[difference.id] ?? "",
    };
  });
  return {
    stay: view.stay, currency: view.input.currency, timeZone: base.timeZone, told: (await afterwards(db, view.checkIn.handover.id)).addenda.filter(({ addendum }) => addendum.kind === "late-finding" || addendum.kind === "incident"), items, output: view.output, digest: view.digest, undecided: view.undecided,
    signed: view.signed ? { sealedAt: view.signed.sealedAt, seal: view.signed.seal, reservations: view.signed.reservations, output: view.signed.output } : null,
    deposit: await depositEvents(db, stayId),
  };
}
