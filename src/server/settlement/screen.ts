import "server-only";
import { localize } from "@/core/basics/words";
import { fold } from "@/core/handover/fold";
import { isUnlookedBelow } from "@/core/handover/opening/first-looks";
import { compareBooks } from "@/core/settlement/books";
import type { Evidence } from "@/core/comparison/compare";
import type { SettlementItem, SettlementScreen } from "@/api/schemas/desk";
import { differenceWords, evidenceWords, priorWords } from "@/messages/difference-words";
import { extraName } from "@/messages/extra-words";
import { englishTranslator, type Translator } from "@/messages/translator";
import type { Queryable } from "../db/pool";
import { addendaView } from "../addenda/addenda-view";
import { depositEvents, notedMovements, terminalBook } from "../db/deposits";
import { yachtFileAt } from "../db/yachts";
import { toldTroubles } from "../trouble/told-troubles";
import { settlementView, type SettlementView } from "./view";

/** The settlement of a stay in words, for its screen. */
export async function settlementScreen(db: Queryable, stayId: string): Promise<SettlementScreen> {
  const t = englishTranslator();
  const view = await settlementView(db, stayId);
  const { base, signed, after } = view;
  const items = itemsOf(t, view);
  const extras = view.extras.map(({ id, extra, why, by }) => ({
    id,
    extra,
    why,
    by,
    name: extraName(t, extra, base.timeZone),
  }));
  const nameOf = new Map([
    ...items.map(({ proposal, name }): [string, string] => [proposal.difference.id, name]),
    ...extras.map(({ id, name }): [string, string] => [id, name]),
  ]);
  const told = (await addendaView(db, view.checkIn.handover.id)).addenda.filter(
    ({ addendum }) => addendum.kind === "late-finding" || addendum.kind === "incident",
  );
  const file = await yachtFileAt(db, view.stay.yachtId, view.checkIn.handover.revision);
  const happened = told.flatMap(({ addendum }) => (addendum.kind === "incident" ? [addendum.what] : []));
  return {
    stay: view.stay,
    currency: view.input.currency,
    faults: [...view.faults.checkIn, ...view.faults.checkOut],
    timeZone: base.timeZone,
    told,
    troubles: file ? await toldTroubles(db, stayId, file) : [],
    notLookedBelow: isUnlookedBelow(view.checkOut.list, fold(view.checkOut.entries), happened),
    items,
    extras,
    prices: view.prices,
    late: view.late,
    tanks: view.checkOut.list.lines.flatMap((line) =>
      line.kind === "reading" && line.reading === "fuel" ? [{ line: line.id, name: localize(line.name) }] : [],
    ),
    output: view.output,
    range: view.range,
    digest: view.digest,
    undecided: view.undecided,
    signed: signed && {
      sealedAt: signed.sealedAt,
      seal: signed.seal,
      reservations: signed.reservations,
      output: signed.output,
      without: signed.without,
      objectUntil: signed.objectUntil,
      cameSince: signed.cameSince,
    },
    after: after && {
      lines: after.concluded.lines
        .filter(({ atMostMinor }) => atMostMinor > 0)
        .map((line) => ({
          ...line,
          name: nameOf.get(line.id) ?? line.id,
          said: [...after.objections, ...after.outcomes]
            .filter((each) => each.line === line.id)
            .map(({ words, by, at }) => ({ words, by, at })),
        })),
      open: after.concluded.open,
      dueMinor: after.concluded.dueMinor,
      captureMinor: after.concluded.captureMinor,
      releaseMinor: after.concluded.releaseMinor,
    },
    deposit: await depositEvents(db, stayId),
    booksDiffer: compareBooks(await notedMovements(db, stayId), await terminalBook(db).movements(stayId)),
  };
}

/** Every difference with its words, both ends' evidence, and what was decided of it. */
function itemsOf(t: Translator, view: SettlementView): SettlementItem[] {
  const names = { ...view.checkIn.names, ...view.checkOut.names };
  const places = new Map(view.checkOut.list.places.map((place) => [place.id, localize(place.name)]));
  return view.proposals.map((proposal): SettlementItem => {
    const { difference } = proposal;
    const side = (evidence: Evidence | null) => ({
      words: evidenceWords(t, difference, evidence, view.checkOut.list),
      by: evidence?.by ? (names[evidence.by.person] ?? "") : "",
      at: evidence?.at ?? null,
      photos: evidence?.photos ?? [],
    });
    return {
      proposal,
      name: localize(difference.name),
      place: places.get(difference.place) ?? "",
      what: differenceWords(t, difference),
      before: side(difference.before),
      after: side(difference.after),
      why: view.decided[difference.id]?.why ?? "",
      decidedBy: view.decided[difference.id]?.by ?? "",
      prior: priorWords(t, view.priors[difference.id], view.base.timeZone),
    };
  });
}
