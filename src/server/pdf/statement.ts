import "server-only";
import { formatMoney } from "@/core/basics/money";
import { say } from "@/core/basics/words";
import type { SignatureContent } from "@/core/handover/seal";
import { differenceWords, evidenceWords } from "@/messages/difference-words";
import { englishTranslator } from "@/messages/translator";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { yachtFileAt } from "../db/yachts";
import { depositEvents } from "../deposit/deposit";
import { settlementView } from "../settlement/view";
import { Paper } from "./paper";
import { picturesFor, signaturesForPaper, stamp, type PdfFile } from "./record";

/** The statement of a charter on paper: differences with both sides' evidence, each sum with how it came about, deposit, signatures. */
export async function statementPdf(db: Queryable, stayId: string): Promise<PdfFile> {
  const t = englishTranslator();
  const view = await settlementView(db, stayId);
  const base = await currentBase(db);
  const { stay, checkIn, checkOut, signed } = view;
  const file = await yachtFileAt(db, stay.yachtId, checkIn.handover.revision);
  if (!file) throw new Error("a record without its file");
  const input = signed?.input ?? view.input;
  const output = signed?.output ?? view.output;
  const money = (minor: number) => formatMoney(minor, input.currency, "en");
  const title = `${stay.yachtName}: ${t("paper.statement")}`;
  const paper = new Paper(title, signed?.sealedAt ?? checkOut.seal.sealedAt);
  paper.head(signed ? title : `${title} (${t("paper.draft")})`, file.particulars, [
    [t("paper.charter"), `${stay.reference}, ${stamp(stay.startsAt, base.timeZone)} – ${stamp(stay.endsAt, base.timeZone)}`],
    [t("paper.charterer"), stay.charterer],
    [t("paper.skipper"), stay.skipper],
    [t("paper.deposit"), money(input.deposit.amountMinor)],
    ...(signed ? ([[t("paper.signed"), stamp(signed.sealedAt, base.timeZone)], [t("paper.seal"), signed.seal]] as [string, string][]) : []),
  ]);
  paper.section(t("paper.differences"));
  const shown = view.differences;
  if (shown.length === 0) paper.line(t("sign.all-fine"));
  else {
    paper.table(
      [{ title: t("sign.col-what"), share: 4 }, { title: t("paper.before"), share: 3 }, { title: t("paper.after"), share: 3 }],
      shown.map((difference) => [
        `${say(difference.name, "en")}: ${differenceWords(t, difference)}`,
        evidenceWords(t, difference, difference.before, checkOut.list),
        evidenceWords(t, difference, difference.after, checkOut.list),
      ]),
    );
  }
  paper.section(t("paper.money"));
  const nameOf = new Map(shown.map((difference) => [difference.id, say(difference.name, "en")]));
  const reserved = new Map((signed?.reservations ?? []).map((each) => [each.line, each.words]));
  if (output.lines.length > 0) {
    paper.table(
      [{ title: t("sign.col-what"), share: 3 }, { title: t("paper.how"), share: 6 }, { title: t("paper.charged"), share: 2, right: true }, { title: t("paper.heldcol"), share: 2, right: true }],
      output.lines.map((line) => {
        const words = reserved.get(line.id);
        return [nameOf.get(line.id) ?? line.id, `${line.how}${words ? ` · ${t("paper.reservation", { words })}` : ""}`, money(line.chargedMinor), money(line.heldMinor)];
      }),
    );
  }
  paper.table(
    [{ title: "", share: 7 }, { title: t("paper.amount"), share: 2, right: true }],
    [
      [t("paper.due"), money(output.dueMinor)],
      [t("paper.capture"), money(output.captureMinor)],
      [t("paper.held"), money(output.heldMinor)],
      [t("paper.release"), money(output.releaseMinor)],
      [t("paper.still"), money(output.stillToPayMinor)],
    ],
  );
  const events = await depositEvents(db, stayId);
  for (const event of events) paper.line(`${stamp(event.at, base.timeZone)}: ${money(event.amountMinor)} ${t(`deposit.${event.kind}`, { how: stay.terms.deposit.how })}${event.reference ? `, ${event.reference}` : ""}`);
  if (stay.terms.deposit.how === "card-hold") paper.line(t("paper.simulated"));
  if (signed) {
    const { rows } = await db.query<{ side: "base" | "skipper"; content: SignatureContent }>("select side, content from settlement_signature where settlement_id = $1", [signed.id]);
    const { rows: seals } = await db.query<{ signatures: Parameters<typeof signaturesForPaper>[0] }>("select signatures from settlement where id = $1", [signed.id]);
    paper.section(t("paper.signatures"));
    paper.signatures(
      signaturesForPaper(seals[0]?.signatures ?? [], Object.fromEntries(rows.map((row) => [row.side, row.content])), { base: t("paper.base"), skipper: t("paper.charterer"), erased: t("paper.erased") }, base.timeZone),
    );
  }
  const pictures = await picturesFor(db, shown.flatMap((difference) => [
    { caption: `${say(difference.name, "en")}: ${t("paper.before")}`, photos: difference.before?.photos ?? [] },
    { caption: `${say(difference.name, "en")}: ${t("paper.after")}`, photos: difference.after?.photos ?? [] },
  ]));
  if (pictures.length > 0) {
    paper.section(t("paper.photos"));
    paper.pictures(pictures);
  }
  const bytes = await paper.bytes((page, pages) => `${base.name} · ${title} · ${t("paper.page", { page, pages })}`);
  return { bytes, name: `statement-${stay.reference}.pdf` };
}
