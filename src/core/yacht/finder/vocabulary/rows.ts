/** The words of one row, `engine | motor | machine`; a row may go on in the next line. */
export const rowOf = (text: string): string[] =>
  text
    .split("|")
    .map((words) => words.trim())
    .filter((words) => words !== "");

/** Rows of words, one to a line; a line that begins with spaces goes on with the row above it. */
export const rowsOf = (text: string): string[][] =>
  text
    .trim()
    .split(/\n(?! )/)
    .map(rowOf);
