import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "./Emergency.module.css";

/** One emergency card: its caution in alarm colours, then what to do, in order. */
export function EmergencyCard({
  file,
  card,
  isOpen = false,
}: {
  file: YachtFile;
  card: YachtFile["emergencyCards"][string];
  isOpen?: boolean;
}) {
  return (
    <details className={styles.card} open={isOpen}>
      <summary>{localizeFigures(file, card.title)}</summary>
      <p className={styles.caution}>{localizeFigures(file, card.caution)}</p>
      <ol>
        {card.steps.map((step, index) => (
          <li key={index}>{localizeFigures(file, step)}</li>
        ))}
      </ol>
    </details>
  );
}
