import type { Point } from "@/core/yacht/schema";

/** Pixels of the drawing per metre of yacht; the picture scales as a whole. */
export const pixelsPerM = 50;

/** The spot of a yacht, in metres aft and to starboard to the centimetre, that lies under a point of the window; null where the drawing is not shown. */
export function pointOnPlan(drawing: SVGSVGElement, clientX: number, clientY: number): Point | null {
  const matrix = drawing.getScreenCTM();
  if (!matrix) return null;
  const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse());
  const toCentimetre = (pixels: number) => Math.round((pixels / pixelsPerM) * 100) / 100;
  return [toCentimetre(y), toCentimetre(x)];
}
