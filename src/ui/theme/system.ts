import { createSystem, defaultBaseConfig, defineConfig, defineRecipe } from "@chakra-ui/react";

const token = (name: string) => ({ value: `var(--${name})` });

const button = defineRecipe({
  className: "bc-button",
  base: {
    display: "inline-flex",
    alignItems: "center",
    justifyContent: "center",
    gap: "2",
    minHeight: "48px",
    paddingInline: "18px",
    fontWeight: "600",
    fontSize: "1rem",
    borderRadius: "4px",
    borderWidth: "2px",
    borderStyle: "solid",
    borderColor: "kelp",
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
    },
    size: { md: {}, lg: { minHeight: "56px", fontSize: "1.125rem" } },
  },
  defaultVariants: { variant: "outline", size: "md" },
});

const input = defineRecipe({
  className: "bc-input",
  base: {
    width: "100%",
    minHeight: "48px",
    paddingInline: "12px",
    background: "paper",
    color: "kelp",
    borderWidth: "2px",
    borderStyle: "solid",
    borderColor: "kelp",
    borderRadius: "4px",
    fontSize: "1rem",
    _invalid: { borderColor: "alarm" },
  },
});

/** Chakra's machinery with our own recipes: nothing of its default look is shipped. */
export const system = createSystem(
  defaultBaseConfig,
  defineConfig({
    cssVarsPrefix: "bc",
    cssVarsRoot: ":where(:root, :host)",
    preflight: false,
    // empty layers come out of the serializer as broken rules that swallow the tokens after them
    disableLayers: true,
    theme: {
      breakpoints: { sm: "480px", md: "768px", lg: "1024px", xl: "1280px" },
      tokens: {
        colors: {
          cloth: token("cloth"),
          paper: token("paper"),
          rail: token("rail"),
          kelp: token("kelp"),
          kelp2: token("kelp-2"),
          line: token("line"),
          soft: token("soft"),
          brass: token("brass"),
          brassGround: token("brass-ground"),
          brassInk: token("brass-ink"),
          alarm: token("alarm"),
          alarmGround: token("alarm-ground"),
          alarmInk: token("alarm-ink"),
        },
        fonts: { body: token("font"), heading: token("font") },
        spacing: {
          1: { value: "4px" },
          2: { value: "8px" },
          3: { value: "12px" },
          4: { value: "16px" },
          5: { value: "20px" },
          6: { value: "24px" },
          7: { value: "28px" },
          8: { value: "32px" },
          10: { value: "40px" },
        },
      },
      recipes: { button, input },
    },
  }),
);
