import { useId, type ReactNode } from "react";
import styles from "./Field.module.css";

interface Props {
  label: string;
  hint?: string;
  error?: string | null;
  children: (ids: {
    id: string;
    "aria-describedby": string | undefined;
    "aria-invalid": boolean;
    className: string;
  }) => ReactNode;
}

/** A labelled field with its hint and its error beside it. */
export function Field({ label, hint, error, children }: Props) {
  const id = useId();
  const described = error || hint ? `${id}-says` : undefined;
  return (
    <div className={styles.field}>
      <label htmlFor={id}>{label}</label>
      {children({ id, "aria-describedby": described, "aria-invalid": Boolean(error), className: styles.input ?? "" })}
      {described && (
        <p id={described} className={error ? styles.error : styles.hint} role={error ? "alert" : undefined}>
          {error ?? hint}
        </p>
      )}
    </div>
  );
}
