import { centreOf } from "@/core/plan/outline";
import { isMirrored } from "@/core/plan/profile";
import type { Point, Surface, YachtFile } from "@/core/yacht/schema";

const stepM = 0.1;

export const isFlat = (surface: Surface): surface is "deck" | "below" => surface === "deck" || surface === "below";

/** Where the aim stands at first: in the middle of the place on a level, at a likely spot of a side. */
export function startAt(file: YachtFile, place: string, surface: Surface): Point {
  const here = file.places[place];
  if (isFlat(surface)) return here ? centreOf(here.outline as Point[]) : [file.particulars.lengthM / 2, 0];
  return surface === "stern" || surface === "bow" ? [0, 0.6] : [file.particulars.lengthM * 0.3, 0.7];
}

/** The aim moved by a hand's breadth in the direction of an arrow key; null for any other key. */
export function movedBy(key: string, [a, b]: Point, surface: Surface): Point | null {
  const aft = isMirrored(surface) ? -stepM : stepM;
  const steps: Record<string, Point> = isFlat(surface)
    ? { ArrowUp: [-stepM, 0], ArrowDown: [stepM, 0], ArrowLeft: [0, -stepM], ArrowRight: [0, stepM] }
    : { ArrowUp: [0, stepM], ArrowDown: [0, -stepM], ArrowLeft: [-aft, 0], ArrowRight: [aft, 0] };
  const step = steps[key];
  return step ? [round(a + step[0]), round(b + step[1])] : null;
}

const round = (value: number) => Math.round(value * 100) / 100;
