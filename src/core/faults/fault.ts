import type { Words } from "../basics/words";
import type { System, YachtFile } from "../yacht/schema";
import { faultKinds } from "./kinds";
import type { CheckSpec, FaultKind, Found, Part, Safety, Urgency } from "./kinds/kind";

/** One question about what is wrong, with where one stands for it. */
export interface Check {
  key: string;
  /** its words in the catalogue */
  code: string;
  fitting: string | null;
  place: string;
  chance: number;
  seconds: number;
  after: readonly string[];
  isSafety: boolean;
  found: Found;
  waitMinutes: number | null;
  /** a second time it is not to be done: then the base is called */
  isOnce: boolean;
  figures: Readonly<Record<string, number>>;
}

/** What can be wrong with this yacht, and what is looked at then. */
export interface Fault {
  /** its kind, and of which part where she has several: `head-blocked`, `head-blocked.fore` */
  key: string;
  kind: string;
  system: System;
  urgency: Urgency;
  part: { key: string; name: Words } | null;
  /** where one stands when it is noticed */
  place: string;
  safe: readonly Safety[];
  checks: readonly Check[];
  never: readonly string[];
  asked: FaultKind["asked"];
}

/** The kind of a fault, from its key. */
export const kindOf = (fault: string): string => fault.split(".", 1)[0] ?? fault;

/** Every usual fault of a yacht, filled from her file: nothing is asked of what she has not got. */
export function faultsOf(file: YachtFile): Fault[] {
  return faultKinds.flatMap((kind) =>
    kind.on(file).flatMap((part) => {
      const checks = kind.checks(file, part).map((spec) => checkOf(file, part, spec));
      return checks.length === 0 ? [] : [faultOf(kind, part, checks)];
    }),
  );
}

const faultOf = ({ kind, system, urgency, safe, never, asked }: FaultKind, part: Part, checks: Check[]): Fault => ({
  key: part.key === null ? kind : `${kind}.${part.key}`,
  ...{ kind, system, urgency, safe, never, asked, checks },
  part: part.key === null || part.name === null ? null : { key: part.key, name: part.name },
  place: part.place,
});

const checkOf = (file: YachtFile, part: Part, spec: CheckSpec): Check => ({
  key: spec.key ?? spec.code,
  code: spec.code,
  fitting: spec.fitting ?? null,
  place: file.fittings[spec.fitting ?? ""]?.place ?? spec.place ?? part.place,
  ...{ chance: spec.chance, seconds: spec.seconds, figures: spec.figures ?? {} },
  after: spec.after ?? [],
  isSafety: spec.safety ?? false,
  found: spec.found ?? "cure",
  waitMinutes: spec.waitMinutes ?? null,
  isOnce: spec.once ?? false,
});
