import "server-only";
import {
  addendaSection,
  briefingSection,
  drillsSection,
  linesSection,
  notedColumns,
  openSection,
  paceSection,
  photosSection,
  signaturesSection,
  type RecordSheet,
} from "./record-sections";
import { usualLanguage, type Language } from "@/core/basics/languages";
import { fold } from "@/core/handover/fold";
import type { SignedKind } from "@/core/handover/list";
import { faultWords } from "@/messages/fault-words";
import { findings } from "@/messages/findings";
import { stampIn } from "@/messages/stamp";
import { translatorOf } from "@/messages/translator";
import { addendaView } from "../addenda/addenda-view";
import { currentBase } from "../db/base";
import { findStay } from "../db/charters";
import type { Queryable } from "../db/pool";
import { yachtFileAt } from "../db/yachts";
import { faultsOf } from "../record/faults";
import { sealedRecord } from "../record/record";
import { Paper } from "./paper";

export interface PdfFile {
  bytes: Buffer;
  name: string;
}

/** The sealed record of a handover on paper: what was noted first, then every line, photos, signatures and seal. */
export async function recordPdf(
  db: Queryable,
  handoverId: string,
  language: Language = usualLanguage,
): Promise<PdfFile> {
  const t = translatorOf(language);
  const record = await sealedRecord(db, handoverId);
  const base = await currentBase(db);
  const stay = await findStay(db, { stayId: record.handover.stayId });
  const file = await yachtFileAt(db, record.handover.yachtId, record.handover.revision);
  if (!stay || !file) throw new Error("a record without its stay or file");
  const { list, seal } = record;
  const folded = fold(record.entries);
  const noted = findings(t, list, folded);
  const title = `${list.yacht.name}: ${t(`paper.record-${list.kind as SignedKind}`)}`;
  const paper = new Paper(title, seal.sealedAt, language);
  paper.head(title, file.particulars, [
    [t("paper.yacht"), `${list.yacht.name}, ${list.yacht.class}`],
    [
      t("paper.charter"),
      `${stay.reference}, ${stampIn(stay.startsAt, base.timeZone, language)} – ${stampIn(stay.endsAt, base.timeZone, language)}`,
    ],
    [t("paper.skipper"), `${stay.skipper}, ${t("paper.aboard", { aboard: list.stay.aboard })}`],
    [t("paper.signed"), stampIn(seal.sealedAt, base.timeZone, language)],
    [t("paper.file"), t("paper.file-revision", { revision: list.yacht.revision })],
    [t("paper.seal"), seal.seal],
  ]);
  for (const fault of await faultsOf(db, record)) paper.line(faultWords(t, fault), true);
  paper.section(t("paper.noted"));
  if (noted.length === 0) paper.line(t("sign.all-fine"));
  else
    paper.table(
      notedColumns(t),
      noted.map((finding) => [finding.place, finding.name, `${t(`verdict.${finding.verdict}`)}: ${finding.words}`]),
    );
  if (list.kind === "check-in") paper.line(t("gate.decision"));
  const toCome = seal.manifest.entries.length - record.entries.length;
  if (toCome > 0) paper.line(t("paper.to-come", { toCome }), true);
  const sheet: RecordSheet = { t, paper, record, folded, noted, timeZone: base.timeZone, language };
  paceSection(sheet);
  if (list.briefing) await briefingSection(db, sheet, list.briefing);
  if (list.briefing?.drills) drillsSection(sheet, list.briefing.drills);
  const after = list.kind === "check-in" ? await addendaView(db, handoverId) : null;
  if (after && after.open.length > 0) openSection(sheet, after.open);
  signaturesSection(sheet);
  linesSection(sheet);
  await photosSection(db, sheet);
  if (record.addenda.length > 0) addendaSection(sheet, after?.addenda ?? []);
  const bytes = await paper.bytes(
    (page, pages) => `${base.name} · ${title} · ${t("paper.page", { page, pages })} · ${seal.seal.slice(0, 16)}`,
  );
  return { bytes, name: `${list.kind}-${list.yacht.name.toLowerCase().replaceAll(" ", "-")}-${stay.reference}.pdf` };
}
