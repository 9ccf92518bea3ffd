import { radPerDeg, type Motion, type Point } from "../handling/frames";
import type { Scene } from "../handling/scenes";
import type { HandledBoat } from "../handling/schema";
import { fromQuayM, lain, type Lain } from "./lie";
import type { HerBerth } from "./schema";

/** Out of her own berth, with who lies beside her, to be tried by hand. */
export const berthScene = (berth: HerBerth, windFromDeg: number): Scene => ({
  name: "her-berth",
  windFromDeg,
  set: (boat, windKn) => {
    const neighbours = berth.beside.map(({ offsetM, lengthM, beamM }) => ({ offsetM, lengthM, beamM }));
    const wind = { fromDeg: windFromDeg, kn: windKn };
    const lies = lain({ boat, berth: berth.lie, neighbours, wind, crew: 2 });
    return {
      input: {
        ...{ boat, wind, start: lies.start, lines: lies.lines },
        // a boat beside her is touched like a quay, along the sides that she can come to
        quay: [lies.quay, ...lies.others.map((others) => facing(others, lies))],
      },
      others: lies.others,
      viewM: viewOf(lies, boat),
      isDone: ({ x, y, heading }: Motion, isFast) => !isFast && fromQuayM(lies, x, y, heading) >= lies.clearM,
    };
  },
});

/** Stopped, nearly straight, and within a step of the quay. */
const inBerth = { stoppedMs: 0.15, straightDeg: 12, offM: 2.2 } as const;
/** From how far off she comes back, in lengths. */
const comesFromLengths = 3;

/** Back into her own berth, from out in front of it. */
export const berthBackScene = (berth: HerBerth, windFromDeg: number): Scene => ({
  name: "her-berth-back",
  windFromDeg,
  set: (boat, windKn) => {
    const out = berthScene(berth, windFromDeg).set(boat, windKn);
    const { lines: _lines, ...input } = out.input;
    const neighbours = berth.beside.map(({ offsetM, lengthM, beamM }) => ({ offsetM, lengthM, beamM }));
    const lies = lain({ boat, berth: berth.lie, neighbours, wind: { fromDeg: windFromDeg, kn: windKn }, crew: 2 });
    const offM = comesFromLengths * boat.lengthM;
    // alongside she comes past the berth from astern of it, else straight towards it, with the end first that goes in
    const heading = lies.start.headingDeg * radPerDeg;
    const astern = lies.quaySide === 0 ? 0 : 1.5 * boat.lengthM;
    const start = {
      x: lies.start.x + lies.out[0] * (lies.quaySide === 0 ? offM : boat.lengthM) - Math.sin(heading) * astern,
      y: lies.start.y + lies.out[1] * (lies.quaySide === 0 ? offM : boat.lengthM) - Math.cos(heading) * astern,
      headingDeg: lies.start.headingDeg,
    };
    return {
      ...out,
      input: { ...input, start },
      viewM: viewOf({ ...lies, clearM: offM + boat.lengthM }, boat),
      isDone: (motion: Motion) => {
        const alongM = Math.abs((motion.x - lies.start.x) * lies.out[1] * -1 + (motion.y - lies.start.y) * lies.out[0]);
        return (
          fromQuayM(lies, motion.x, motion.y, motion.heading) < inBerth.offM &&
          alongM < (berth.lie.widthM - (lies.quaySide === 0 ? boat.beamM : boat.lengthM)) / 2 + 0.5 &&
          Math.cos(motion.heading - heading) > Math.cos(inBerth.straightDeg * radPerDeg) &&
          Math.hypot(motion.groundU, motion.groundV) < inBerth.stoppedMs
        );
      },
    };
  },
});

/** A box as an open line: without the side that is farthest from her. */
function facing(box: readonly Point[], { start }: Lain): [number, number][] {
  const far = (at: number): number => {
    const [[ax, ay], [bx, by]] = [box[at] ?? [0, 0], box[(at + 1) % box.length] ?? [0, 0]];
    return Math.hypot((ax + bx) / 2 - start.x, (ay + by) / 2 - start.y);
  };
  const farthest = box.map((_, at) => at).toSorted((a, b) => far(b) - far(a))[0] ?? 0;
  return box.map((_, at): [number, number] => {
    const [x, y] = box[(farthest + 1 + at) % box.length] ?? [0, 0];
    return [x, y];
  });
}

function viewOf({ start, out, others, clearM }: Lain, { lengthM }: HandledBoat): [number, number, number, number] {
  const reachM = clearM + 1.3 * lengthM;
  const points: Point[] = [[start.x, start.y], [out[0] * reachM, out[1] * reachM], ...others.flat()];
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const marginM = 0.8 * lengthM;
  return [Math.min(...xs) - marginM, Math.min(...ys) - marginM, Math.max(...xs) + marginM, Math.max(...ys) + marginM];
}
