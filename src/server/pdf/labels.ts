import "server-only";
import QRCode from "qrcode";
import { localize } from "@/core/basics/words";
import type { YachtFile } from "@/core/yacht/schema";
import { englishTranslator } from "@/messages/translator";
import type { YachtRow } from "../db/yachts";
import { ink, Paper } from "./paper";
import type { PdfFile } from "./record";

const codePt = 72;

/** Draws a code as filled squares: sharp at any size, and no picture to be decoded. */
function drawCode(doc: PDFKit.PDFDocument, text: string, x: number, y: number): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: "M" });
  const cellPt = codePt / modules.size;
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++)
      if (modules.get(row, column)) doc.rect(x + column * cellPt, y + row * cellPt, cellPt, cellPt);
  doc.fill("#000000").fillColor(ink);
}

export const labelled = ["places", "fittings"] as const;
export type Labelled = (typeof labelled)[number];

interface Label {
  name: string;
  where: string;
  /** what comes behind the yacht's code in the address */
  at: string;
}

const placeLabels = ({ places }: YachtFile): Label[] =>
  Object.entries(places)
    .sort(([, a], [, b]) => a.order - b.order)
    .map(([at, place]) => ({ name: localize(place.name), where: "", at }));

/** Fittings by the place they are in, so that one walks the boat once with the sheet. */
const fittingLabels = ({ places, fittings }: YachtFile): Label[] =>
  Object.entries(fittings)
    .map(([key, fitting]) => ({
      place: places[fitting.place],
      label: {
        name: localize(fitting.name),
        where: localize(places[fitting.place]?.name ?? { en: "" }),
        at: `fitting/${key}`,
      },
    }))
    .sort((a, b) => (a.place?.order ?? 0) - (b.place?.order ?? 0) || (a.label.name < b.label.name ? -1 : 1))
    .map(({ label }) => label);

/**
 * Labels for a yacht's places or fittings on A4, three by seven: each opens what it stands on by the code posted aboard.
 *
 * @param origin address that the labels lead to, such as `https://base.example`
 */
export async function labelsPdf(yacht: YachtRow, what: Labelled, origin: string, at: string): Promise<PdfFile> {
  const t = englishTranslator();
  const paper = new Paper(t("labels.title", { yacht: yacht.name }), at);
  const labels = (what === "places" ? placeLabels : fittingLabels)(yacht.file);
  const [columns, rows] = [3, 7];
  const [width, height] = [paper.width / columns, 104];
  for (const [i, { name, where, at: behind }] of labels.entries()) {
    const onPage = i % (columns * rows);
    if (i > 0 && onPage === 0) paper.doc.addPage();
    const x = paper.doc.page.margins.left + (onPage % columns) * width;
    const y = paper.doc.page.margins.top + Math.floor(onPage / columns) * height;
    drawCode(paper.doc, `${origin}/aboard#${yacht.code}/${behind}`, x, y);
    const [left, room] = [x + 80, width - 88];
    paper.doc
      .font("bold")
      .fontSize(where === "" ? 12 : 10.5)
      .text(name, left, y, { width: room, height: 44 });
    if (where !== "")
      paper.doc
        .font("plain")
        .fontSize(8.5)
        .text(where, left, y + 44, { width: room, height: 21 });
    paper.doc
      .font("plain")
      .fontSize(8.5)
      .text(yacht.name, left, y + 64, { width: room, lineBreak: false })
      .text(yacht.code, left, y + 74, { width: room, lineBreak: false });
  }
  const bytes = await paper.bytes(
    (page, pages) => `${t("labels.title", { yacht: yacht.name })} · ${t("paper.page", { page, pages })}`,
  );
  return { bytes, name: `labels-${what}-${yacht.slug}.pdf` };
}
