import "server-only";
import { formatMoney } from "@/core/basics/money";
import { localize } from "@/core/basics/words";
import type { Addendum } from "@/core/handover/addenda/addendum";
import type { StayView } from "@/api/schemas/desk";
import { translatorOf } from "@/messages/translator";
import { addendaTo } from "../db/addenda";
import { currentBase } from "../db/base";
import { languageOfCharter } from "../db/charters";
import type { HandoverRow } from "../db/handovers";
import { inSavepoint, type Queryable } from "../db/pool";
import { log } from "../log";
import { statementPdf } from "../pdf/statement";
import { settlementView } from "../settlement/view";
import { requireStay } from "../stays/require";
import { writeTo } from "./write";

/** Writes what follows from something, and never undoes it: what cannot be written is in the log. */
const orNote = (db: Queryable, what: string, work: () => Promise<unknown>): Promise<unknown> =>
  inSavepoint(db, work).catch((error: Error) => log.error({ what, error: error.message }, "a message was not written"));

/** Tells the skipper what the base says to something reported after the check-in. */
export const tellAnswer = (db: Queryable, handover: HandoverRow, answer: Addendum) =>
  orNote(db, "late-finding", async () => {
    if (answer.kind !== "answer") return;
    const told = (await addendaTo(db, handover.id)).find(({ addendum }) => addendum.id === answer.to)?.addendum;
    const line = told?.kind === "late-finding" ? handover.list.lines.find(({ id }) => id === told.line) : undefined;
    const stay = await requireStay(db, handover.stayId);
    const language = await languageOfCharter(db, stay.charterId);
    const t = translatorOf(language);
    await writeTo(db, handover.stayId, "late-finding", {
      values: {
        about: line ? localize(line.name, language) : told?.kind === "late-finding" ? told.words : t("message.no-line"),
        answer: t(`message.answer-${answer.answer}`),
        words: answer.words,
      },
      once: answer.id,
    });
  });

/** Tells the charter's people that money came in. The same request again tells nothing again. */
export const tellReceipt = (
  db: Queryable,
  stay: StayView,
  { requestKey, amountMinor, reference }: { requestKey: string; amountMinor: number; reference: string },
) =>
  orNote(db, "receipt", async () => {
    const language = await languageOfCharter(db, stay.charterId);
    const { currency } = await currentBase(db);
    await writeTo(db, stay.stayId, "receipt", {
      values: {
        sum: formatMoney(amountMinor, currency, language),
        receipt: reference || translatorOf(language)("message.no-receipt"),
      },
      once: requestKey,
    });
  });

/** Sends a statement that was signed, as it is on paper; who did not sign has got a copy already. */
export const tellStatement = (db: Queryable, stayId: string) =>
  orNote(db, "statement", async () => {
    const { stay, signed } = await settlementView(db, stayId);
    if (!signed || signed.without) return;
    const language = await languageOfCharter(db, stay.charterId);
    const { currency, deposit } = signed.input;
    const money = (minor: number) => formatMoney(minor, currency, language);
    await writeTo(db, stayId, "statement", {
      values: { due: money(signed.output.dueMinor), held: money(deposit.amountMinor) },
      files: async () => {
        const { name, bytes } = await statementPdf(db, stayId, language);
        return [{ name, media: "application/pdf", bytes }];
      },
      once: "signed",
    });
  });
