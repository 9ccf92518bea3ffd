import "server-only";
import { hullShape } from "@/core/plan/hull";
import { centreOf } from "@/core/plan/outline";
import { say } from "@/core/basics/words";
import { sayOf } from "@/core/yacht/figures";
import type { Level, Point } from "@/core/yacht/schema";
import { englishTranslator } from "@/messages/translator";
import type { YachtRow } from "../db/yachts";
import { ink, Paper } from "./paper";
import type { PdfFile } from "./record";

const quiet = "#6f8178";
const drawingHeight = 620;

/** A yacht's plan on A4: both levels beside one another, bow up, to one scale, places numbered; then the places with what is fitted at each. */
export async function planPdf(yacht: YachtRow, at: string): Promise<PdfFile> {
  const t = englishTranslator();
  const { file } = yacht;
  const title = t("plan.printed", { yacht: yacht.name });
  const paper = new Paper(title, at);
  const { doc } = paper;
  const places = Object.entries(file.places).sort(([, a], [, b]) => a.order - b.order);
  const numbers = new Map(places.map(([key], i) => [key, i + 1]));
  doc.font("bold").fontSize(18).text(title);
  const { lengthM, beamM } = file.particulars;
  const scale = Math.min(drawingHeight / lengthM, (paper.width - 60) / 2 / beamM);
  const top = doc.y + 26;
  (["deck", "below"] as const).forEach((level, i) => drawLevel(level, doc.page.margins.left + paper.width * (0.25 + 0.5 * i)));
  doc.addPage();
  paper.section(t("plan.places"));
  paper.table(
    [{ title: "", share: 1 }, { title: t("sign.col-place"), share: 3 }, { title: t("book.reach"), share: 5 }, { title: t("book.fitted"), share: 7 }],
    places.map(([key, place]) => [
      String(numbers.get(key) ?? ""), say(place.name, "en"), sayOf(file, place.reach),
      Object.values(file.fittings).filter((fitting) => fitting.place === key).map((fitting) => sayOf(file, fitting.name)).join(", "),
    ]),
  );
  const bytes = await paper.bytes((page, pages) => `${title} · ${t("paper.file-revision", { revision: yacht.revision })} · ${t("paper.page", { page, pages })}`);
  return { bytes, name: `plan-${yacht.slug}.pdf` };

  function drawLevel(level: Level, middleX: number): void {
    const on = ([aftM, starboardM]: Point): [number, number] => [middleX + starboardM * scale, top + aftM * scale];
    const trace = (outline: readonly Point[]) => {
      outline.forEach((point, i) => (i === 0 ? doc.moveTo(...on(point)) : doc.lineTo(...on(point))));
      return doc.closePath();
    };
    doc.font("bold").fontSize(11).fillColor(ink).text(t(`level.${level}`), middleX - 60, top - 20, { width: 120, align: "center" });
    for (const outline of hullShape(file.particulars, 40)) trace(outline).lineWidth(1.4).fillAndStroke("#ffffff", ink);
    for (const piece of Object.values(file.furniture)) {
      if (piece.level !== level) continue;
      if (piece.outline) trace(piece.outline as Point[]).lineWidth(0.5).stroke(quiet);
      else if (piece.at) doc.circle(...on(piece.at as Point), ((piece.sizeM ?? 0.2) / 2) * scale).lineWidth(0.5).stroke(quiet);
    }
    for (const [key, place] of places) {
      if (place.level !== level) continue;
      trace(place.outline as Point[]).lineWidth(0.9).stroke(ink);
      const [x, y] = on(centreOf(place.outline as Point[]));
      doc.font("bold").fontSize(10).fillColor(ink).text(String(numbers.get(key) ?? ""), x - 12, y - 6, { width: 24, align: "center", lineBreak: false });
    }
    // which side is which, in words
    const sideY = top + lengthM * scale + 8;
    doc.font("plain").fontSize(9).fillColor(ink).text(t("plan.port"), middleX - (beamM / 2) * scale - 20, sideY, { width: 70, lineBreak: false });
    doc.text(t("plan.starboard"), middleX + (beamM / 2) * scale - 50, sideY, { width: 70, align: "right", lineBreak: false });
  }
}
