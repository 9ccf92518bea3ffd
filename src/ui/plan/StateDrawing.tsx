import type { ReactNode } from "react";
import type { StateShape, StateStand } from "@/core/yacht/states";

/** Where a part that turns points to, in degrees from upright, clockwise. */
const pointsTo: Record<StateStand, number> = {
  up: 0,
  right: 60,
  down: 180,
  left: -60,
  middle: 0,
  "in-line": 90,
  across: 0,
  clockwise: 0,
  anticlockwise: 0,
  in: 0,
  out: 0,
};
/** How far a tipping lever leans out of its plate. */
const leans: Partial<Record<StateStand, readonly [number, number]>> = {
  up: [0, -15],
  down: [0, 15],
  left: [-15, 0],
  right: [15, 0],
  middle: [0, 0],
};

const moving = { stroke: "var(--brass)", fill: "var(--brass)" } as const;

function Lever({ at }: { at: StateStand }) {
  return (
    <>
      <path d="M-38 -7H38M-38 7H38" />
      <circle r="11" fill="var(--paper)" />
      <g transform={`rotate(${pointsTo[at]})`} {...moving}>
        <path d="M-3.5 0V-31H3.5V0Z" />
        <circle r="4.5" />
      </g>
    </>
  );
}

function Wheel({ at }: { at: StateStand }) {
  return (
    <>
      <circle r="17" />
      <circle r="4" />
      <path d="M0 -4V-17M0 4V17M-4 0H-17M4 0H17" />
      <g {...moving} transform={at === "anticlockwise" ? "scale(-1 1)" : undefined}>
        <path d="M-20 -14A24.5 24.5 0 0 1 21 -12" fill="none" strokeWidth="4" />
        <path d="M28 -15L22 -2L13 -13Z" stroke="none" />
      </g>
    </>
  );
}

function PushPull({ at }: { at: StateStand }) {
  return (
    <>
      <path d="M-14 -30V30" strokeWidth="5" />
      <g {...moving} transform={at === "out" ? "translate(20 0)" : undefined}>
        <path d="M-32 -3H-8V3H-32Z" stroke="none" />
        <path d="M-10 -11H0V11H-10Z" />
      </g>
    </>
  );
}

function Toggle({ at }: { at: StateStand }) {
  const [x, y] = leans[at] ?? [0, 0];
  return (
    <>
      <rect x="-26" y="-30" width="52" height="60" rx="4" />
      <circle r="9" />
      <g {...moving}>
        <path d={`M0 0L${x} ${y}`} strokeWidth="8" strokeLinecap="round" />
        <circle cx={x} cy={y} r="6" />
      </g>
    </>
  );
}

function Knob({ at }: { at: StateStand }) {
  return (
    <>
      <circle r="27" />
      <g transform={`rotate(${pointsTo[at]})`} {...moving}>
        <path d="M-6 16V-18L0 -25L6 -18V16Z" />
      </g>
    </>
  );
}

const drawings: Record<StateShape, (state: { at: StateStand }) => ReactNode> = {
  lever: Lever,
  wheel: Wheel,
  "push-pull": PushPull,
  toggle: Toggle,
  knob: Knob,
};

/** How a fitting looks in one of its stands: what does not move in ink, what moves in brass. */
export function StateDrawing({ shape, at }: { shape: StateShape; at: StateStand }) {
  const Drawing = drawings[shape];
  return (
    <svg viewBox="-44 -36 88 72" aria-hidden="true" fill="none" stroke="currentColor" strokeWidth="2.5">
      <Drawing at={at} />
    </svg>
  );
}
