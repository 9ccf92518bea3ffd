import { comboboxAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";
import { entry, rowLine, typedIn } from "./line";

export const combobox = defineSlotRecipe({
  className: "bc-combobox",
  slots: comboboxAnatomy.keys(),
  base: {
    root: { display: "grid", gap: "2", width: "100%" },
    label: { fontWeight: "600" },
    input: typedIn,
    content: { background: "cloth" },
    item: { ...entry, ...rowLine, flexWrap: "wrap", columnGap: "3", rowGap: "0" },
    empty: { paddingBlock: "3" },
  },
});
