import { timelineAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";

export const timeline = defineSlotRecipe({
  className: "bc-timeline",
  slots: timelineAnatomy.keys(),
  base: {
    root: { display: "grid" },
    item: { display: "flex", gap: "3" },
    connector: { position: "relative", width: "12px", flex: "none", display: "flex", justifyContent: "center" },
    separator: {
      position: "absolute",
      insetBlock: "0",
      borderLeftWidth: "2px",
      borderLeftStyle: "solid",
      borderColor: "kelp",
    },
    indicator: {
      position: "relative",
      width: "12px",
      height: "12px",
      marginTop: "6px",
      borderRadius: "50%",
      background: "cloth",
      borderWidth: "2px",
      borderStyle: "solid",
      borderColor: "kelp",
    },
    content: { paddingBottom: "3", minWidth: "0", flex: "1" },
    title: { fontWeight: "600" },
    description: { color: "kelp2" },
  },
});
