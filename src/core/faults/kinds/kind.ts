import type { Words } from "../../basics/words";
import type { CardPurpose, FittingPurpose } from "../../yacht/parts/purposes";
import type { System, YachtFile } from "../../yacht/schema";

/** How soon somebody should look at it. */
export const urgencies = ["now", "today", "tomorrow"] as const;
export type Urgency = (typeof urgencies)[number];

/** What is made safe first, in this order, whatever the fault. */
export const safeties = ["people", "water", "fire", "gas", "position", "device"] as const;
export type Safety = (typeof safeties)[number];

/**
 * Where a check leads that finds its cause: to a cure, to the base, to a licensed technician by way of the base, to a card or another fault; or looking was itself the
 * cure (`worked`), or made her safe alone and finds nothing (`next`).
 */
export type Found = "cure" | "call" | "licensed" | "worked" | "next" | { card: CardPurpose } | { fault: string };

/** A part that can have a fault: the yacht as a whole, or one of several engines or heads. */
export interface Part {
  /** null where there is one */
  key: string | null;
  name: Words | null;
  /** where one stands when it is noticed */
  place: string;
}

/** One question about a fault, as a kind of fault puts it together from her file. Its words stand in the catalogue under its code. */
export interface CheckSpec {
  code: string;
  /** what it is called in this fault, where the code stands twice in it */
  key?: string;
  fitting?: string | undefined;
  place?: string | undefined;
  /** that it is the cause, before anything was learned: DOMAIN's order of how often */
  chance: number;
  /** to look, without the walk */
  seconds: number;
  after?: readonly string[];
  safety?: boolean;
  found?: Found;
  /** what must pass before it is tried again: a motor cools */
  waitMinutes?: number | undefined;
  /** a second time it is not to be done */
  once?: boolean;
  /** figures of hers that its words name */
  figures?: Readonly<Record<string, number>>;
}

/** A kind of fault: on which parts of a yacht it can be, and what is looked at there. */
export interface FaultKind {
  kind: string;
  system: System;
  urgency: Urgency;
  safe: readonly Safety[];
  /** the parts that can have it; none where she has no such thing */
  on: (file: YachtFile) => readonly Part[];
  checks: (file: YachtFile, part: Part) => readonly CheckSpec[];
  /** what never to do, by its code in the catalogue */
  never: readonly string[];
  /** what people say who do not know the word for it */
  asked: { en: readonly string[]; de: readonly string[] };
}

/** The fitting of that purpose: the only one, the one where the part is, or the one on its side. None where that is not clear. */
export function fittingFor(file: YachtFile, purpose: FittingPurpose, place?: string): string | undefined {
  const all = Object.entries(file.fittings).filter(
    ([, fitting]) => fitting.purpose === purpose && fitting.outOfUse === undefined,
  );
  const side = file.places[place ?? ""]?.side;
  const there = all.filter(([, fitting]) => fitting.place === place);
  const beside = all.filter(([, fitting]) => side !== undefined && file.places[fitting.place]?.side === side);
  return [all, there, beside].find((each) => each.length === 1)?.[0]?.[0];
}

/** The check, where she has that fitting. */
export const atFitting = (fitting: string | undefined, spec: Omit<CheckSpec, "fitting">): readonly CheckSpec[] =>
  fitting === undefined ? [] : [{ ...spec, fitting }];

/** The whole yacht as the part, noticed where that fitting is; nothing where she has none. */
export const onFitting =
  (...purposes: readonly FittingPurpose[]) =>
  (file: YachtFile): readonly Part[] => {
    const fitting = purposes.map((purpose) => anyFitting(file, purpose)).find((key) => key !== undefined);
    const place = file.fittings[fitting ?? ""]?.place;
    return place === undefined ? [] : [{ key: null, name: null, place }];
  };

/** Any fitting of that purpose. */
export const anyFitting = (file: YachtFile, purpose: FittingPurpose): string | undefined =>
  Object.keys(file.fittings).find(
    (key) => file.fittings[key]?.purpose === purpose && file.fittings[key].outOfUse === undefined,
  );

/** Her parts of one collection, told apart by name where there are several. */
export function partsOf(parts: Readonly<Record<string, { name: Words; place: string; outOfUse?: unknown }>>): Part[] {
  const all = Object.entries(parts).filter(([, { outOfUse }]) => outOfUse === undefined);
  return all.map(([key, { name, place }]) =>
    all.length === 1 ? { key: null, name: null, place } : { key, name, place },
  );
}

/** A breaker that may have tripped: pushed back once after its wait, where her file lets a crew. */
export const breaker = (file: YachtFile, fitting: string | undefined, chance: number): readonly CheckSpec[] => {
  const part = file.fittings[fitting ?? ""];
  return part === undefined
    ? []
    : [
        {
          code: "breaker",
          fitting,
          ...{ chance, seconds: 40, once: true },
          found: part.mayReset === "call-first" ? "call" : "cure",
          waitMinutes: part.mayReset === "call-first" ? undefined : (part.waitMinutes ?? 5),
        },
      ];
};

/** A fuse that is for the base or a technician. */
export const fuse = (fitting: string | undefined, chance: number): readonly CheckSpec[] =>
  atFitting(fitting, { code: "fuse", chance, seconds: 60, found: "call" });
