import { progressAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";
import { edge } from "./line";

export const progress = defineSlotRecipe({
  className: "bc-progress",
  slots: progressAnatomy.keys(),
  base: {
    root: { display: "grid", gap: "1" },
    label: { fontWeight: "600" },
    track: { ...edge, height: "16px", background: "paper", borderRadius: "4px", overflow: "hidden" },
    range: { height: "100%", background: "kelp" },
  },
});
