import "server-only";
import { hullShape, type HullParticulars } from "@/core/plan/hull";
import { PaperDocument } from "./paper-document";
import { usualLanguage, type Language } from "@/core/basics/languages";

export const ink = "#10302b";
const paperWhite = "#ffffff";
const quiet = "#2c4743";
const rule = "#cfcbb9";
const margin = 48;

/** A column of a table on paper; `share` is its part of the width. */
export interface Column {
  title: string;
  share: number;
  right?: boolean;
}

type Inside = "H1" | "H2" | "P" | "Table" | "TR" | "TH" | "TD" | "Figure";

/**
 * A sheet of paper in the house's look: head with the yacht's outline, tables, page numbers. Reads well in black and
 * white, and aloud: headings, rows and pictures are tagged as what they are.
 */
export class Paper {
  readonly doc: PaperDocument;
  /** what is being written into, by the tags of the PDF */
  private within: PDFKit.PDFStructureElement;
  private readonly chunks: Buffer[] = [];
  private readonly done: Promise<Buffer>;

  constructor(title: string, createdAt: string, language: Language = usualLanguage) {
    this.doc = new PaperDocument({
      size: "A4",
      margins: { top: margin, bottom: margin + 14, left: margin, right: margin },
      bufferPages: true,
      pdfVersion: "1.7",
      tagged: true,
      lang: language,
      displayTitle: true,
      info: { Title: title, Creator: "Brinecove", CreationDate: new Date(createdAt) },
    });
    this.within = this.doc.struct("Document");
    this.doc.addStructure(this.within);
    this.doc.font("plain").fontSize(10).fillColor(ink);
    this.done = new Promise((resolve, reject) => {
      this.doc.on("data", (chunk: Buffer) => this.chunks.push(chunk));
      this.doc.on("end", () => resolve(Buffer.concat(this.chunks)));
      this.doc.on("error", reject);
    });
  }

  /** Writes something as a heading, a paragraph, a cell or a picture with its words. */
  as(tag: Inside, write: () => void, alt?: string): void {
    const outer = this.within;
    const element = this.doc.struct(tag, alt === undefined ? {} : { alt });
    outer.add(element);
    this.within = element;
    if (tag === "Table" || tag === "TR") write();
    else element.add(write);
    element.end();
    this.within = outer;
  }

  /** The title of what is no record: large, at the top. */
  title(title: string, size: number): void {
    this.as("H1", () => void this.doc.font("bold").fontSize(size).text(title));
  }

  get width(): number {
    return this.doc.page.width - 2 * margin;
  }
  private get bottom(): number {
    return this.doc.page.height - margin - 14;
  }

  /** The head of the first page: the hull's outline, what this is, and facts in pairs. */
  head(title: string, hull: HullParticulars, facts: readonly [string, string][]): void {
    const { doc } = this;
    const scale = 96 / hull.lengthM;
    const midY = doc.y + 16;
    for (const outline of hullShape(hull, 24)) {
      outline.forEach(([aftM, starboardM], i) => {
        const x = margin + this.width - 96 + aftM * scale;
        const y = midY + starboardM * scale;
        if (i === 0) doc.moveTo(x, y);
        else doc.lineTo(x, y);
      });
      doc.closePath().lineWidth(1.2).fillAndStroke(paperWhite, ink);
    }
    doc.fillColor(ink);
    this.as(
      "H1",
      () =>
        void doc
          .font("bold")
          .fontSize(22)
          .text(title, margin, doc.y, { width: this.width - 110 }),
    );
    doc.moveDown(0.5);
    for (const [label, value] of facts)
      this.as("P", () => {
        const y = doc.y;
        doc.font("plain").fontSize(10).fillColor(quiet).text(label, margin, y, { width: 90 });
        doc.fillColor(ink).text(value, margin + 96, y, { width: this.width - 96 });
      });
    doc.moveDown(0.6);
  }

  section(title: string): void {
    this.need(60);
    this.doc.moveDown(0.6).font("bold").fontSize(13).fillColor(ink);
    this.as("H2", () => void this.doc.text(title, margin, this.doc.y, { width: this.width }));
    this.doc.moveDown(0.25);
  }

  line(text: string, bold = false): void {
    this.need(18);
    this.doc
      .font(bold ? "bold" : "plain")
      .fontSize(10)
      .fillColor(ink);
    this.as("P", () => void this.doc.text(text, margin, this.doc.y, { width: this.width }));
  }

  /** A table; rows never break across pages, and the titles stand again on each page. */
  table(columns: readonly Column[], rows: readonly (readonly string[])[]): void {
    const total = columns.reduce((sum, column) => sum + column.share, 0);
    const widths = columns.map((column) => (column.share / total) * this.width);
    const titles = () =>
      this.row(
        columns,
        widths,
        columns.map((column) => column.title),
        true,
      );
    this.need(48);
    this.as("Table", () => {
      titles();
      for (const cells of rows) {
        const height = this.heightOf(widths, cells, false);
        if (this.doc.y + height > this.bottom) {
          this.doc.addPage();
          titles();
        }
        this.row(columns, widths, cells, false);
      }
    });
    this.doc.x = margin;
    this.doc.moveDown(0.3);
  }

  private heightOf(widths: readonly number[], cells: readonly string[], bold: boolean): number {
    this.doc.font(bold ? "bold" : "plain").fontSize(9.5);
    return (
      Math.max(
        ...cells.map((cell, i) => this.doc.heightOfString(cell === "" ? " " : cell, { width: (widths[i] ?? 0) - 8 })),
      ) + 7
    );
  }

