import { dialogAnatomy } from "@chakra-ui/react/anatomy";
import { defineSlotRecipe } from "@chakra-ui/react";
import { over } from "./line";

const backdrop = { position: "fixed", inset: 0, zIndex: 20, background: "rgb(16 48 43 / 0.55)" } as const;
const head = {
  display: "flex",
  alignItems: "center",
  justifyContent: "space-between",
  gap: "4",
  padding: "14px 20px",
  borderBottomWidth: "1px",
  borderBottomStyle: "solid",
  borderColor: "line",
} as const;
const title = { fontSize: "1.375rem", lineHeight: "1.25", fontWeight: "700" } as const;
const body = { overflow: "auto", padding: "16px 20px 20px", flex: "1" } as const;
const foot = {
  display: "flex",
  flexWrap: "wrap",
  justifyContent: "flex-end",
  gap: "3",
  padding: "12px 20px",
  borderTopWidth: "2px",
  borderTopStyle: "solid",
  borderColor: "kelp",
  background: "paper",
} as const;

export const dialog = defineSlotRecipe({
  className: "bc-dialog",
  slots: dialogAnatomy.keys(),
  base: {
    backdrop,
    positioner: { position: "fixed", inset: 0, zIndex: 21, display: "grid", placeItems: "center", padding: "4" },
    content: {
      ...over,
      display: "flex",
      flexDirection: "column",
      width: "min(860px, 100%)",
      maxHeight: "calc(100dvh - 32px)",
    },
    header: head,
    title,
    body,
    footer: foot,
  },
});
