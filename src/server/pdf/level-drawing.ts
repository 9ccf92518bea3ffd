import "server-only";
import { hullShape } from "@/core/plan/hull";
import type { Level, Point, YachtFile } from "@/core/yacht/schema";
import { englishTranslator } from "@/messages/translator";
import { ink, type Paper } from "./paper";

const quiet = "#6f8178";

/** Where a level is drawn: its middle line, its top, and points to the metre. */
export interface LevelFrame {
  level: Level;
  middleX: number;
  top: number;
  scale: number;
}

/** A point of the plan on the paper. */
export const onPaper = ({ middleX, top, scale }: LevelFrame, [aftM, starboardM]: Point): [number, number] => [
  middleX + starboardM * scale,
  top + aftM * scale,
];

/** Draws one level of a yacht, bow up: hull, furniture, places, and which side is which in words. */
export function drawLevel({ doc }: Paper, file: YachtFile, frame: LevelFrame): void {
  const t = englishTranslator();
  const { level, middleX, top, scale } = frame;
  const { lengthM, beamM } = file.particulars;
  const trace = (outline: readonly Point[]) => {
    outline.forEach((point, i) =>
      i === 0 ? doc.moveTo(...onPaper(frame, point)) : doc.lineTo(...onPaper(frame, point)),
    );
    return doc.closePath();
  };
  doc
    .font("bold")
    .fontSize(11)
    .fillColor(ink)
    .text(t(`level.${level}`), middleX - 60, top - 20, { width: 120, align: "center" });
  for (const outline of hullShape(file.particulars, 40)) trace(outline).lineWidth(1.4).fillAndStroke("#ffffff", ink);
  for (const piece of Object.values(file.furniture)) {
    if (piece.level !== level) continue;
    if (piece.outline)
      trace(piece.outline as Point[])
        .lineWidth(0.5)
        .stroke(quiet);
    else if (piece.at)
      doc
        .circle(...onPaper(frame, piece.at as Point), ((piece.sizeM ?? 0.2) / 2) * scale)
        .lineWidth(0.5)
        .stroke(quiet);
  }
  for (const place of Object.values(file.places))
    if (place.level === level)
      trace(place.outline as Point[])
        .lineWidth(0.9)
        .stroke(ink);
  const sideY = top + lengthM * scale + 8;
  doc
    .font("plain")
    .fontSize(9)
    .fillColor(ink)
    .text(t("plan.port"), middleX - (beamM / 2) * scale - 20, sideY, { width: 70, lineBreak: false });
  doc.text(t("plan.starboard"), middleX + (beamM / 2) * scale - 50, sideY, {
    width: 70,
    align: "right",
    lineBreak: false,
  });
}
