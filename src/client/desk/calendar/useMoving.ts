"use client";
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent, type RefObject } from "react";
import type { CalendarStay, CalendarView } from "@/api/schemas/charters";
import { addDays } from "@/core/basics/instant";
import { moved, moveFault, type MoveFault } from "@/core/charters/calendar";
import { endPx, rowPx, type Places } from "./sizes";

/** A charter on its way to somewhere, by hand or by keys. */
export interface Moving {
  stay: CalendarStay;
  to: CalendarStay;
  fault: MoveFault | null;
}

/** Free days of a yacht that were drawn over. */
export interface FreeDays {
  yacht: string;
  fromDay: string;
  toDay: string;
}

interface Press {
  /** the charter pressed, or the row and day of free ground */
  on: { stay: CalendarStay; isEnd: boolean } | { row: number; day: number };
  x: number;
  y: number;
  isTouch: boolean;
  /** a finger has rested, or the mouse has moved: what follows is a move, no scroll or tap */
  isHeld: boolean;
}

interface Given {
  view: CalendarView;
  yachts: CalendarView["yachts"];
  places: Places;
  mayEdit: boolean;
  drawing: RefObject<SVGSVGElement | null>;
  onOpen: (stay: CalendarStay) => void;
  onMoved: (moving: Moving) => void;
  onFree: (days: FreeDays) => void;
}

/** How far a mouse goes before a press is a move, px; and how long a finger rests, ms. */
const slackPx = 5;
const restMs = 350;

/** Moves charters by mouse, finger and keys, and draws over free days. Nothing is kept before it was asked for. */
export function useMoving(given: Given) {
  const { view, places, mayEdit, drawing, onOpen, onMoved, onFree } = given;
  const [moving, setMoving] = useState<Moving | null>(null);
  const [free, setFree] = useState<FreeDays | null>(null);
  const press = useRef<Press | null>(null);
  const rest = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const end = () => {
    clearTimeout(rest.current);
    press.current = null;
    setMoving(null);
    setFree(null);
  };
  useHeldTouch(drawing, press);
  const onPointerDown = (event: PointerEvent<SVGSVGElement>) => {
    if (event.button !== 0 || (event.target as Element).closest("[data-closing]")) return;
    const begun = pressOf(event, view, places);
    press.current = begun;
    const { currentTarget: svg, pointerId } = event;
    if (!begun.isTouch || !mayEdit) return;
    rest.current = setTimeout(() => {
      begun.isHeld = true;
      svg.setPointerCapture(pointerId);
      if ("stay" in begun.on) setMoving(movedTo(given, begun.on.stay, 0, 0, 0));
    }, restMs);
  };
  const onPointerMove = (event: PointerEvent<SVGSVGElement>) => {
    const held = press.current;
    if (!held) return;
    const [dx, dy] = [event.clientX - held.x, event.clientY - held.y];
    if (!held.isHeld) {
      if (Math.hypot(dx, dy) < slackPx) return;
      // a finger that goes at once scrolls
      if (held.isTouch || !mayEdit) return end();
      held.isHeld = true;
      event.currentTarget.setPointerCapture(event.pointerId);
    }
    const days = Math.round(dx / places.dayPx);
    if (!("stay" in held.on)) return setFree(freeDaysOf(given, held.on, days));
    const { stay, isEnd } = held.on;
    const next = movedTo(given, stay, isEnd ? 0 : Math.round(dy / rowPx), isEnd ? 0 : days, days);
    setMoving((now) => (now && sameAs(now.to, next.to) ? now : next));
  };
  const onPointerUp = () => {
    const held = press.current;
    if (!held) return;
    if (!held.isHeld && "stay" in held.on) onOpen(held.on.stay);
    if (moving && !sameAs(moving.stay, moving.to)) onMoved(moving);
    if (free) onFree(free);
    end();
  };
  /** Whether a key was about moving or opening. */
  const onKeyDown = (event: KeyboardEvent<SVGSVGElement>): boolean => {
    const stay = stayAt(event.target, view);
    if (!stay) return false;
    if (event.key === "Enter" || (event.key === "Escape" && moving)) {
      if (event.key === "Enter" && !moving) onOpen(stay);
      if (event.key === "Enter" && moving && !sameAs(moving.stay, moving.to)) onMoved(moving);
      end();
      return true;
    }
    const next = mayEdit ? movedByKey(given, stay, moving, event) : null;
    // who goes on to another charter leaves this one where it was
    if (next || event.key.startsWith("Arrow")) setMoving(next);
    return next !== null;
  };
  return { moving, free, onKeyDown, handlers: { onPointerDown, onPointerMove, onPointerUp, onPointerCancel: end } };
}

