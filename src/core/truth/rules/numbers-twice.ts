import type { Found } from "../finding";
import type { TruthRule } from "./rule";

const position = /\bposition (\d+)\b/i;

/** Two readings at one gauge are not at one position of it. */
export const numbersTwice: TruthRule = {
  name: "numbers-twice",
  find: ({ file }) => {
    const seen = new Map<string, string>();
    return Object.entries(file.readings).flatMap(([key, { place, how, kind }]): Found[] => {
      const number = position.exec(how.en ?? "")?.[1];
      if (number === undefined) return [];
      const spot = `${place} ${kind} ${number}`;
      const first = seen.get(spot);
      seen.set(spot, first ?? `/readings/${key}/how`);
      return first === undefined ? [] : [{ path: `/readings/${key}/how`, code: "says-other", fact: first }];
    });
  },
};
