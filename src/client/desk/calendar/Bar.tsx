"use client";
import { memo } from "react";
import styles from "./Calendar.module.css";
import { barTopPx, hullPath, rowPx, type PlacedBar } from "./sizes";

interface Props extends PlacedBar {
  /** what she is called for who hears the page: days and who */
  label: string;
  /** how far the charter has come, in full and as short as it can be said */
  states: readonly string[];
  /** what runs out while she is out */
  runsOut: string | null;
  /** whether the arrows are at it */
  isHere: boolean;
  isMoving: boolean;
}

const letterPx = 7.2;
const leastRoomPx = 44;
/** The last word of a name, by which people are called at the quay. */
const lastWord = (name: string) => name.split(" ").at(-1) ?? name;
/** The first of some wordings that fits into a width: a word cut off says less than a shorter one. */
const fitting = (wordings: readonly string[], px: number): string =>
  wordings.find((words) => words.length * letterPx <= px) ?? "";

/** One charter as a hull from out to back, its state in word and drawing. */
export const Bar = memo(function Bar({
  stay,
  row,
  fromPx,
  toPx,
  freePx,
  label,
  states,
  runsOut,
  isHere,
  isMoving,
}: Props) {
  const top = row * rowPx + barTopPx;
  const room = toPx - fromPx - 20;
  return (
    <g
      data-bar={stay.id}
      role="link"
      tabIndex={isHere ? 0 : -1}
      aria-label={label}
      className={`${styles.bar} ${styles[stay.state]} ${isMoving ? styles.moving : ""}`}
    >
      <title>{label}</title>
      {freePx > toPx && <rect className={styles.turn} x={toPx - 8} y={top + 9} width={freePx - toPx + 8} height={20} />}
      <path className={styles.hull} d={hullPath(fromPx, toPx, top)} />
      {room < leastRoomPx ? (
        // a day out is too narrow to be written in: its number stands behind it
        <text x={toPx + 4} y={top + 24} className={`${styles.first} ${styles.beside}`}>
          {stay.reference}
        </text>
      ) : (
        <>
          <text x={fromPx + 8} y={top + 16} className={styles.first}>
            {fitting([`${stay.reference} ${lastWord(stay.skipper)}`, stay.reference], room)}
          </text>
          <text x={fromPx + 8} y={top + 31} className={styles.second}>
            {fitting(states, room)}
          </text>
        </>
      )}
      {runsOut !== null && (
        <g className={styles.stop}>
          <title>{runsOut}</title>
          <rect x={toPx - 30} y={top + 10} width={16} height={16} />
          <path d={`M${toPx - 30} ${top + 18}h16`} />
        </g>
      )}
    </g>
  );
});