  private row(columns: readonly Column[], widths: readonly number[], cells: readonly string[], bold: boolean): void {
    const { doc } = this;
    const height = this.heightOf(widths, cells, bold);
    const top = doc.y;
    let x = margin;
    this.as("TR", () =>
      cells.forEach((cell, i) => {
        this.as(bold ? "TH" : "TD", () => {
          doc
            .font(bold ? "bold" : "plain")
            .fontSize(9.5)
            .fillColor(ink)
            .text(cell, x, top + 3, { width: (widths[i] ?? 0) - 8, align: columns[i]?.right ? "right" : "left" });
        });
        x += widths[i] ?? 0;
      }),
    );
    doc.y = top + height;
    doc
      .moveTo(margin, doc.y)
      .lineTo(margin + this.width, doc.y)
      .lineWidth(bold ? 1.2 : 0.5)
      .stroke(bold ? ink : rule);
    doc.y += 1;
  }

  /** Pictures in a row with a word under each. */
  pictures(pictures: readonly { bytes: Buffer; caption: string }[]): void {
    const { doc } = this;
    const cell = this.width / 3;
    pictures.forEach((picture, i) => {
      if (i % 3 === 0) this.need(150);
      const top = doc.y;
      const x = margin + (i % 3) * cell;
      this.as("Figure", () => void doc.image(picture.bytes, x, top, { fit: [cell - 10, 112] }), picture.caption);
      doc.font("plain").fontSize(8.5).fillColor(quiet);
      this.as(
        "P",
        () => void doc.text(picture.caption, x, top + 115, { width: cell - 10, height: 24, ellipsis: true }),
      );
      doc.y = i % 3 === 2 || i === pictures.length - 1 ? top + 145 : top;
    });
    doc.x = margin;
  }

  /** Pictures of both ends of one thing: those before at the left, those after at the right. */
  sideBySide(
    title: string,
    before: readonly { bytes: Buffer; caption: string }[],
    after: readonly { bytes: Buffer; caption: string }[],
    none: string,
  ): void {
    const { doc } = this;
    const half = this.width / 2;
    const rows = Math.max(before.length, after.length);
    this.need(210);
    this.line(title, true);
    for (let row = 0; row < rows; row++) {
      this.need(190);
      const top = doc.y + 3;
      [before, after].forEach((side, i) => {
        const x = margin + i * half;
        const picture = side[row];
        if (picture)
          this.as("Figure", () => void doc.image(picture.bytes, x, top, { fit: [half - 12, 160] }), picture.caption);
        const caption = picture?.caption ?? (row === 0 ? none : "");
        doc.font("plain").fontSize(8.5).fillColor(quiet);
        this.as(
          "P",
          () => void doc.text(caption, x, top + (picture ? 163 : 4), { width: half - 12, height: 12, ellipsis: true }),
        );
      });
      doc.y = top + 184;
    }
    doc.x = margin;
  }

  /** A signature: the strokes as they were drawn, or the typed name, over a line with who and when. */
  signature(
    at: { x: number; y: number },
    strokes: readonly (readonly (readonly [number, number])[])[],
    typed: string | null,
    caption: string,
  ): void {
    const { doc } = this;
    const points = strokes.flat();
    if (typed !== null)
      doc
        .font("bold")
        .fontSize(15)
        .fillColor(ink)
        .text(typed, at.x, at.y + 24, { width: 220 });
    else if (points.length > 0) {
      const [left, top] = [Math.min(...points.map((p) => p[0])), Math.min(...points.map((p) => p[1]))];
      const scale = Math.min(
        210 / Math.max(1, Math.max(...points.map((p) => p[0])) - left),
        46 / Math.max(1, Math.max(...points.map((p) => p[1])) - top),
        1,
      );
      for (const stroke of strokes) {
        stroke.forEach(([x, y], i) => {
          const px = at.x + (x - left) * scale;
          const py = at.y + (y - top) * scale;
          if (i === 0) doc.moveTo(px, py);
          else doc.lineTo(px, py);
        });
        doc.lineWidth(1.3).stroke(ink);
      }
    }
    doc
      .moveTo(at.x, at.y + 50)
      .lineTo(at.x + 220, at.y + 50)
      .lineWidth(0.8)
      .stroke(ink);
    doc
      .font("plain")
      .fontSize(9)
      .fillColor(ink)
      .text(caption, at.x, at.y + 54, { width: 230 });
  }

  /** Both signatures beside one another. */
  signatures(
    both: readonly {
      strokes: readonly (readonly (readonly [number, number])[])[];
      typed: string | null;
      caption: string;
    }[],
  ): void {
    this.need(110);
    const y = this.doc.y + 6;
    both.forEach((each, i) =>
      this.as(
        "Figure",
        () => this.signature({ x: margin + i * (this.width / 2), y }, each.strokes, each.typed, each.caption),
        each.caption,
      ),
    );
    this.doc.x = margin;
    this.doc.y = y + 92;
  }

  private need(height: number): void {
    if (this.doc.y + height > this.bottom) this.doc.addPage();
  }

  /** Writes the feet of all pages and gives the bytes. */
  async bytes(foot: (page: number, pages: number) => string): Promise<Buffer> {
    const { start, count } = this.doc.bufferedPageRange();
    for (let page = start; page < start + count; page++) {
      this.doc.switchToPage(page);
      // writing below the margin must not start a page
      this.doc.page.margins.bottom = 0;
      this.doc.markContent("Artifact", { type: "Pagination" });
      this.doc
        .font("plain")
        .fontSize(8.5)
        .fillColor(quiet)
        .text(foot(page + 1, count), margin, this.doc.page.height - margin + 4, {
          width: this.width,
          lineBreak: false,
        });
      this.doc.endMarkedContent();
    }
    this.within.end();
    this.doc.end();
    return this.done;
  }
}
