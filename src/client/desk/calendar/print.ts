/** Width of a sheet lying on its side without its margins, px of 96 to the inch. */
const widthPx = { A4: 277 * (96 / 25.4), A3: 400 * (96 / 25.4) } as const;

/** Prints the calendar on one sheet's width, whatever of it is in sight. */
export function printCalendar(paper: keyof typeof widthPx): void {
  const sheet = document.querySelector<HTMLElement>("#calendar > div > div");
  if (!sheet) return;
  const style = document.createElement("style");
  const scale = Math.min(1, widthPx[paper] / sheet.scrollWidth);
  style.textContent = `@page { size: ${paper} landscape; margin: 10mm }
    @media print {
      body * { visibility: hidden }
      #calendar, #calendar * { visibility: visible }
      #calendar { position: absolute; left: 0; top: 0; --print: ${scale} }
      #calendar > p { display: none }
    }`;
  document.head.append(style);
  window.print();
  style.remove();
}
