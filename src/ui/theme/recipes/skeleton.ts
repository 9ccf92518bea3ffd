import { defineRecipe } from "@chakra-ui/react";

/** Still: what moves while one waits draws the eye to nothing. */
export const skeleton = defineRecipe({
  className: "bc-skeleton",
  base: { background: "soft", borderRadius: "4px", color: "transparent" },
});
