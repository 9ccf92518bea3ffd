import { defineRecipe } from "@chakra-ui/react";
import { typedIn } from "./line";

export const input = defineRecipe({
  className: "bc-input",
  base: { ...typedIn, _invalid: { borderColor: "alarm" } },
});
