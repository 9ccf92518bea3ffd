import sharp from "sharp";
import { sha256Hex } from "../core/basics/digest";

/** What the drawn sample photos show. */
export type SamplePhoto = "scratch" | "chip" | "stain" | "dent" | "side";

const grounds: Record<SamplePhoto, string> = {
  scratch: "#e9ecef",
  chip: "#eef0ee",
  stain: "#c9b48a",
  dent: "#e4e8ea",
  side: "#dfe9ee",
};
const damage: Record<SamplePhoto, (shift: number) => string> = {
  scratch: (s) =>
    `<path d="M${90 + s} 300 C 260 ${270 + s}, 430 ${330 - s}, 700 ${250 + s}" stroke="#7c8288" stroke-width="5" fill="none"/><path d="M${140 + s} 322 L 520 ${296 + s}" stroke="#a3a9ad" stroke-width="3"/>`,
  chip: (s) =>
    `<path d="M${360 + s} 250 l42 -16 30 38 -22 44 -56 -8 -14 -34z" fill="#6f6a5e" stroke="#3e3a33" stroke-width="4"/>`,
  stain: (s) =>
    `<ellipse cx="${400 + s}" cy="300" rx="130" ry="84" fill="#8c6a3a" opacity="0.75"/><ellipse cx="${470 + s}" cy="340" rx="60" ry="40" fill="#7a5a30" opacity="0.7"/>`,
  side: (s) =>
    `<path d="M${70 + s} 250 L ${720 + s / 2} 268 L ${700 + s / 2} 372 Q 420 ${430 - s / 4} ${130 + s} 392 Z" fill="#fbfbf7" stroke="#9aa4a8" stroke-width="4"/><path d="M${96 + s} 300 L ${712 + s / 2} 312" stroke="#2a5d84" stroke-width="7"/><path d="M${300 + s} 250 L ${330 + s} 206 L ${520 + s} 210 L ${545 + s} 262" fill="#eceee8" stroke="#9aa4a8" stroke-width="4"/>`,
  dent: (s) =>
    `<circle cx="${390 + s}" cy="290" r="92" fill="#cfd6da"/><path d="M${330 + s} 260 q60 -50 120 10" stroke="#98a1a6" stroke-width="7" fill="none"/><path d="M${340 + s} 330 l120 -30" stroke="#7c8288" stroke-width="4"/>`,
};

/**
 * A drawn sample photo, said to be one in its corner: what the demo's people took with their cameras.
 *
 * @param shift moves the drawing a little, so that two photos of one thing are not the same picture
 */
export async function samplePhoto(what: SamplePhoto, shift: number): Promise<{ hash: string; bytes: Uint8Array }> {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600">
    <rect width="800" height="600" fill="${grounds[what]}"/>
    <path d="M0 470 H800" stroke="#2a5d84" stroke-width="26"/><path d="M0 498 H800" stroke="#c3c8cc" stroke-width="10"/>
    ${damage[what](shift)}
    <rect x="0" y="560" width="800" height="40" fill="#10302b"/><text x="16" y="587" font-family="sans-serif" font-size="22" fill="#fffdf7">drawn sample photo: ${what} ${shift}</text>
  </svg>`;
  const bytes = new Uint8Array(await sharp(Buffer.from(svg)).jpeg({ quality: 82 }).toBuffer());
  return { hash: sha256Hex(bytes), bytes };
}
