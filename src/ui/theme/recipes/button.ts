import { defineRecipe } from "@chakra-ui/react";
import { edge } from "./line";

export const button = defineRecipe({
  className: "bc-button",
  base: {
    ...edge,
    display: "inline-flex",
    alignItems: "center",
    justifyContent: "center",
    gap: "2",
    minHeight: "48px",
    paddingInline: "18px",
    fontWeight: "600",
    fontSize: "1rem",
    borderRadius: "4px",
    cursor: "pointer",
    textDecoration: "none",
    lineHeight: "1.2",
    textAlign: "center",
    _disabled: { opacity: 0.55, cursor: "not-allowed" },
  },
  variants: {
    variant: {
      solid: { background: "kelp", color: "paper", _hover: { background: "kelp2" } },
      outline: { background: "paper", color: "kelp", _hover: { background: "soft" } },
      quiet: { background: "transparent", borderColor: "transparent", color: "kelp", _hover: { background: "soft" } },
    },
    size: { md: {}, lg: { minHeight: "56px", fontSize: "1.125rem" } },
  },
  defaultVariants: { variant: "outline", size: "md" },
});
