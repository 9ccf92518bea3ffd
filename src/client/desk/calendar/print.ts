/** How large it is drawn on a sheet that lies on its side, so that names can be read: eight weeks wide on A4, nine on A3. */
const zoomOf = { A4: 0.62, A3: 0.8 } as const;

/** Prints the calendar as it is scrolled: from the first day in sight on, as many weeks as the sheet is wide. */
export function printCalendar(paper: keyof typeof zoomOf): void {
  // a sheet made by script: the house lets no style element in that it has not signed
  const style = new CSSStyleSheet();
  style.replaceSync(`@page { size: ${paper} landscape; margin: 10mm }
    @media print {
      html, body { background: white; overflow-x: clip; height: auto; min-height: 0 }
      body * { visibility: hidden }
      #calendar, #calendar * { visibility: visible }
      #calendar { position: absolute; left: 0; top: 0; width: 100%; --print: ${zoomOf[paper]} }
      #calendar > p { display: none }
    }`);
  document.adoptedStyleSheets.push(style);
  window.print();
  document.adoptedStyleSheets = document.adoptedStyleSheets.filter((each) => each !== style);
}
