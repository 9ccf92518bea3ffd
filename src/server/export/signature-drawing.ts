import "server-only";
import type { SignatureContent } from "@/core/handover/seal";

/** Text between two tags. */
const escape = (text: string) => text.replaceAll("&", "&amp;").replaceAll("<", "&lt;");

/** A signature as a picture that any browser shows: the strokes as they were drawn, or the typed name. */
export function signatureDrawing({ name, strokes }: SignatureContent): string {
  const points = strokes.flat();
  const across = (axis: 0 | 1) => points.map((point) => point[axis]);
  const [left, top] = points.length === 0 ? [0, 0] : [Math.min(...across(0)) - 8, Math.min(...across(1)) - 8];
  const [width, height] =
    points.length === 0 ? [400, 80] : [Math.max(...across(0)) + 8 - left, Math.max(...across(1)) + 8 - top];
  const drawn = strokes.map((stroke) => `<polyline points="${stroke.map((point) => point.join(",")).join(" ")}"/>`);
  const typed = `<text x="12" y="52" font-size="32" font-family="sans-serif" fill="#10302b" stroke="none">${escape(name)}</text>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${left} ${top} ${width} ${height}" fill="none" stroke="#10302b" stroke-width="2"><title>${escape(name)}</title>${points.length === 0 ? typed : drawn.join("")}</svg>\n`;
}
