import type { Words } from "../basics/words";
import type { Stop } from "../yacht/parts/handover";
import type { System, YachtFile } from "../yacht/schema";
import { byOrder } from "../yacht/by-order";
import { takesUp } from "../yacht/purposes";

/** What the briefing takes up at one stop: procedures, oddities and fittings of one subject. Named as its stop. */
export interface Topic {
  id: string;
  title: Words;
  system: System;
  place: string;
  minutes: number;
  safety: boolean;
  procedures: string[];
  oddities: string[];
  fittings: string[];
}

/**
 * The topics of a yacht, in the order of her places. No oddity is without a topic: it belongs to those that use its
 * fitting at its place, else to those of its system there, and so on to whatever is nearest to it.
 */
export function topicsOf(file: YachtFile): Topic[] {
  const stops = Object.entries(file.stops);
  const uses = (stop: Stop, fitting: string | undefined) =>
    fitting !== undefined &&
    stop.topics.some((key) => file.procedures[key]?.steps.some((step) => step.fitting === fitting));
  const homes = new Map<string, string[]>();
  for (const [key, { system, place, fitting }] of Object.entries(file.oddities)) {
    const nearness: ((stop: Stop) => boolean)[] = [
      (stop) => stop.system === system && stop.place === place && uses(stop, fitting),
      (stop) => stop.place === place && uses(stop, fitting),
      (stop) => stop.system === system && stop.place === place,
      (stop) => stop.system === system && uses(stop, fitting),
      (stop) => uses(stop, fitting),
      (stop) => stop.system === system,
      (stop) => stop.place === place,
      () => true,
    ];
    homes.set(
      key,
      nearness
        .map((test) => stops.filter(([, stop]) => test(stop)).map(([id]) => id))
        .find((found) => found.length > 0) ?? [],
    );
  }
  return byOrder(stops.map(([id, stop]) => ({ id, stop, order: file.places[stop.place]?.order ?? 0 }))).map(
    ({ id, stop }) => ({
      id,
      title: titleOf(file, id),
      system: stop.system,
      place: stop.place,
      minutes: stop.minutes,
      safety: stop.safety,
      procedures: [...stop.topics],
      oddities: [...homes].filter(([, at]) => at.includes(id)).map(([key]) => key),
      fittings: Object.entries(file.fittings)
        .filter(([, fitting]) => takesUp(stop, fitting))
        .map(([key]) => key),
    }),
  );
}

/** What a stop is called: its own title, else its first procedure's, else its place's name. */
export function titleOf(file: YachtFile, stop: string): Words {
  const found = file.stops[stop];
  return (
    found?.title ??
    file.procedures[found?.topics[0] ?? ""]?.title ??
    file.places[found?.place ?? ""]?.name ?? { en: stop }
  );
}
