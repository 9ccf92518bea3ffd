import { createSystem, defaultBaseConfig, defineConfig } from "@chakra-ui/react";
import { recipes, slotRecipes } from "./recipes";

const token = (name: string) => ({ value: `var(--${name})` });

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
      recipes,
      slotRecipes,
    },
  }),
);
