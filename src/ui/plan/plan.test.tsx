/** @jest-environment ./src/testing/browser-environment.cjs */
import { readFileSync } from "node:fs";
import { screen } from "@testing-library/react";
import { templates } from "@/core/yacht/templates";
import type { YachtFile } from "@/core/yacht/schema";
import { draw } from "@/testing/screen";
import { YachtPlan } from "./YachtPlan";

const words = { port: "port", starboard: "starboard", title: "Plan", place: (id: string) => id };

it.each(templates)("draws the template %s, whose length nobody has told, as far as its places reach", (name) => {
  const file = JSON.parse(readFileSync(`templates/${name}.json`, "utf8")) as YachtFile;
  draw(<YachtPlan file={file} level="deck" words={words} />);
  const [x = 0, y = 0, width = 0, height = 0] = (
    screen.getByRole("group", { name: "Plan" }).getAttribute("viewBox") ?? ""
  )
    .split(" ")
    .map(Number);
  expect(width).toBeGreaterThan(0);
  expect(height).toBeGreaterThan(width);
  expect([x, y].every((edge) => edge < 0)).toBe(true);
});
