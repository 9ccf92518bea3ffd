import { emptyStateAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";

export const emptyState = defineSlotRecipe({
  className: "bc-empty",
  slots: emptyStateAnatomy.keys(),
  base: {
    root: { padding: "24px", background: "rail", borderRadius: "4px" },
    content: { display: "flex", alignItems: "center", flexWrap: "wrap", gap: "4" },
    indicator: { color: "kelp2", flex: "none" },
    title: { fontWeight: "700", fontSize: "1.125rem" },
    description: { color: "kelp2" },
  },
});
