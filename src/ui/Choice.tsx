import type { ReactNode } from "react";
import { Button } from "./Button";
import styles from "./Choice.module.css";

interface Props<T extends string> {
  label: string;
  options: readonly { value: T; word: string; /** how it looks, above its word */ picture?: ReactNode }[];
  value: T | null;
  onChoose: (value: T) => void;
}

/** A few choices side by side, one of which is taken; told by word, fill and pressed state. */
export function Choice<T extends string>({ label, options, value, onChoose }: Props<T>) {
  return (
    <div role="group" aria-label={label} className={styles.choice}>
      {options.map((option) => (
        <Button
          key={option.value}
          look={option.value === value ? "chosen" : "plain"}
          aria-pressed={option.value === value}
          onClick={() => onChoose(option.value)}
        >
          {option.picture}
          {option.word}
        </Button>
      ))}
    </div>
  );
}
