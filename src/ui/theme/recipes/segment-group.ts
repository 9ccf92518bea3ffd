import { segmentGroupAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";
import { edge } from "./line";

export const segmentGroup = defineSlotRecipe({
  className: "bc-segments",
  slots: segmentGroupAnatomy.keys(),
  base: {
    root: {
      ...edge,
      display: "inline-flex",
      justifySelf: "start",
      flexWrap: "wrap",
      borderRadius: "4px",
      background: "paper",
      maxWidth: "100%",
    },
    item: {
      position: "relative",
      display: "inline-flex",
      alignItems: "center",
      justifyContent: "center",
      minHeight: "44px",
      paddingInline: "16px",
      fontWeight: "600",
      cursor: "pointer",
      _checked: { background: "kelp", color: "paper" },
      _focusVisible: { outlineWidth: "3px", outlineStyle: "solid", outlineColor: "brass", outlineOffset: "2px" },
      _disabled: { opacity: 0.55, cursor: "not-allowed" },
    },
  },
});
