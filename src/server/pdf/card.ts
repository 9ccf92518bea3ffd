import "server-only";
import { localize } from "@/core/basics/words";
import { fittingPoints } from "@/core/plan/fitting-points";
import { isOnLayer } from "@/core/plan/layers";
import { spreadMarks } from "@/core/plan/spread-marks";
import type { Fitting } from "@/core/yacht/parts/fittings";
import { figureAt, localizeFigures } from "@/core/yacht/figures";
import { englishTranslator } from "@/messages/translator";
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

/** The boat card on A4: her plan with what must be found, her figures, what is odd, and the base's number. */
export async function boatCardPdf(yacht: YachtRow, base: BaseRow, at: string): Promise<PdfFile> {
  const t = englishTranslator();
  const { file } = yacht;
  const title = t("card.title", { yacht: yacht.name });
  const paper = new Paper(title, at);
  const { doc } = paper;
  const left = doc.page.margins.left;
  paper.title(title, 20);
  doc
    .font("plain")
    .fontSize(11)
    .text(t("card.call", { base: base.name, phone: base.phone }));
  doc.text(t("card.radio"));
  const { lengthM, beamM } = file.particulars;
  const scale = Math.min(drawingHeight / lengthM, (paper.width - 60) / 2 / beamM);
  const top = doc.y + 28;
  const frames = (["deck", "below"] as const).map((level, i): LevelFrame => ({
    level,
    middleX: left + paper.width * (0.25 + 0.5 * i),
    top,
    scale,
  }));
  for (const frame of frames) drawLevel(paper, file, frame);
  const numbered = marked.flatMap(({ name, shape }) =>
    Object.entries(file.fittings)
      .filter(([, fitting]) => marked.find((each) => each.has(fitting))?.name === name)
      .map(([key]) => ({ key, name, shape })),
  );
  const points = fittingPoints(
    file,
    numbered.map((each) => each.key),
  );
  for (const frame of frames) {
    const here = numbered.flatMap(({ key, shape }, i) => {
      const point = file.places[file.fittings[key]?.place ?? ""]?.level === frame.level ? points[key] : undefined;
      return point ? [{ shape, number: i + 1, at: onPaper(frame, point) }] : [];
    });
    const spread = spreadMarks(
      here.map(({ at: where }) => where),
      markApart,
    ) as [number, number][];
    here.forEach(({ at: from }, i) => drawLeader(from, spread[i] ?? from));
    here.forEach(({ shape, number, at: from }, i) => drawMark(spread[i] ?? from, shape, number));
  }
  doc.y = top + lengthM * scale + 26;
  for (const { name, shape } of marked) {
    const entries = numbered.flatMap((each, i) =>
      each.name === name
        ? [
            `${i + 1} ${localizeFigures(file, file.fittings[each.key]?.name ?? { en: each.key })} (${localize(file.places[file.fittings[each.key]?.place ?? ""]?.name ?? { en: "" })})`,
          ]
        : [],
    );
    if (entries.length === 0) continue;
    doc
      .font("bold")
      .fontSize(9)
      .fillColor(ink)
      .text(`${t(`card.${name}`)}, ${t(`card.${shape}`)}: `, left, doc.y + 2, { continued: true, width: paper.width });
    doc.font("plain").text(entries.join(" · "));
  }
  doc.addPage();
  figures();
  const bytes = await paper.bytes(
    (page, pages) =>
      `${title} · ${t("paper.file-revision", { revision: yacht.revision })} · ${t("card.local")} · ${t("paper.page", { page, pages })}`,
  );
  return { bytes, name: `card-${yacht.slug}.pdf` };

  /** A mark that had to give way is led back to its point. */
  function drawLeader([x, y]: [number, number], [toX, toY]: [number, number]): void {
    if (Math.hypot(toX - x, toY - y) < 2) return;
    doc.moveTo(x, y).lineTo(toX, toY).lineWidth(0.6).stroke(ink);
    doc.circle(x, y, 1.1).fill(ink);
  }

  function drawMark([x, y]: [number, number], shape: Shape, number: number): void {
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

  function figures(): void {
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
          t("card.engine", {
            seconds: engine.coolingWaterSeconds,
            stop: engine.stopHoldSeconds ?? 0,
            rpm: engine.chargingRpm ?? 0,
          }),
        ],
        [
          t("card.burn"),
          (engine.burn ?? [])
            .map((burn) => t("card.burn-at", { rpm: burn.rpm, knots: burn.speedKn, litres: burn.burnLph }))
            .join("; "),
        ],
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
      paper.line(
        `• ${localize(file.places[oddity.place]?.name ?? { en: "" })}: ${localizeFigures(file, oddity.words)}`,
      );
  }
}
