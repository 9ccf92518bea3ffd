import { defineSlotRecipe } from "@chakra-ui/react";

/** The buttons of paging are our buttons: only where they stand is said here. */
export const pagination = defineSlotRecipe({
  className: "bc-pages",
  slots: ["root", "item", "ellipsis", "prevTrigger", "nextTrigger"],
  base: { root: { display: "flex", flexWrap: "wrap", alignItems: "center", gap: "2" } },
});
