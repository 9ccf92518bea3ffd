"use client";
import styles from "./Sign.module.css";

/** Something that both say they mean, before it is sealed. */
export function Sure({
  words,
  checked,
  onChange,
}: {
  words: string;
  checked: boolean;
  onChange: (to: boolean) => void;
}) {
  return (
    <label className={styles.sure}>
      <input type="checkbox" checked={checked} onChange={(event) => onChange(event.target.checked)} />
      {words}
    </label>
  );
}
