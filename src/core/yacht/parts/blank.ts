/** What stands for a text until somebody writes it; the checks let no file through that still has it. */
export const blankWords = "…";

/** The same for a figure that must be true of the boat: no real one is below nothing. */
export const blankFigure = -1;

/** The same for the day on which a thing was bought. */
export const blankDay = "0000-00-00";

/** Whether a fact is still to be told. */
export const isBlank = (fact: unknown): boolean => fact === blankWords || fact === blankFigure || fact === blankDay;
