"use client";
import { useEffect, useState, type RefObject } from "react";
import { flushSync } from "react-dom";
import { rowPx, type PlacedBar } from "./sizes";

/** The part of the drawing that is in sight, px, with a margin; null where all of it is wanted: on paper. */
export type Sight = { left: number; right: number; top: number; bottom: number } | null;

/** Sight moves on by steps, so that not every pixel scrolled draws anew. */
const stepPx = 64;

/**
 * What of the drawing is in sight while one scrolls: of forty yachts and half a year a tenth is.
 *
 * @param startPx where the left edge stands at first
 */
export function useSight(scroll: RefObject<HTMLElement | null>, startPx: number): Sight {
  const [corner, setCorner] = useState({ left: Math.floor(startPx / stepPx), top: 0 });
  const [size, setSize] = useState({ width: 1600, height: 900 });
  const [isPrinting, setPrinting] = useState(false);
  useEffect(() => {
    const box = scroll.current;
    if (!box) return;
    const look = () => {
      const now = { left: Math.floor(box.scrollLeft / stepPx), top: Math.floor(box.scrollTop / stepPx) };
      setCorner((was) => (was.left === now.left && was.top === now.top ? was : now));
    };
    const measure = () => {
      if (box.clientWidth > 0) setSize({ width: box.clientWidth, height: box.clientHeight });
    };
    const before = () => flushSync(() => setPrinting(true));
    const after = () => setPrinting(false);
    const sizes = typeof ResizeObserver === "undefined" ? null : new ResizeObserver(measure);
    sizes?.observe(box);
    box.addEventListener("scroll", look, { passive: true });
    window.addEventListener("beforeprint", before);
    window.addEventListener("afterprint", after);
    return () => {
      sizes?.disconnect();
      box.removeEventListener("scroll", look);
      window.removeEventListener("beforeprint", before);
      window.removeEventListener("afterprint", after);
    };
  }, [scroll]);
  if (isPrinting) return null;
  return {
    left: (corner.left - 1) * stepPx,
    right: (corner.left + 2) * stepPx + size.width,
    top: (corner.top - 1) * stepPx,
    bottom: (corner.top + 2) * stepPx + size.height,
  };
}

/** Whether something of a charter is in sight. */
export const isInSight = ({ row, fromPx, freePx }: PlacedBar, sight: Sight): boolean =>
  sight === null ||
  (freePx >= sight.left && fromPx <= sight.right && (row + 1) * rowPx >= sight.top && row * rowPx <= sight.bottom);
