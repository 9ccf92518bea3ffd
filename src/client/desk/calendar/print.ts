import { printPart } from "../../print/print-part";

/** How large it is drawn on a sheet that lies on its side, so that names can be read: eight weeks wide on A4, nine on A3. */
const zoomOf = { A4: 0.62, A3: 0.8 } as const;

/** Prints the calendar as it is scrolled: from the first day in sight on, as many weeks as the sheet is wide. */
export const printCalendar = (paper: keyof typeof zoomOf): void =>
  printPart("calendar", {
    ...{ size: `${paper} landscape`, marginMm: 10 },
    rules: `#calendar { --print: ${zoomOf[paper]} } #calendar > p { display: none }`,
  });
