import { tabsAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";

export const tabs = defineSlotRecipe({
  className: "bc-tabs",
  slots: tabsAnatomy.keys(),
  base: {
    root: { display: "grid", alignContent: "start", minWidth: "0" },
    list: {
      display: "flex",
      flexWrap: "wrap",
      columnGap: "5",
      borderBottomWidth: "2px",
      borderBottomStyle: "solid",
      borderColor: "kelp",
    },
    trigger: {
      minHeight: "48px",
      paddingInline: "2px",
      background: "none",
      border: "0",
      borderBottomWidth: "4px",
      borderBottomStyle: "solid",
      borderColor: "transparent",
      color: "kelp",
      fontWeight: "600",
      fontSize: "1rem",
      cursor: "pointer",
      _selected: { borderColor: "brass" },
    },
    content: { paddingTop: "4", minWidth: "0" },
  },
});
