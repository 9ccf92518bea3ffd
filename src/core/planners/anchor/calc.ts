import type { Calculation } from "../../basics/calculation";
import { anchoring, checkAnchorInput } from "./anchor";
import { AnchorInput, type Anchoring } from "./schema";

/** `./brinecove calc anchor` */
export const anchorCalculation: Calculation<AnchorInput, Anchoring> = {
  name: "anchor",
  about: "how much chain to let out, and how she lies to it",
  schema: AnchorInput,
  run: (input) => {
    checkAnchorInput(input);
    return anchoring(input);
  },
};
