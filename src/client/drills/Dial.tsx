import styles from "./Drills.module.css";

/** From where to where the needle goes, degrees from upright. */
const fromDeg = -120;
const overDeg = 240;

/** A gauge with a needle, told in figures beneath as well. */
export function Dial({ label, value, most, words }: { label: string; value: number; most: number; words: string }) {
  const share = Math.min(1, Math.max(0, value / most));
  const ticks = Array.from({ length: 7 }, (_, at) => fromDeg + (at * overDeg) / 6);
  return (
    <figure className={styles.dial}>
      <svg viewBox="0 0 100 100" aria-hidden="true">
        <circle cx="50" cy="50" r="48" />
        {ticks.map((deg) => (
          <line key={deg} x1="50" y1="5" x2="50" y2="13" transform={`rotate(${deg} 50 50)`} />
        ))}
        <line data-needle="" x1="50" y1="50" x2="50" y2="14" transform={`rotate(${fromDeg + share * overDeg} 50 50)`} />
      </svg>
      <figcaption>
        {label} <strong>{words}</strong>
      </figcaption>
    </figure>
  );
}
