import { toastAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";

export const toast = defineSlotRecipe({
  className: "bc-toast",
  slots: toastAnatomy.keys(),
  base: {
    root: {
      display: "flex",
      alignItems: "center",
      gap: "4",
      padding: "8px 8px 8px 18px",
      background: "kelp",
      color: "paper",
      borderRadius: "4px",
      minHeight: "56px",
    },
    title: { fontWeight: "600" },
  },
});