/** A finger that carries a charter does not scroll. */
function useHeldTouch(drawing: Given["drawing"], press: RefObject<Press | null>): void {
  useEffect(() => {
    const hold = (event: TouchEvent) => {
      if (press.current?.isHeld) event.preventDefault();
    };
    const svg = drawing.current;
    svg?.addEventListener("touchmove", hold, { passive: false });
    return () => svg?.removeEventListener("touchmove", hold);
  }, [drawing, press]);
}

function stayAt(target: EventTarget | null, view: CalendarView): CalendarStay | undefined {
  const id = (target as Element | null)?.closest("[data-bar]")?.getAttribute("data-bar");
  return view.stays.find((each) => each.id === id);
}

function pressOf(event: PointerEvent<SVGSVGElement>, view: CalendarView, places: Places): Press {
  const box = event.currentTarget.getBoundingClientRect();
  const [x, y] = [event.clientX - box.left, event.clientY - box.top];
  const stay = stayAt(event.target, view);
  return {
    on: stay
      ? { stay, isEnd: places.x(stay.endsAt) - x < endPx }
      : { row: Math.floor(y / rowPx), day: Math.floor(x / places.dayPx) },
    x: event.clientX,
    y: event.clientY,
    isTouch: event.pointerType !== "mouse",
    isHeld: false,
  };
}

function movedTo(
  { view, yachts, places }: Given,
  stay: CalendarStay,
  rows: number,
  startDays: number,
  endDays: number,
): Moving {
  const row = Math.min(Math.max(places.rowOf(stay.yacht) + rows, 0), yachts.length - 1);
  const to = moved(stay, { yacht: yachts[row]?.slug ?? stay.yacht, startDays, endDays }, view.timeZone);
  const most = yachts[row]?.maximumAboard ?? 0;
  return { stay, to, fault: moveFault(stay, to, view.stays, view.closings, most) };
}

function freeDaysOf(
  { view, yachts }: Given,
  { row, day }: { row: number; day: number },
  days: number,
): FreeDays | null {
  const yacht = yachts[row];
  const [first = day, last = day] = [day, day + days].sort((a, b) => a - b);
  return yacht
    ? {
        yacht: yacht.slug,
        fromDay: addDays(view.from, first),
        toDay: addDays(view.from, Math.max(last, first + 1)),
      }
    : null;
}

/** A charter one day or one yacht further by an arrow with Alt, its end alone with Shift besides; null for other keys. */
function movedByKey(
  given: Given,
  stay: CalendarStay,
  moving: Moving | null,
  { key, altKey, shiftKey }: KeyboardEvent,
): Moving | null {
  const across = { ArrowLeft: -1, ArrowRight: 1 }[key];
  const down = { ArrowUp: -1, ArrowDown: 1 }[key];
  if (!altKey || (across === undefined && down === undefined)) return null;
  const now = moving?.stay.id === stay.id ? moving.to : stay;
  const rows = given.places.rowOf(now.yacht) - given.places.rowOf(stay.yacht) + (down ?? 0);
  const [startDays, endDays] = daysMoved(stay, now);
  return movedTo(given, stay, rows, startDays + (shiftKey ? 0 : (across ?? 0)), endDays + (across ?? 0));
}

const sameAs = (a: CalendarStay, b: CalendarStay): boolean =>
  a.yacht === b.yacht &&
  Date.parse(a.startsAt) === Date.parse(b.startsAt) &&
  Date.parse(a.endsAt) === Date.parse(b.endsAt);

const dayMs = 86_400_000;
/** By how many days each end was moved so far; an hour of the clock's change is none. */
const daysMoved = (stay: CalendarStay, now: CalendarStay): [number, number] => [
  Math.round((Date.parse(now.startsAt) - Date.parse(stay.startsAt)) / dayMs),
  Math.round((Date.parse(now.endsAt) - Date.parse(stay.endsAt)) / dayMs),
];
