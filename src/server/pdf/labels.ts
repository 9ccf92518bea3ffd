import "server-only";
import QRCode from "qrcode";
import { say } from "@/core/basics/words";
import { englishTranslator } from "@/messages/translator";
import type { YachtRow } from "../db/yachts";
import { ink, Paper } from "./paper";
import type { PdfFile } from "./record";

const codePt = 72;

/** Draws a code as filled squares: sharp at any size, and no picture to be decoded. */
function drawCode(doc: PDFKit.PDFDocument, text: string, x: number, y: number): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: "M" });
  const cellPt = codePt / modules.size;
  for (let row = 0; row < modules.size; row++) for (let column = 0; column < modules.size; column++) if (modules.get(row, column)) doc.rect(x + column * cellPt, y + row * cellPt, cellPt, cellPt);
  doc.fill("#000000").fillColor(ink);
}

/**
 * Labels for a yacht's places on A4, three by seven: each opens its place by the code posted aboard.
 *
 * @param origin address that the labels lead to, such as `https://base.example`
 */
export async function labelsPdf(yacht: YachtRow, origin: string, at: string): Promise<PdfFile> {
  const t = englishTranslator();
  const paper = new Paper(t("labels.title", { yacht: yacht.name }), at);
  const labels = Object.entries(yacht.file.places)
    .sort(([, a], [, b]) => a.order - b.order)
    .map(([key, place]) => ({ name: say(place.name, "en"), address: `${origin}/aboard#${yacht.code}/${key}` }));
  const [columns, rows] = [3, 7];
  const [width, height] = [paper.width / columns, 104];
  for (const [i, { name, address }] of labels.entries()) {
    const onPage = i % (columns * rows);
    if (i > 0 && onPage === 0) paper.doc.addPage();
    const x = paper.doc.page.margins.left + (onPage % columns) * width;
    const y = paper.doc.page.margins.top + Math.floor(onPage / columns) * height;
    drawCode(paper.doc, address, x, y);
    paper.doc.font("bold").fontSize(12).text(name, x + 80, y, { width: width - 88, height: 44 });
    paper.doc.font("plain").fontSize(9).text(yacht.name, x + 80, y + 48, { width: width - 88, lineBreak: false }).text(yacht.code, x + 80, y + 60, { width: width - 88, lineBreak: false });
  }
  const bytes = await paper.bytes((page, pages) => `${t("labels.title", { yacht: yacht.name })} · ${t("paper.page", { page, pages })}`);
  return { bytes, name: `labels-${yacht.slug}.pdf` };
}
