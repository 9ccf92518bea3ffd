import "server-only";
import { join } from "node:path";
import PDFDocument from "pdfkit";

const house = "node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin";
const wide = "node_modules/dejavu-fonts-ttf/ttf/DejaVuSans";

export type Face = "plain" | "bold";
const wideOf: Readonly<Record<Face, string>> = { plain: "plain-wide", bold: "bold-wide" };

interface WithFont {
  _font: { font: { hasGlyphForCodePoint: (codePoint: number) => boolean } };
}
type Options = PDFKit.Mixins.TextOptions;

/**
 * A PDF in the house's face. Text with a letter that the face has not (Č, Σ, Ł, О) is set in a second one that has Latin,
 * Greek and Cyrillic whole, so that no name comes out as boxes.
 */
export class PaperDocument extends PDFDocument {
  private face: Face = "plain";

  constructor(options: PDFKit.PDFDocumentOptions) {
    super({ ...options, font: "" });
    this.registerFont("plain", join(process.cwd(), `${house}-400-normal.woff`));
    this.registerFont("bold", join(process.cwd(), `${house}-700-normal.woff`));
    this.registerFont("plain-wide", join(process.cwd(), `${wide}.ttf`));
    this.registerFont("bold-wide", join(process.cwd(), `${wide}-Bold.ttf`));
    this.font("plain");
  }

  override font(name: PDFKit.Mixins.PDFFontSource, size?: string | number): this {
    if (typeof name === "string" && name in wideOf) this.face = name as Face;
    return super.font(name, size as number);
  }

  override text(text: string, x?: number | Options, y?: number, options?: Options): this {
    return this.inFaceOf(text, () => super.text(text, x as number, y, options));
  }

  override heightOfString(text: string, options?: Options): number {
    return this.inFaceOf(text, () => super.heightOfString(text, options));
  }

  private inFaceOf<Result>(text: string, write: () => Result): Result {
    const { face } = this;
    const { font } = (this as unknown as WithFont)._font;
    const isHouse = [...text].every(
      (letter) => letter === "\n" || font.hasGlyphForCodePoint(letter.codePointAt(0) ?? 0),
    );
    if (isHouse) return write();
    super.font(wideOf[face]);
    const result = write();
    super.font(face);
    return result;
  }
}
