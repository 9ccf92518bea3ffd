import type { Calculation } from "../basics/calculation";
import { checkInput } from "./check-input";
import { SettlementInput, type Settlement } from "./schema";
import { settle } from "./settle";

/** `./brinecove calc settle` */
export const settleCalculation: Calculation<SettlementInput, Settlement> = {
  name: "settle",
  about: "what a charter comes to and what its deposit pays",
  schema: SettlementInput,
  run: (input) => {
    checkInput(input);
    return settle(input);
  },
};
