/** How a part of a page is put on paper. */
export interface Sheet {
  /** as CSS has it: `A6`, `A4 landscape` */
  size: string;
  marginMm: number;
  /** class of what begins a sheet of its own, in a part that is for paper alone */
  apart?: string;
  /** further rules for paper */
  rules?: string;
}

/** Prints one part of the page alone, at the size of the sheet. */
export function printPart(id: string, { size, marginMm, apart, rules = "" }: Sheet): void {
  const part = `#${CSS.escape(id)}`;
  // a sheet made by script: the house lets no style element in that it has not signed
  const style = new CSSStyleSheet();
  style.replaceSync(`@page { size: ${size}; margin: ${marginMm}mm }
    @media print {
      html, body { background: white; overflow-x: clip; height: auto; min-height: 0 }
      body * { visibility: hidden }
      ${part}, ${part} * { visibility: visible }
      ${part} { position: absolute; left: 0; top: 0; width: 100% }
      ${apart ? `${part} { display: block } ${part} .${CSS.escape(apart)} { break-after: page; font-size: 10pt }` : ""}
      ${rules}
    }`);
  document.adoptedStyleSheets.push(style);
  window.print();
  document.adoptedStyleSheets = document.adoptedStyleSheets.filter((each) => each !== style);
}
