import styles from "./OddNote.module.css";

/** "Odd on this boat": always the same brass-edged note, the first thing read at a place. */
export function OddNote({ title, children }: { title: string; children: string }) {
  return (
    <p className={styles.note}>
      <strong>{title}</strong> {children}
    </p>
  );
}
