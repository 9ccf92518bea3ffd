import { useState } from "react";
import { withTyped, type Field, type Figures, type Typed } from "@/core/underway/known";
import { keepTyped, typedOf } from "../../store/planner-typed";

/** What a planner's rows need: the figures as they stand, and how one is corrected and taken back. */
export interface Corrected<Name extends string> {
  figures: Figures<Name>;
  typed: Typed<Name>;
  correct: (name: Name, value: number) => void;
  takeBack: (name: Name) => void;
}

/**
 * The figures of a planner with what was corrected of them on this device.
 *
 * @param known made from what was typed, where one figure hangs on another
 */
export function usePlanner<Name extends string>(
  stay: string,
  planner: string,
  fields: Readonly<Record<Name, Field>>,
  known: (typed: Typed<Name>) => Figures<Name>,
): Corrected<Name> {
  const [typed, setTyped] = useState(() => typedOf<Name>(stay, planner));
  const keep = (next: Typed<Name>) => {
    setTyped(next);
    keepTyped(stay, planner, next as Typed<string>);
  };
  return {
    figures: withTyped(known(typed), typed, fields),
    typed,
    correct: (name, value) => keep({ ...typed, [name]: { value, at: new Date().toISOString() } }),
    takeBack: (name) => {
      const { [name]: _gone, ...rest } = typed;
      keep(rest as Typed<Name>);
    },
  };
}
