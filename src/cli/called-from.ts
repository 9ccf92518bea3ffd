import { resolve } from "node:path";

/** A file as whoever called the command means it: from the folder they are in, and not from the program's own. */
export const calledFrom = (file: string): string => resolve(process.env.BRINECOVE_CALLED_FROM ?? ".", file);
