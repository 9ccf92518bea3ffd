import type { Boat } from "../boat";
import type { Found } from "../finding";

/** One way in which a text can be untrue of its boat. */
export interface TruthRule {
  name: string;
  find: (boat: Boat) => Found[];
}
