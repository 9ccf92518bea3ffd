import { numberInputAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";
import { edge } from "./line";

const step = { width: "40px", background: "none", border: "0", color: "kelp", fontWeight: "700", cursor: "pointer" };

export const numberInput = defineSlotRecipe({
  className: "bc-number",
  slots: numberInputAnatomy.keys(),
  base: {
    root: {
      ...edge,
      display: "inline-flex",
      alignItems: "stretch",
      minHeight: "44px",
      background: "paper",
      borderRadius: "4px",
      _invalid: { borderColor: "alarm" },
    },
    input: {
      width: "3.5rem",
      border: "0",
      background: "none",
      color: "kelp",
      textAlign: "center",
      fontSize: "1rem",
      _focusVisible: { outlineWidth: "3px", outlineStyle: "solid", outlineColor: "brass", outlineOffset: "2px" },
    },
    decrementTrigger: step,
    incrementTrigger: step,
  },
});
