"use client";
import { useState, type DOMAttributes, type PointerEvent } from "react";
import type { Point } from "@/core/yacht/schema";
import { pointOnPlan } from "@/ui/plan/point-on-plan";

/** How near to a corner a finger has to come down to take hold of it, in metres of yacht. */
const gripM = 0.45;
const apartM = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]);

interface Asked {
  points: readonly Point[];
  chosen: number;
  disabled: boolean;
  /** the point that is taken hold of */
  onTake: (index: number) => void;
  /** where it is let go */
  onDrop: (index: number, at: Point) => void;
}

/** Drags points on the plan: the nearest within a finger, or the chosen one, goes where the pointer goes. */
export function useDragging({ points, chosen, disabled, onTake, onDrop }: Asked): {
  /** the points, with the dragged one where it is at the moment */
  shown: readonly Point[];
  handlers: DOMAttributes<HTMLDivElement>;
} {
  const [drag, setDrag] = useState<{ index: number; at: Point } | null>(null);
  const shown = !drag
    ? points
    : points.length === 0
      ? [drag.at]
      : points.map((each, index) => (index === drag.index ? drag.at : each));
  const under = (event: PointerEvent<HTMLDivElement>) => {
    const drawing = event.currentTarget.querySelector("svg");
    return drawing && pointOnPlan(drawing, event.clientX, event.clientY);
  };
  const take = (event: PointerEvent<HTMLDivElement>) => {
    const point = under(event);
    if (disabled || !point || event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const nearest = points.reduce(
      (best, each, index) => (apartM(each, point) < apartM(points[best] ?? each, point) ? index : best),
      0,
    );
    const index = points[nearest] && apartM(points[nearest], point) <= gripM ? nearest : chosen;
    onTake(index);
    setDrag({ index, at: point });
  };
  const move = (event: PointerEvent<HTMLDivElement>) => {
    const point = drag && under(event);
    if (point) setDrag({ index: drag.index, at: point });
  };
  const drop = () => {
    if (drag) onDrop(drag.index, drag.at);
    setDrag(null);
  };
  return {
    shown,
    handlers: {
      onPointerDown: take,
      onPointerMove: move,
      onPointerUp: drop,
      onPointerCancel: () => setDrag(null),
    },
  };
}
