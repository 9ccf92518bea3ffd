import "server-only";
import { centreOf } from "@/core/plan/outline";
import { localize } from "@/core/basics/words";
import { localizeFigures } from "@/core/yacht/figures";
import type { Point } from "@/core/yacht/schema";
import { englishTranslator } from "@/messages/translator";
import type { YachtRow } from "../db/yachts";
import { drawLevel, onPaper, type LevelFrame } from "./level-drawing";
import { ink, Paper } from "./paper";
import type { PdfFile } from "./record";

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
  paper.title(title, 18);
  const { lengthM, beamM } = file.particulars;
  const scale = Math.min(drawingHeight / lengthM, (paper.width - 60) / 2 / beamM);
  const top = doc.y + 26;
  (["deck", "below"] as const).forEach((level, i) => {
    const frame: LevelFrame = { level, middleX: doc.page.margins.left + paper.width * (0.25 + 0.5 * i), top, scale };
    drawLevel(paper, file, frame);
    for (const [key, place] of places) {
      if (place.level !== level) continue;
      const [x, y] = onPaper(frame, centreOf(place.outline as Point[]));
      doc
        .font("bold")
        .fontSize(10)
        .fillColor(ink)
        .text(String(numbers.get(key) ?? ""), x - 12, y - 6, { width: 24, align: "center", lineBreak: false });
    }
  });
  doc.addPage();
  paper.section(t("plan.places"));
  paper.table(
    [
      { title: "", share: 1 },
      { title: t("sign.col-place"), share: 3 },
      { title: t("book.reach"), share: 5 },
      { title: t("book.fitted"), share: 7 },
    ],
    places.map(([key, place]) => [
      String(numbers.get(key) ?? ""),
      localize(place.name),
      localizeFigures(file, place.reach),
      Object.values(file.fittings)
        .filter((fitting) => fitting.place === key)
        .map((fitting) => localizeFigures(file, fitting.name))
        .join(", "),
    ]),
  );
  const bytes = await paper.bytes(
    (page, pages) =>
      `${title} · ${t("paper.file-revision", { revision: yacht.revision })} · ${t("paper.page", { page, pages })}`,
  );
  return { bytes, name: `plan-${yacht.slug}.pdf` };
}
