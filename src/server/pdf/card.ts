import "server-only";
import { writtenSpan } from "@/core/basics/span";
import { localize } from "@/core/basics/words";
import { fittingPoints } from "@/core/plan/fitting-points";
import { isOnLayer } from "@/core/plan/layers";
import { spreadMarks } from "@/core/plan/spread-marks";
import type { Fitting } from "@/core/yacht/parts/fittings";
import { figureAt, localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import { englishTranslator, type Translator } from "@/messages/translator";
import type { BaseRow } from "../db/base";
import type { YachtRow } from "../db/yachts";
import { drawLevel, onPaper, type LevelFrame } from "./level-drawing";
import { ink, Paper } from "./paper";
import type { PdfFile } from "./record";

type Shape = "circle" | "square" | "diamond" | "triangle";

/** What a crew must find, each with a shape of its own: told apart in black and white, also when copied. The first that fits counts. */
const marked: readonly {
  name: "fillers" | "shut-offs" | "breakers" | "safety";
  shape: Shape;
  has: (fitting: Fitting) => boolean;
}[] = [
  { name: "fillers", shape: "circle", has: (fitting) => isOnLayer(fitting, "fillers") },
  { name: "shut-offs", shape: "square", has: (fitting) => isOnLayer(fitting, "shut-offs") },
  { name: "breakers", shape: "diamond", has: ({ kind }) => kind === "breaker" || kind === "fuse" },
  { name: "safety", shape: "triangle", has: (fitting) => isOnLayer(fitting, "safety") },
];
const drawingHeight = 345;
/** Least distance between two marks, in points: a triangle of 14 beside another. */
const markApart = 16;

/** A fitting on the card with its number and its shape. */
interface Numbered {
  key: string;
  name: (typeof marked)[number]["name"];
  shape: Shape;
}

/** The boat card on A4: her plan with what must be found, her figures, what is odd, and the base's number. */
export async function boatCardPdf(yacht: YachtRow, base: BaseRow, at: string): Promise<PdfFile> {
  const t = englishTranslator();
  const { file } = yacht;
  const title = t("card.title", { yacht: yacht.name });
  const paper = new Paper(title, at);
  const { doc } = paper;
  paper.title(title, 20);
  doc
    .font("plain")
    .fontSize(11)
    .text(t("card.call", { base: base.name, phone: base.phone }));
  doc.text(t("card.radio"));
  const numbered = marked.flatMap(({ name, shape }) =>
    Object.entries(file.fittings)
      .filter(([, fitting]) => marked.find((each) => each.has(fitting))?.name === name)
      .map(([key]): Numbered => ({ key, name, shape })),
  );
  drawPlans(paper, file, numbered);
  writeLegend(paper, t, file, numbered);
  doc.addPage();
  writeFigures(paper, t, file);
  const bytes = await paper.bytes(
    (page, pages) =>
      `${title} · ${t("paper.file-revision", { revision: yacht.revision })} · ${t("card.local")} · ${t("paper.page", { page, pages })}`,
  );
  return { bytes, name: `card-${yacht.slug}.pdf` };
}

/** Both levels beside each other, with what must be found on them. */
function drawPlans(paper: Paper, file: YachtFile, numbered: readonly Numbered[]): void {
  const { doc } = paper;
  const { lengthM, beamM } = file.particulars;
  const scale = Math.min(drawingHeight / lengthM, (paper.width - 60) / 2 / beamM);
  const top = doc.y + 28;
  const points = fittingPoints(
    file,
    numbered.map((each) => each.key),
  );
  for (const [i, level] of (["deck", "below"] as const).entries()) {
    const middleX = doc.page.margins.left + paper.width * (0.25 + 0.5 * i);
    const frame: LevelFrame = { level, middleX, top, scale };
    drawLevel(paper, file, frame);
    const here = numbered.flatMap(({ key, shape }, index) => {
      const point = file.places[file.fittings[key]?.place ?? ""]?.level === level ? points[key] : undefined;
      return point ? [{ shape, number: index + 1, at: onPaper(frame, point) }] : [];
    });
    const spread = spreadMarks(
      here.map(({ at }) => at),
      markApart,
    ) as [number, number][];
    here.forEach(({ at: from }, index) => drawLeader(doc, from, spread[index] ?? from));
    here.forEach(({ shape, number, at: from }, index) => drawMark(doc, spread[index] ?? from, shape, number));
  }
  doc.y = top + lengthM * scale + 26;
}

/** What each number on the plan is, by kind. */
function writeLegend(paper: Paper, t: Translator, file: YachtFile, numbered: readonly Numbered[]): void {
  const { doc } = paper;
  const entry = ({ key }: Numbered, number: number) => {
    const fitting = file.fittings[key];
    const place = localize(file.places[fitting?.place ?? ""]?.name ?? { en: "" });
    return `${number} ${localizeFigures(file, fitting?.name ?? { en: key })} (${place})`;
  };
  for (const { name, shape } of marked) {
    const entries = numbered.flatMap((each, i) => (each.name === name ? [entry(each, i + 1)] : []));
    if (entries.length === 0) continue;
    doc
      .font("bold")
      .fontSize(9)
      .fillColor(ink)
      .text(`${t(`card.${name}`)}, ${t(`card.${shape}`)}: `, doc.page.margins.left, doc.y + 2, {
        continued: true,
        width: paper.width,
      });
    doc.font("plain").text(entries.join(" · "));
  }
}

/** A mark that had to give way is led back to its point. */
function drawLeader(doc: Paper["doc"], [x, y]: [number, number], [toX, toY]: [number, number]): void {
  if (Math.hypot(toX - x, toY - y) < 2) return;
  doc.moveTo(x, y).lineTo(toX, toY).lineWidth(0.6).stroke(ink);
  doc.circle(x, y, 1.1).fill(ink);
}

function drawMark(doc: Paper["doc"], [x, y]: [number, number], shape: Shape, number: number): void {
  const r = 5.4;
  if (shape === "circle") doc.circle(x, y, r);
  else if (shape === "square") doc.rect(x - r, y - r, 2 * r, 2 * r);
  else if (shape === "diamond") doc.polygon([x, y - r * 1.3], [x + r * 1.3, y], [x, y + r * 1.3], [x - r * 1.3, y]);
  else doc.polygon([x, y - r * 1.3], [x + r * 1.25, y + r], [x - r * 1.25, y + r]);
  doc.lineWidth(0.9).fillAndStroke("#ffffff", ink);
  doc
    .font("bold")
    .fontSize(6)
    .fillColor(ink)
    .text(String(number), x - 8, y - 3, { width: 16, align: "center", lineBreak: false });
}

/** Her figures, what is local rule, and what is odd about her. */
function writeFigures(paper: Paper, t: Translator, file: YachtFile): void {
  const rows: [string, string][] = [
    ...Object.values(file.tanks).map((tank): [string, string] => [
      localize(tank.name),
      t("card.tank", {
        litres: tank.capacityL,
        where: localize(file.places[tank.place]?.name ?? { en: tank.place }),
        valve: tank.valve ? localizeFigures(file, file.fittings[tank.valve]?.where ?? { en: "" }) : "–",
      }),
    ]),
    ...Object.entries(file.groundTackle).map(([key, tackle]): [string, string] => [
      localize(tackle.name),
      t("card.chain", {
        anchorKg: tackle.anchorKg,
        chainM: tackle.chainM,
        ropeM: tackle.ropeM,
        marks: figureAt(file, `groundTackle.${key}.marks`) ?? "–",
      }),
    ]),
    ...Object.values(file.reefs)
      .sort((a, b) => a.order - b.order)
      .map((reef): [string, string] => [t("card.reef", { knots: reef.fromKn }), localizeFigures(file, reef.set)]),
    ...Object.values(file.engines).flatMap((engine): [string, string][] => [
      [
        localize(engine.name),
        [
          engine.coolingWaterSeconds !== undefined && t("card.engine-water", { seconds: engine.coolingWaterSeconds }),
          engine.stopHoldSeconds !== undefined && t("card.engine-stop", { seconds: engine.stopHoldSeconds }),
          engine.chargingRpm !== undefined && t("card.engine-revs", { rpm: writtenSpan(engine.chargingRpm) }),
          engine.battery !== undefined &&
            t("card.engine-battery", { battery: localize(file.batteries[engine.battery]?.name ?? { en: "" }) }),
        ]
          .filter((each) => typeof each === "string")
          .join("; "),
      ],
      ...(engine.burn
        ? [
            [
              t("card.burn"),
              engine.burn
                .map((burn) => t("card.burn-at", { rpm: burn.rpm, knots: burn.speedKn, litres: burn.burnLph }))
                .join("; "),
            ] as [string, string],
          ]
        : []),
    ]),
    ...Object.values(file.rules).map((rule): [string, string] => [t("card.rule"), localizeFigures(file, rule.words)]),
  ];
  paper.section(t("card.figures"));
  paper.table(
    [
      { title: "", share: 3 },
      { title: "", share: 8 },
    ],
    rows,
  );
  paper.section(t("card.odd"));
  for (const oddity of Object.values(file.oddities))
    paper.line(`• ${localize(file.places[oddity.place]?.name ?? { en: "" })}: ${localizeFigures(file, oddity.words)}`);
}
