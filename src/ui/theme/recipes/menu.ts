import { menuAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";
import { entry, over } from "./line";

export const menu = defineSlotRecipe({
  className: "bc-menu",
  slots: menuAnatomy.keys(),
  base: {
    content: { ...over, background: "paper", minWidth: "14rem", maxHeight: "70dvh", overflow: "auto", zIndex: 22 },
    item: entry,
    itemText: { flex: "1" },
    itemIndicator: { width: "20px", fontWeight: "700" },
  },
});
