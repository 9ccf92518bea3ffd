"use client";
import { Box } from "@chakra-ui/react";
import { figuresSheet } from "@/core/yacht/figures-sheet";
import type { YachtFile } from "@/core/yacht/schema";
import { FigureRows } from "../../finder/FigureDetail";

/** Her figures in two columns, as long as each other. */
export function FiguresPart({ file }: { file: YachtFile }) {
  const figures = figuresSheet(file);
  const half = Math.ceil(figures.length / 2);
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1fr 1fr" }} gap="0 32px" alignItems="start">
      <FigureRows figures={figures.slice(0, half)} />
      <FigureRows figures={figures.slice(half)} />
    </Box>
  );
}
