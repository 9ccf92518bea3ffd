import type { Field } from "@/core/underway/known";
import { FigureRow } from "./FigureRow";
import styles from "./Planner.module.css";
import type { Corrected } from "./usePlanner";

interface Props<Name extends string> {
  corrected: Corrected<Name>;
  fields: Readonly<Record<Name, Field>>;
  names: readonly Name[];
  label: (name: Name) => string;
  hint?: (name: Name) => string | undefined;
  /** where a slider begins while nobody knows the figure */
  begins?: Partial<Record<Name, number>>;
  now: string;
}

/** Figures of a planner, one row each. */
export function FigureRows<Name extends string>({ corrected, fields, names, label, hint, begins, now }: Props<Name>) {
  const { figures, typed, correct, takeBack } = corrected;
  return (
    <ul className={styles.rows}>
      {names.map((name) => (
        <FigureRow
          key={name}
          label={label(name)}
          field={fields[name]}
          figure={figures[name]}
          now={now}
          begins={begins?.[name] ?? fields[name].least}
          hint={hint?.(name) ?? ""}
          onChange={(value) => correct(name, value)}
          onTakeBack={typed[name] ? () => takeBack(name) : null}
        />
      ))}
    </ul>
  );
}
